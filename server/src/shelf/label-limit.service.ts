import { labelProblems } from '@spudder/core/apply/work'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../problem/service-error.ts'
import type { ProductRow } from './product.repository.ts'
import type { StandRow } from '../stand/stand.repository.ts'
import { selectDoneOn, selectPlannedUses, type PlannedRemedy } from './label-limit.repository.ts'

/** Product and water of one day on one stand. */
interface DayUse {
  readonly productKg: number
  readonly carrierL: number
}

type Calculated = Pick<PlannedRemedy, 'route' | 'sourceId' | 'contentShare' | 'weighedKgPerL'>

/** What the label has against a day's use of a product on a stand; undefined where nothing. */
function labelWords(
  product: Pick<ProductRow, 'labelMaximum' | 'densityKgPerL'>,
  stand: StandRow,
  by: Calculated,
  { productKg, carrierL }: DayUse,
): string | undefined {
  const [problem] = labelProblems({
    context: stand.context,
    route: by.route,
    sourceId: by.sourceId,
    size: stand.size,
    measures: stand.measures ?? undefined,
    contentShare: by.contentShare,
    weighedKgPerL: by.weighedKgPerL ?? product.densityKgPerL ?? undefined,
    labelMaximum: product.labelMaximum ?? undefined,
    productKg,
    carrierL,
  })
  return problem?.words
}

const sum = (uses: readonly DayUse[]): DayUse => ({
  productKg: uses.reduce((total, { productKg }) => total + productKg, 0),
  carrierL: uses.reduce((total, { carrierL }) => total + carrierL, 0),
})

/** An application that is about to be put on a day. */
export interface NewUse extends DayUse {
  readonly product: ProductRow
  readonly stand: StandRow
  readonly by: Calculated
  readonly day: string
  /** The job that is moved, not to be counted where it was. */
  readonly exceptJobId?: string
}

/**
 * The label is a hard limit, whatever the way: what is planned and done of a product on a stand on a
 * day counts as one application.
 * @throws {ServiceError} invalid-body, with the words of the limit
 */
export async function requireDayWithinLabel(connection: Connection, use: NewUse): Promise<void> {
  const { product, stand, by, day } = use
  if (!product.labelMaximum) return
  const planned = (await selectPlannedUses(connection, product.id)).filter(
    ({ job }) => job.standId === stand.id && job.dueOn === day && job.id !== use.exceptJobId,
  )
  const done = await selectDoneOn(connection, { productId: product.id, standId: stand.id, day })
  const all = sum([
    use,
    ...planned.map(({ job, remedy }) => ({
      productKg: remedy.productKg * job.share,
      carrierL: remedy.carrierL * job.share,
    })),
    ...done.map(({ productKg, waterL }) => ({ productKg, carrierL: waterL })),
  ])
  const words = labelWords(product, stand, by, all)
  if (words === undefined) return
  const others = all.productKg > use.productKg ? ` With what else is on ${day}:` : ''
  const message = `${others} ${words}`.trim()
  throw new ServiceError('invalid-body', message, [{ field: 'rateValue', message }])
}

/**
 * A product whose label changes may leave no plan behind that is over it.
 * @throws {ServiceError} conflict, naming the job to drop first
 */
export async function requirePlansWithinLabel(
  connection: Connection,
  product: ProductRow,
): Promise<void> {
  if (!product.labelMaximum) return
  const uses = await selectPlannedUses(connection, product.id)
  for (const { job, remedy, stand } of uses) {
    const sameDay = uses.filter(
      (each) => each.job.standId === stand.id && each.job.dueOn === job.dueOn,
    )
    const all = sum(
      sameDay.map((each) => ({
        productKg: each.remedy.productKg * each.job.share,
        carrierL: each.remedy.carrierL * each.job.share,
      })),
    )
    const words = labelWords(product, stand, remedy, all)
    if (words === undefined) continue
    throw new ServiceError(
      'conflict',
      `${stand.name} has a job of it on ${job.dueOn}. ${words} Drop that job first.`,
    )
  }
}
