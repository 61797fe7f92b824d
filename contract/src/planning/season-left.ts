import { situations } from '@spudder/core/soil/acid-plan'
import { addDays, type Day } from '@spudder/core/base/calendar'
import { seasonLimitOf, seasonOf, seasonSums, type SeasonNutrient } from '@spudder/core/soil/season'
import type { PlanStand } from '@spudder/core/days/planner'
import { applicationsOf, type LabelledProduct } from '../stand/index.ts'
import type { PlaceSettingsDto } from '../place/index.ts'
import type { StandDto } from '../stand/index.ts'
import type { PlanningDto } from './planning.dto.ts'

/** Ground of a stand by which what it gets is counted [m²]; undefined where nobody measured it. */
export const groundOf = ({ size, measures }: Pick<StandDto, 'size' | 'measures'>) =>
  size.kind === 'area' ? size.areaM2 : measures?.groundM2

const nutrients: readonly SeasonNutrient[] = ['Fe', 'N', 'S', 'Mn', 'Zn']

/** What this season and the next may still bring to a stand [kg/ha]; nothing said is no limit. */
export function seasonLeftOf(
  stand: StandDto,
  planning: PlanningDto,
  {
    products,
    settings,
    today,
  }: {
    readonly products: readonly LabelledProduct[]
    readonly settings: PlaceSettingsDto
    readonly today: Day
  },
): PlanStand['seasonLeft'] {
  const groundM2 = groundOf(stand)
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
  const own = { context: stand.context, ownLimits: settings.seasonLimits }
  return Object.fromEntries(
    [today, addDays(today, 366)].map((on) => {
      const sums = seasonSums({ ...own, on, groundM2, applications })
      const left = nutrients.flatMap((nutrient) => {
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
