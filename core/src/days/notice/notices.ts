import { addDays, dayWords, daysBetween, type Day } from '../../base/calendar/index.ts'
import type { Figure } from '../../base/reference/index.ts'
import { eyeScales, isStale, type EyeScale } from '../../seen/eye/index.ts'
import type { JobKind } from '../plan/index.ts'
import { stretchesOf } from '../weather/index.ts'

/** What somebody is told of without asking, what matters most first. */
export const noticeKinds = [
  'overdue',
  'window',
  'due',
  'short',
  'retest',
  'licence',
  'eye',
] as const
export type NoticeKind = (typeof noticeKinds)[number]

/** Each kind in words that follow "tell me of". A kind without words does not compile. */
export const noticeKindWords: Readonly<Record<NoticeKind, string>> = {
  overdue: 'work that is overdue',
  window: 'work of today, and the hours that are fit for it',
  due: 'work of today that the weather says nothing of, or is against',
  short: 'products that run short',
  retest: 'tests that come near',
  licence: 'a licence that ends',
  eye: 'an eye that is due to be measured again',
}

/** How long before it is told. */
const aheadDays = {
  retest: {
    value: 7,
    unit: 'days',
    source: 'a laboratory wants its bag booked a week before',
    mark: 'J',
  },
  licence: {
    value: 30,
    unit: 'days',
    source: 'to have a licence renewed takes weeks',
    mark: 'J',
  },
  order: {
    value: 3,
    unit: 'days',
    source: 'who orders wants a few days to ask for prices',
    mark: 'J',
  },
} as const satisfies Readonly<Record<string, Figure>>

/** A job that is planned. */
interface NoticedJob {
  readonly id: string
  readonly standId: string
  readonly standName: string
  readonly title: string
  readonly kind: JobKind
  readonly dueOn: Day
  /** Hours of today that are fit for it by the clock of the place; undefined where nobody knows the weather. */
  readonly fitHours?: readonly number[] | undefined
}

/** A product that does not last for what is planned. */
interface ShortStock {
  readonly productId: string
  readonly name: string
  readonly shortOn: Day
  readonly orderBy: Day
}

/** The last time that somebody rated pictures on a scale. */
interface LastSitting {
  readonly scale: EyeScale
  readonly lastOn: Day
}

/** What notices are made from. */
export interface NoticeFacts {
  readonly today: Day
  readonly jobs: readonly NoticedJob[]
  readonly short: readonly ShortStock[]
  /** The last day of the licence of whoever is told; undefined where they have none. */
  readonly licenceUntil?: Day | undefined
  /** When the eye of whoever is told was last measured, scale by scale. */
  readonly sittings?: readonly LastSitting[] | undefined
  /** Whether the weather was made up by a practice device. */
  readonly isWeatherMadeUp: boolean
}

/** One thing to be told, the same id however often it is made. */
export interface Notice {
  readonly id: string
  readonly kind: NoticeKind
  readonly words: string
  readonly standId?: string
  readonly jobId?: string
  readonly productId?: string
}

const ofJob = ({ id, standId }: NoticedJob) => ({ standId, jobId: id })
const clock = (hour: number): string => `${String(hour).padStart(2, '0')}:00`

function jobNotice(job: NoticedJob, { today, isWeatherMadeUp }: NoticeFacts): Notice[] {
  const { id, standName, title, kind, dueOn, fitHours } = job
  const days = daysBetween(dueOn, today)
  const where = `${standName}: ${title}`
  if (days > 0) {
    const since = days === 1 ? 'since yesterday' : `for ${days} days`
    return [{ id: `overdue ${id} ${dueOn}`, kind: 'overdue', words: `${where}, overdue ${since}.`, ...ofJob(job) }] // prettier-ignore
  }
  if (kind === 'test' && -days > 0 && -days <= aheadDays.retest.value)
    return [{ id: `retest ${id} ${dueOn}`, kind: 'retest', words: `${where} on ${dayWords(dueOn)}.`, ...ofJob(job) }] // prettier-ignore
  if (days < 0) return []
  const [stretch] = stretchesOf(fitHours ?? [])
  const by = isWeatherMadeUp ? ', by the made-up weather of the practice device' : ''
  if (stretch)
    return [
      {
        id: `window ${id} ${today}`,
        kind: 'window',
        words: `${where}: the weather is fit today from ${clock(stretch[0])} to ${clock(stretch[1])}${by}.`,
        ...ofJob(job),
      },
    ]
  const unfit = fitHours === undefined ? '' : ` No hour of today is fit for it${by}.`
  return [{ id: `due ${id} ${today}`, kind: 'due', words: `${where}, today.${unfit}`, ...ofJob(job) }] // prettier-ignore
}

function shortNotice({ productId, name, shortOn, orderBy }: ShortStock, today: Day): Notice[] {
  if (addDays(orderBy, -aheadDays.order.value) > today) return []
  const when = orderBy <= today ? 'Order now' : `Order by ${dayWords(orderBy)}`
  return [{ id: `short ${productId} ${shortOn}`, kind: 'short', words: `${name} runs short on ${dayWords(shortOn)}. ${when}.`, productId }] // prettier-ignore
}

function licenceNotice(until: Day | undefined, today: Day): Notice[] {
  if (until === undefined || daysBetween(today, until) > aheadDays.licence.value) return []
  const words =
    until < today
      ? `Your licence ran out on ${dayWords(until)}.`
      : `Your licence runs out on ${dayWords(until)}.`
  return [{ id: `licence ${until}`, kind: 'licence', words }]
}

function eyeNotice(sitting: LastSitting, today: Day): Notice[] {
  if (!isStale(sitting, today)) return []
  const { scale, lastOn } = sitting
  const words = `Your eye for ${eyeScales[scale].label.toLowerCase()}, was last measured on ${dayWords(lastOn)}: it is due again.`
  return [{ id: `eye ${scale} ${lastOn}`, kind: 'eye', words }]
}

/**
 * What somebody ought to be told today: work that is overdue, due or fit to be done now, tests that come near,
 * what runs short, a licence that ends, an eye that is due to be measured.
 * @returns what matters most first, and of one kind as the jobs stand
 */
export function noticesOf(facts: NoticeFacts): readonly Notice[] {
  const { today, jobs, short, licenceUntil, sittings = [] } = facts
  const all = [
    ...jobs.flatMap((job) => jobNotice(job, facts)),
    ...short.flatMap((stock) => shortNotice(stock, today)),
    ...licenceNotice(licenceUntil, today),
    ...sittings.flatMap((sitting) => eyeNotice(sitting, today)),
  ]
  return noticeKinds.flatMap((kind) => all.filter((notice) => notice.kind === kind))
}
