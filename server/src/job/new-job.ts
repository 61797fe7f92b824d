import { newlyRecordedBy, type Recorder } from '../recorder/recorder.ts'
import type { JobRow } from './job.repository.ts'

/** What every job has to say for itself. */
type Own = Pick<JobRow, 'id' | 'standId' | 'kind' | 'dueOn'>

/** A job that is still to be done; what is not said of it is nothing. */
export const newJob = (recorder: Recorder, own: Own & Partial<JobRow>): JobRow => ({
  caseId: null,
  remedyId: null,
  acidPlanId: null,
  plannedKg: null,
  productId: null,
  purpose: null,
  subject: null,
  round: null,
  rounds: null,
  step: null,
  steps: null,
  checkId: null,
  startsAt: null,
  isLocked: false,
  hands: null,
  underWay: null,
  afterJobId: null,
  afterDays: null,
  withinDays: null,
  status: 'planned',
  share: 0,
  route: null,
  sourceId: null,
  ...newlyRecordedBy(recorder),
  ...own,
})
