import { movesPH, findSource, type SourceId } from '../../material/source/index.ts'
import { checkLabel, type LabelDraft } from '../../material/label/index.ts'
import type { AcidStep } from '../../soil/acid-plan/index.ts'
import {
  contentsOfLabel,
  contentsOfSource,
  type Application,
  type Contents,
} from '../../soil/season/index.ts'
import type { Day } from '../../base/calendar/index.ts'
import type { JobKind, JobStatus } from '../plan/index.ts'
import { standingEntries, type CorrectableEntry } from './standing-entries.ts'

/** What a remedy puts out. */
export interface AppliedRemedy {
  readonly id: string
  readonly productId: string | null
  readonly sourceId: SourceId
  readonly contentShare: number
  readonly productKg: number
}

/** An entry, as far as what went out goes. */
export interface AppliedEntry extends CorrectableEntry {
  readonly jobId: string
  readonly happenedOn: Day
  readonly productKg: number
  readonly sourceId: SourceId
}

/** A job, as far as what it puts out goes. */
export interface AppliedJob {
  readonly id: string
  readonly kind: JobKind
  readonly status: JobStatus
  readonly remedyId: string | null
  readonly acidPlanId: string | null
  readonly plannedKg: number | null
  readonly sourceId: SourceId | null
  readonly dueOn: Day
  readonly share: number
}

/** As much of a stand's story as its applications are read from. */
export interface AppliedStory {
  readonly entries: readonly AppliedEntry[]
  readonly jobs: readonly AppliedJob[]
  readonly remedies: readonly AppliedRemedy[]
}

/** A product of the shelf, as far as its label goes. */
export interface LabelledProduct {
  readonly id: string
  readonly label: LabelDraft
}

/** What a remedy's product brings: by its label, else by its form. */
export function contentsOf(
  {
    productId,
    sourceId,
    contentShare,
  }: Pick<AppliedRemedy, 'productId' | 'sourceId' | 'contentShare'>,
  products: readonly LabelledProduct[],
): Contents {
  const product = products.find(({ id }) => id === productId)
  const label = product && checkLabel(product.label).label
  return label ? contentsOfLabel(label) : contentsOfSource(sourceId, contentShare)
}

const contentsOfAmendment = (sourceId: SourceId): Contents =>
  contentsOfSource(sourceId, findSource(sourceId).contentShare.usual)

/** Everything that went onto a stand or is planned for it. */
export function applicationsOf(
  { entries, jobs, remedies }: AppliedStory,
  products: readonly LabelledProduct[],
): readonly Application[] {
  const contentsFor = (job: AppliedStory['jobs'][number] | undefined): Contents | undefined => {
    const remedy = remedies.find(({ id }) => id === job?.remedyId)
    if (remedy) return contentsOf(remedy, products)
    return job?.acidPlanId && job.sourceId ? contentsOfAmendment(job.sourceId) : undefined
  }
  const done = standingEntries(entries).flatMap(({ jobId, happenedOn, productKg }) => {
    const contents = contentsFor(jobs.find(({ id }) => id === jobId))
    return contents ? [{ day: happenedOn, productKg, contents, isPlanned: false }] : []
  })
  const planned = jobs.flatMap((job) => {
    const contents = contentsFor(job)
    if (job.kind !== 'apply' || job.status !== 'planned' || !contents) return []
    const whole = remedies.find(({ id }) => id === job.remedyId)?.productKg ?? 0
    const productKg = job.plannedKg ?? whole * job.share
    return [{ day: job.dueOn, productKg, contents, isPlanned: true }]
  })
  return [...done, ...planned]
}

/**
 * Steps of acid plans that went onto a stand.
 * @param groundM2 ground that they went onto [m²]
 */
export function acidStepsDone(
  { entries, jobs }: Pick<AppliedStory, 'entries'> & { readonly jobs: readonly Pick<AppliedJob, 'id' | 'acidPlanId'>[] }, // prettier-ignore
  groundM2: number,
): readonly AcidStep[] {
  const ofPlan = new Set(jobs.filter(({ acidPlanId }) => acidPlanId).map(({ id }) => id))
  return standingEntries(entries)
    .filter(({ jobId, sourceId }) => ofPlan.has(jobId) && movesPH(sourceId))
    .map(({ happenedOn, sourceId, productKg }) => ({
      day: happenedOn,
      sourceId,
      kgPerM2: productKg / groundM2,
    }))
}
