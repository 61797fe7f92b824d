import type { CreateEntryDto } from '@spudder/contract/entry'
import type { JobDto } from '@spudder/contract/job'
import type { ProductDto } from '@spudder/contract/shelf'
import { toStandSize, type StandStoryDto } from '@spudder/contract/stand'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { questionsOfEntry, standingEntries, type AskedEntry } from '@spudder/core/days/entry'
import { weatherWorkOf } from '@spudder/core/days/weather'
import { standKindOf } from '@spudder/core/stand/plant'
import type { Planned } from './record-draft.ts'

/** What an entry is held against before it is stored. */
export interface EntryContext {
  readonly job: JobDto
  readonly planned: Planned
  readonly story: StandStoryDto | undefined
  readonly products: readonly ProductDto[]
  /** The licence of whoever records it, which may be the one it was done under. */
  readonly own: { readonly number: string; readonly until: string | null } | undefined
}

/** What went out, as far as its limits go; undefined where it was something else than planned. */
function limitedWork(
  dto: CreateEntryDto,
  { job, planned, story }: EntryContext,
): AskedEntry['work'] {
  const { contentShare } = planned
  if (!story || dto.productId || contentShare === undefined) return undefined
  if (job.route === null || job.sourceId === null) return undefined
  const { stand } = story
  return {
    ...standKindOf(stand),
    route: job.route,
    sourceId: job.sourceId,
    size: toStandSize(stand.size),
    measures: stand.measures ?? undefined,
    productKg: dto.productKg,
    carrierL: dto.waterL,
    contentShare,
    maxC: dto.weather?.temperatureC,
  }
}

/** Of a licence that is not one's own nobody knows here how long it holds. */
function licenceOf({ licence: number = '' }: CreateEntryDto, { own }: EntryContext) {
  const until = own && own.number === number ? (own.until ?? undefined) : undefined
  return { number, until }
}

/** What ought to be asked about an entry before it is stored. */
export function entryQuestions(
  dto: CreateEntryDto,
  context: EntryContext,
  system: UnitSystem,
): readonly string[] {
  const { job, planned, story, products } = context
  const usedId = dto.productId ?? planned.productId
  const used = products.find(({ id }) => id === usedId)
  const entry: AskedEntry = {
    planned: { ...planned, dueOn: job.dueOn },
    done: {
      name: dto.productId ? (used?.name ?? planned.name) : planned.name,
      productKg: dto.productKg,
      waterL: dto.waterL,
      happenedOn: dto.happenedOn,
      temperatureC: dto.weather?.temperatureC,
      windMPerS: dto.weather?.windMPerS,
    },
    others: standingEntries(story?.entries ?? []),
    // The date is of the lot on the shelf; another lot has its own.
    lotUseBy: used && used.lot === dto.lot ? (used.lotUseBy ?? undefined) : undefined,
    licence: used?.applicator === 'licensed' ? licenceOf(dto, context) : undefined,
    work: limitedWork(dto, context),
    weatherWork: weatherWorkOf(job.route ?? 'soil', dto.waterL > 0 ? 'in water' : 'dry'),
  }
  return questionsOfEntry(entry, system)
}
