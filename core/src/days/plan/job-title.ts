import { appliedName } from '../../material/shelf/index.ts'
import type { SourceId } from '../../material/source/index.ts'
import { checks } from '../../verdict/diagnosis/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { findPractice } from '../practice/index.ts'
import type { JobKind, JobPurpose } from './job-kinds.ts'

/** What a job is told by; the names in it are those of today, whatever they were when it was planned. */
export interface TitledJob {
  readonly kind: JobKind
  readonly sourceId: SourceId | null
  /** Of the product that goes out or is to be bought; null where there is none. */
  readonly productName: string | null
  readonly checkId: string | null
  /** Of a partner that goes out by itself; which practice. */
  readonly subject: string | null
  readonly purpose: JobPurpose | null
  readonly acidPlanId: string | null
  /** Which repeat, of how many; null for the first time. */
  readonly round: number | null
  readonly rounds: number | null
  /** Which dose or step, of how many; null where it goes out at once. */
  readonly step: number | null
  readonly steps: number | null
}

const purposeWords: Readonly<Record<JobPurpose, string>> = {
  'first-change': 'Look for the first change',
  green: 'Look whether it is green',
  'before-dose': 'Test pH and nitrate before the first dose',
  retest: 'Test pH again',
  'plan-holds': 'Test pH again: does the plan hold?',
}

function need<Value>(value: Value | null, what: string, kind: JobKind): Value {
  if (value !== null) return value
  throw new CoreError('job-lacks-part', {
    parameter: 'job',
    values: { kind, part: what },
  })
}

function applyTitle(job: TitledJob): string {
  const { kind, sourceId, productName, acidPlanId, round, rounds, step, steps } = job
  const name = appliedName({ sourceId: need(sourceId, 'source', kind), productName })
  const again = round === null ? '' : `, repeat ${round} of ${rounds}`
  const part = acidPlanId === null ? 'dose' : 'step'
  return `${name}${again}${step === null ? '' : `, ${part} ${step} of ${steps}`}`
}

function checkName(id: string): string {
  const check = checks.find((each) => each.id === id)
  if (check) return check.name
  throw new CoreError('check-unknown', { parameter: 'checkId', received: id })
}

const titles: Readonly<Record<JobKind, (job: TitledJob) => string>> = {
  apply: applyTitle,
  look: ({ purpose }) => (purpose ? purposeWords[purpose] : 'Look at it'),
  test: ({ purpose }) => (purpose ? purposeWords[purpose] : 'Test it'),
  buy: ({ productName, kind }) => `Buy ${need(productName, 'product', kind)}`,
  check: ({ checkId, kind }) => checkName(need(checkId, 'check', kind)),
  strip: () => 'Mark a strip to leave untreated',
  practice: ({ subject, kind, round, rounds }) => {
    const { name } = findPractice(need(subject, 'practice', kind))
    return round === null ? name : `${name}, ${round} of ${rounds}`
  },
  partner: ({ subject, kind }) => `${need(subject, 'name', kind)}, watered in by itself`,
}

/**
 * The title of a job, worked out anew whenever it is shown: no sentence is stored that a change of
 * name would falsify.
 * @throws {CoreError} not-applicable, unknown-name for a job that lacks what its kind must have
 */
export const jobTitle = (job: TitledJob): string => titles[job.kind](job)
