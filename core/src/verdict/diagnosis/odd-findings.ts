import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import type { Findings } from '../../seen/finding/index.ts'
import { oddFizzBelowPH, readingsFrom, type Reading } from '../../seen/reading/index.ts'
import type { DatedEvent } from './evidence.ts'
import { bounds } from './data/bounds.ts'
import { ofSick } from './read-tests.ts'
import { storyEventOf, type StoryEventKind } from './data/events.ts'

/** What is known beside the findings. */
interface KnownBeside {
  readonly lookedOn: Day
  readonly events: readonly DatedEvent[]
  /** pH while the leaves grew; undefined where nobody knows. */
  readonly pH: number | undefined
  readonly readings: readonly Reading[]
}

/** A laboratory that says the opposite of the dropper. */
function oddLime({ fizz }: Findings, readings: readonly Reading[]): string[] {
  const newest = readingsFrom(readings, 'calciumCarbonate', ofSick).toSorted((a, b) =>
    b.takenOn.localeCompare(a.takenOn),
  )[0]
  if (!newest) return []
  const found = `${formatNumber(newest.value, 2)} % free lime`
  const none = fizz === 'strong' && newest.value < bounds.limeUnseenBelow.value
  const much = fizz === 'none' && newest.value > bounds.limeSeenFrom.value
  if (none)
    return [
      `A strong fizz, yet a laboratory found ${found}: was it the same ground? Sample both again.`,
    ]
  return much
    ? [`No fizz, yet a laboratory found ${found}: try a stronger acid on the same ground.`]
    : []
}

/**
 * Findings that do not go together, or that what was told speaks against: each as a sentence that says
 * what to look at again.
 */
export function oddFindings(
  findings: Findings,
  { lookedOn, events, pH, readings }: KnownBeside,
): readonly string[] {
  const told = (...kinds: readonly StoryEventKind[]) =>
    events.find(({ kind, happenedOn }) => {
      const ago = daysBetween(happenedOn, lookedOn)
      return kinds.includes(kind) && ago >= 0 && ago <= bounds.justNowDays.value
    })
  const odd: string[] = []
  const sayTold = (event: DatedEvent | undefined, words: string) => {
    if (event)
      odd.push(
        `The story says “${storyEventOf(event.kind).words}”, the look says ${words}: ask again.`,
      )
  }
  if (findings.fizz === 'strong' && pH !== undefined && pH < oddFizzBelowPH.value) {
    odd.push(
      `A strong fizz at pH ${formatDecimals(pH, 1)}: shell, mortar or fresh lime in the sample; take another.`,
    )
  }
  odd.push(...oddLime(findings, readings))
  if (findings.sprayed === 'no')
    sayTold(told('herbicide', 'spill'), 'nothing was sprayed or spilled')
  if (findings.feedIron === 'no') sayTold(told('iron-given'), 'no iron in the feed')
  if (findings.wetness === 'dry') sayTold(told('flood'), 'the ground was dry')
  if (findings.rain === 'no') sayTold(told('heavy-rain', 'flood'), 'no weeks of heavy rain')
  if (findings.warmth === 'warm') sayTold(told('cold-spell'), 'warm roots for three weeks')
  if (findings.roots === 'white' && findings.clinic === 'root-rot') {
    odd.push('White roots and a clinic that found root rot: dig at the plant that was sent in.')
  }
  const isYoung = findings.tier === 'youngest-only' || findings.tier === 'youngest-spreading-down'
  if (isYoung && findings.newestLeaves === 'greener') {
    odd.push(
      'The youngest leaves are pale, and the newest greener than those below: look which leaves it is.',
    )
  }
  return odd
}
