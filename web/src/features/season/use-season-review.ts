import type { SeasonDto } from '@spudder/contract/season-review'
import type { LearningDto } from '@spudder/contract/learning'
import { plannerFigures } from '@spudder/core/days/planner'
import type { ExpectedAnswer, SeasonAsked, SeasonReview } from '@spudder/core/outcome/season-review'
import { computed, watch } from 'vue'
import { usePlace } from '../../api/places.ts'
import { useLearning } from '../../api/learning.ts'
import { useSeason } from '../../api/season-reviews.ts'
import { expectedOf, type Known } from '../../shared/known/known.ts'
import { useKnown } from '../../shared/known/use-known.ts'
import { today } from '../../shared/units/today.ts'
import { useWorker } from '../../shared/worker/use-worker.ts'

/** How the leaves of each stand are expected to answer what was put out on it. */
function expectedAnswers(
  { entries }: SeasonDto,
  { stands }: LearningDto,
  known: Known,
): ExpectedAnswer[] {
  const standOf = new Map(stands.map((stand) => [stand.id, stand]))
  const kinds = new Map<string, ExpectedAnswer>()
  for (const { standId, route, sourceId, caseId } of entries) {
    const stand = standOf.get(standId)
    if (!stand || caseId === null) continue
    const response = expectedOf(known, { route, sourceId }, stand)
    kinds.set(`${standId} ${route} ${sourceId}`, { standId, route, sourceId, response })
  }
  return [...kinds.values()]
}

/** Reviews a season of the place at work, anew whenever its record or what is known of it changes. */
export function useSeasonReview(season: () => number) {
  const { place } = usePlace()
  const placeId = () => place.value?.id
  const store = useKnown()
  const told = useSeason(placeId, season)
  const learning = useLearning(placeId)
  const { answer, failure, ask, again } = useWorker<SeasonAsked, never, SeasonReview>({
    what: 'The review',
    open: () => new Worker(new URL('./season.worker.ts', import.meta.url), { type: 'module' }),
    inPlace: async (asked) =>
      (await import('@spudder/core/outcome/season-review')).reviewSeason(asked),
  })
  const question = computed<SeasonAsked | undefined>(() => {
    const [done, seen] = [told.data.value, learning.data.value]
    if (!done || !seen) return undefined
    const [from, last, now] = [`${season()}-01-01`, `${season()}-12-31`, today()]
    return {
      record: {
        ...seen,
        entries: done.entries,
        cases: done.cases.map((each) => ({ ...each, found: each.found, acted: each.acted })),
      },
      eyes: store.known.eyes,
      expected: expectedAnswers(done, seen, store.known),
      latitude: place.value?.settings.latitude,
      learns: store.learns,
      tripCost: place.value?.settings.work?.tripCost ?? plannerFigures.tripCost.value,
      from,
      to: now < last ? now : last,
    }
  })
  watch(question, (now) => now && void ask(now), { immediate: true })
  return {
    place,
    review: answer,
    question,
    failure,
    again,
    problem: computed(() => told.error.value ?? learning.error.value),
    looks: computed(() => told.data.value?.looks ?? []),
    /** How stands look through the year without treatment, where that is expected of them. */
    courses: computed(() => (store.learns ? store.untreated : undefined)),
    /** Colours of the season, and how many of them practice devices made up. */
    colours: computed(() => {
      const { from = '', to = '' } = question.value ?? {}
      const own = learning.data.value?.colours.filter(({ takenOn }) => takenOn >= from && takenOn <= to) // prettier-ignore
      return {
        all: own?.length ?? 0,
        madeUp: own?.filter(({ isSimulated }) => isSimulated).length ?? 0,
      }
    }),
  }
}
