import {
  checkIn,
  checks,
  judgeKnown,
  type Check,
  type FeatureName,
  type Setting,
  type Verdict,
} from '../diagnosis/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import { drillDay, type DrilledPlant } from './draw-case.ts'

/** What may be asked of a drawn plant of a kind of stand, with what it takes there. */
export const checksFor = (context: Context): readonly Check[] =>
  checks
    .filter(({ contexts }) => contexts?.includes(context) ?? true)
    .map((check) => checkIn(check, context))

/** What is known of a plant once these checks are made; those of another kind of stand bring nothing. */
export function knownAfter(
  { shown, answers }: DrilledPlant,
  asked: readonly string[],
): ReadonlyMap<FeatureName, string> {
  const known = new Map(shown)
  for (const { id, reveals } of checks) {
    if (!asked.includes(id)) continue
    for (const name of reveals) {
      const value = answers.get(name)
      if (value !== undefined) known.set(name, value)
    }
  }
  return known
}

/**
 * What the engine thinks of a drawn plant by what was found of it: it is given neither the causes nor
 * the world that they were drawn in.
 */
export const judgePlant = (
  setting: Setting,
  plant: DrilledPlant,
  asked: readonly string[] = [],
): Verdict =>
  judgeKnown({
    setting,
    known: knownAfter(plant, asked),
    events: plant.story,
    lookedOn: drillDay,
  })

/** How likely a cause takes part [1]. */
export const shareOf = ({ involved }: Verdict, causeId: string): number =>
  involved.find(({ cause }) => cause.id === causeId)?.probability ?? 0
