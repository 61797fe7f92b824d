import { numberIn } from '../../shared/form/number-text.ts'
import { formatNumber, typedNumber } from '@spudder/core/base/writing'
import type { SprayerSetupDto } from '@spudder/contract/sprayer'
import { CoreError } from '@spudder/core/base/error'
import {
  parseQuantity,
  quantityOf,
  valueIn,
  type Dimension,
  type UnitSystem,
} from '@spudder/core/base/quantity'
import {
  sprayerKindOf,
  type MeasureName,
  type NozzleKind,
  type SprayerKind,
} from '@spudder/core/apply/sprayer'

/** A sprayer as it is typed. */
export const freshSetupDraft = (system: UnitSystem) => ({
  id: crypto.randomUUID() as string,
  /** The sprayer that is changed; empty for a new one. */
  editing: '',
  /** The state of it that was seen; empty for a new one. */
  seen: '',
  name: '',
  kind: 'backpack' as SprayerKind | undefined,
  tank: system === 'us' ? '4 gal' : '15 L',
  nozzleKind: 'flat-fan' as NozzleKind,
  nozzleSize: '03',
  nozzleCount: '1',
  spacing: system === 'us' ? '20 in' : '50 cm',
  pressure: system === 'us' ? '40 psi' : '3 bar',
  speed: system === 'us' ? '4 mph' : '6 km/h',
  ratio: '100',
})
export type SetupDraft = ReturnType<typeof freshSetupDraft>

/** A set-up as read, or what is wrong in which field. */
interface ReadSetup {
  readonly setup: Readonly<Record<string, unknown>>
  readonly problems: Readonly<Record<string, string>>
}

/** Reads a set-up from what is typed; bounds are the request's to check. */
export function readSetup(draft: SetupDraft): ReadSetup {
  const problems: Record<string, string> = {}
  const quantity = (field: keyof SetupDraft, dimension: Dimension, unit: string) => {
    try {
      return valueIn(parseQuantity(draft[field] ?? '', dimension), unit)
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      problems[field] = error.sentence()
      return undefined
    }
  }
  const kind = draft.kind ?? 'backpack'
  const readMeasure: Readonly<Record<MeasureName, () => unknown>> = {
    nozzleKind: () => draft.nozzleKind,
    nozzleSize: () => draft.nozzleSize,
    nozzleCount: () => numberIn(draft.nozzleCount),
    spacingM: () => quantity('spacing', 'length', 'm'),
    pressureBar: () => quantity('pressure', 'pressure', 'bar'),
    speedKmPerH: () => quantity('speed', 'length/time', 'km/h'),
    ratio: () => numberIn(draft.ratio),
  }
  const measures = sprayerKindOf(kind).measures.map((name) => [name, readMeasure[name]()] as const)
  const tankL = quantity('tank', 'volume', 'L')
  return { setup: { kind, tankL, ...Object.fromEntries(measures) }, problems }
}

/** A stored set-up as somebody of the place would type it. */
export function draftOfSetup(setup: SprayerSetupDto, system: UnitSystem): Partial<SetupDraft> {
  const isUs = system === 'us'
  const said = (value: number | undefined, from: string, us: string, metric: string) => {
    const unit = isUs ? us : metric
    return `${formatNumber(valueIn(quantityOf(value ?? 0, from), unit))} ${unit}`
  }
  const sayMeasure: Readonly<Record<MeasureName, () => Partial<SetupDraft>>> = {
    nozzleKind: () => (setup.nozzleKind ? { nozzleKind: setup.nozzleKind } : {}),
    nozzleSize: () => (setup.nozzleSize ? { nozzleSize: setup.nozzleSize } : {}),
    nozzleCount: () => ({ nozzleCount: String(setup.nozzleCount) }),
    spacingM: () => ({ spacing: said(setup.spacingM, 'm', 'in', 'cm') }),
    pressureBar: () => ({ pressure: said(setup.pressureBar, 'bar', 'psi', 'bar') }),
    speedKmPerH: () => ({ speed: said(setup.speedKmPerH, 'km/h', 'mi/h', 'km/h') }),
    ratio: () => ({ ratio: typedNumber(setup.ratio ?? 1) }),
  }
  const measures = sprayerKindOf(setup.kind).measures.map((name) => sayMeasure[name]())
  return {
    kind: setup.kind,
    tank: said(setup.tankL, 'L', 'gal', 'L'),
    ...Object.assign({}, ...measures),
  }
}
