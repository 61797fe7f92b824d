import type { JobDto } from '@spudder/contract/job'
import type { RemedyDto } from '@spudder/contract/remedy'
import type { ProductDto } from '@spudder/contract/shelf'
import type { SprayerDto } from '@spudder/contract/sprayer'
import { amountsOf } from '@spudder/core/days/task'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import { clockOf, today } from '../units/today.ts'

/** What a record is begun with: everything as it was planned. */
export interface Planned {
  readonly productKg: number
  readonly waterL: number
  readonly lot: string
  readonly equipment: string
  /** What goes out, by its name; of the shelf where there is an id. */
  readonly name: string
  readonly productId: string | null
  readonly contentShare: number | undefined
  readonly partners: { readonly kindId: string; readonly name: string; readonly dose: string }[]
}

/** What was planned of a job, as far as its record repeats it. */
export function plannedOf(
  job: JobDto,
  remedy: RemedyDto | undefined,
  from: { readonly products: readonly ProductDto[]; readonly sprayers: readonly SprayerDto[] },
): Planned {
  return {
    ...amountsOf(job, remedy),
    lot: from.products.find(({ id }) => id === remedy?.productId)?.lot ?? '',
    equipment: from.sprayers.find(({ id }) => id === remedy?.sprayerId)?.name ?? '',
    name: job.appliedName ?? job.title,
    productId: remedy?.productId ?? job.productId,
    contentShare: remedy?.contentShare,
    partners: (remedy?.partners ?? [])
      .filter(({ isApart }) => !isApart)
      .map(({ kindId, name, dose }) => ({ kindId, name, dose })),
  }
}

const workerKey = 'spudder:worker'
/** Who recorded last on this device is likely to again. */
const lastWorker = (): string => localStorage.getItem(workerKey) ?? ''
export const rememberWorker = (name: string): void => localStorage.setItem(workerKey, name)

/** Amounts as they are planned, in words of the place. */
export const plannedWords = ({ productKg, waterL }: Planned, system: UnitSystem) => ({
  product: amountWords('mass', productKg, system),
  water: amountWords('volume', waterL, system),
})

/** A record as it is typed, with the actuals filled in as planned and the end as now. */
export const freshRecord = (
  planned: Planned,
  system: UnitSystem,
  { licence = '', since }: { readonly licence?: string; readonly since?: Date | undefined } = {},
) => ({
  id: crypto.randomUUID() as string,
  happenedOn: today(),
  ...plannedWords(planned, system),
  startedAt: since ? clockOf(since) : '',
  endedAt: clockOf(new Date()),
  worker: lastWorker(),
  lot: planned.lot,
  /** Another product of the shelf than planned; empty for what was planned. */
  otherId: '',
  equipment: planned.equipment,
  waterSource: '',
  licence,
  reEntry: '',
  temperature: '',
  wind: '',
  note: '',
})
export type RecordDraft = ReturnType<typeof freshRecord>
