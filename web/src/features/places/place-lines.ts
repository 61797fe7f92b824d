import type { PlaceStateDto } from '@spudder/contract/overview'
import { greennessWords, leafColour } from '@spudder/core/seen/colour'
import { dayWords } from '../../shared/units/today.ts'

export const placesPerPage = 20

type State = PlaceStateDto | null

/** The palest stand of a place, in words and as its leaves are painted. */
export function leavesOf(state: State): { readonly words: string; readonly paint?: string } {
  if (!state) return { words: 'not for you to see' }
  const { palest } = state
  if (!palest) return { words: 'nobody looked yet' }
  const { standName, greenness, seenOn } = palest
  return {
    words: `${greennessWords(greenness)}, ${standName}, ${dayWords(seenOn)}`,
    paint: leafColour(greenness),
  }
}

/** What is to be done there now. */
export function workWords(state: State): string {
  if (!state) return ''
  const { overdue, dueToday } = state
  const parts = [
    ...(overdue > 0 ? [`${overdue} overdue`] : []),
    ...(dueToday > 0 ? [`${dueToday} today`] : []),
  ]
  return parts.length > 0 ? parts.join(', ') : 'nothing today'
}

export const nextWords = (state: State): string =>
  state?.nextOn ? `on ${dayWords(state.nextOn)}` : ''

/** Products that do not last, and when the first of them ends. */
export function shortWords(state: State): string {
  const short = (state?.short ?? []).toSorted((a, b) => a.shortOn.localeCompare(b.shortOn))
  const [first, ...others] = short
  if (!first) return ''
  const more = others.length > 0 ? ` and ${others.length} more` : ''
  return `${first.name}${more}, ${dayWords(first.shortOn)}`
}
