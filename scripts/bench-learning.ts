import { addDays } from '@spudder/core/base/calendar'
import { learnResponses, seenTreatments } from '@spudder/core/outcome/learnt'
import { judgeRegreening } from '@spudder/core/outcome/regreening'
import { untreatedCourse, type UntreatedRecord } from '@spudder/core/outcome/untreated'
import { randomLcg } from 'd3-random'

const perYear = 6
const daysApart = 50

/** A made-up place whose stands were sprayed every fifty days and looked at every week, by two people. */
function placeOf(stands: number, years: number): UntreatedRecord {
  const random = randomLcg(0.31)
  const ids = Array.from({ length: stands }, (_, index) => `stand ${index}`)
  const begun = '2021-01-04'
  const each = Array.from({ length: years * perYear }, (_, at) => at * daysApart)
  return {
    stands: ids.map((id) => ({ id, context: 'turf', plantId: 'creeping-bentgrass' })),
    treatments: ids.flatMap((standId) =>
      each.map((days) => ({
        entryId: `${standId} ${days}`,
        standId,
        appliedOn: addDays(begun, days),
        route: 'leaf',
        sourceId: 'ferrous-sulfate',
      })),
    ),
    colours: ids.flatMap((standId) =>
      each.flatMap((from) =>
        [-2, 5, 12, 19, 26, 33, 40].map((days, index) => ({
          standId,
          kind: 'turfColour' as const,
          value: ([4, 6.5, 7.2, 7, 6.5, 5.5, 5][index] ?? 4) + Math.round(random() * 4 - 2) / 4,
          method: 'eye' as const,
          takenOn: addDays(begun, from + days),
        })),
      ),
    ),
  }
}

/** How long a place takes to learn, and its yardstick: each of the same treatments judged once [ms]. */
export function learningMs(stands: number, years: number) {
  const record = placeOf(stands, years)
  const seen = seenTreatments(record, [])
  const on = addDays('2021-01-04', years * 366)
  const time = (run: () => unknown) => {
    const from = performance.now()
    run()
    return performance.now() - from
  }
  const judge = () =>
    seen.forEach((treatment) => judgeRegreening({ ...treatment, scale: 'turfColour' }))
  return {
    treatments: seen.length,
    judgeMs: time(judge),
    learnMs: time(() => {
      learnResponses(seen, on)
      untreatedCourse(record, { eyes: [], latitude: 51, on })
    }),
  }
}
