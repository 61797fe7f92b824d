import { hasNozzles, type SprayerSetup } from '@spudder/core/apply/sprayer'
import type { StripFacts } from '@spudder/core/days/plan'
import type { Outline } from '@spudder/core/stand/ground'
import { toStandSize } from './stand-size.dto.ts'
import type { StandDto } from './stand.dto.ts'

/** What a strip is laid out by, alike on page and server. */
export function stripFacts(
  { size, measures }: Pick<StandDto, 'size' | 'measures'>,
  setup: SprayerSetup | undefined,
): StripFacts {
  return {
    size: toStandSize(size),
    outline: (measures?.outline ?? undefined) as unknown as Outline | undefined,
    swathM: setup && hasNozzles(setup) ? setup.nozzleCount * setup.spacingM : undefined,
  }
}
