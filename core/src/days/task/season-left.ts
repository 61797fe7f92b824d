import { addDays, type Day } from '../../base/calendar/index.ts'
import { situations } from '../../soil/acid-plan/index.ts'
import { seasonLimitOf, seasonNutrients, seasonOf, seasonSums } from '../../soil/season/index.ts'
import { groundOf } from '../../stand/plant/index.ts'
import { applicationsOf, type LabelledProduct } from '../entry/index.ts'
import type { PlanStand } from '../planner/index.ts'
import type { DatedStand, KeptOfPlace, PlaceRules } from './facts.ts'

/** What this season and the next may still bring to a stand [kg/ha]; nothing said is no limit. */
export function seasonLeftOf(
  stand: DatedStand,
  planning: KeptOfPlace,
  {
    products,
    settings,
    today,
  }: {
    readonly products: readonly LabelledProduct[]
    readonly settings: PlaceRules
    readonly today: Day
  },
): PlanStand['seasonLeft'] {
  const groundM2 = groundOf(stand.size, stand.measures ?? {})
  if (groundM2 === undefined) return {}
  const ofStand = <Row extends { readonly standId: string }>(rows: readonly Row[]) =>
    rows.filter(({ standId }) => standId === stand.id)
  const applications = applicationsOf(
    {
      entries: ofStand(planning.entries),
      jobs: ofStand(planning.jobs),
      remedies: ofStand(planning.remedies),
    },
    products,
  ).filter(({ isPlanned }) => !isPlanned)
  const plan = ofStand(planning.acidPlans).at(-1)
  const isBare = plan !== undefined && !situations[plan.situation].isLiving
  const { context, plantId } = stand
  const own = { context, plantId, ownLimits: settings.seasonLimits }
  return Object.fromEntries(
    [today, addDays(today, 366)].map((on) => {
      const sums = seasonSums({ ...own, on, groundM2, applications })
      const left = seasonNutrients.flatMap((nutrient) => {
        const limit = seasonLimitOf(nutrient, own)
        // Sulfur worked into bare ground is held to its plan, not to what living roots bear.
        if (!limit || (isBare && nutrient === 'S')) return []
        const done = sums.find((sum) => sum.nutrient === nutrient)?.kgPerHa ?? 0
        return [[nutrient, limit.value - done] as const]
      })
      return [seasonOf(on), Object.fromEntries(left)]
    }),
  )
}
