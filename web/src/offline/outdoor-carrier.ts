import { useQueryCache } from '@pinia/colada'
import type { Route } from '@spudder/contract/route'
import { ApiProblem } from '../api/api-problem.ts'
import type { Carried, CarriedWith, Carrier } from '../api/carrier.ts'
import { call, type AnswerOf, type AskedOf } from '../api/call.ts'
import { knownBy, type Known } from './known.ts'
import { useOutbox } from './outbox.ts'
import { nextInOrder } from './outbox-store.ts'
import type { KeptAsked, Outgoing } from './outgoing.ts'
import { wordsOf } from './outgoing-words.ts'
import { outdoorName, type OutdoorName } from './outdoor-routes.ts'
import { changedJob, changedZone, entryOf, eventOf, lookOf, measuredPhoto, photoOf, ratedTrial, readingOf, zoneOf } from './will-be.ts' // prettier-ignore
import { useSendOn } from './use-send-on.ts'
import { withWaiting } from './with-waiting.ts'

/** So long somebody waits for an answer before what they did waits by itself [ms]. */
const patienceMs = 6000

/** What a change will be answered with; undefined where what it changes is not known here. */
function answerOf(item: Outgoing, of: Known): unknown {
  const { asked } = item
  const job = of.job(String(asked['jobId']))
  const photo = of.photo(String(asked['photoId']))
  const trial = of.trial(String(asked['trialId']))
  const zone = of.zone(String(asked['zoneId']))
  switch (item.name) {
    case 'look':
      return lookOf(item, item.id)
    case 'reading':
      return readingOf(item)
    case 'event':
      return eventOf(item)
    case 'photo':
      return photoOf(item, null)
    case 'photo-measure':
      return photo && measuredPhoto(photo, item)
    case 'entry':
      return job && entryOf(item, job)
    case 'rating':
      return trial && ratedTrial(trial, item)
    case 'zone':
      return zoneOf(item)
    case 'zone-change':
      return zone && changedZone(zone, item)
    case 'job-taken':
    case 'job-under-way':
    case 'job-done':
      return job && changedJob(job, item)
    case 'check':
      return asked.dto
    case 'tick':
      return []
  }
}

/** The id of what a change stores; of what it changes none: each change is one of its own. */
function idOf(name: OutdoorName, { dto, query }: KeptAsked, changeId: string): string {
  const [body, said] = [dto, query] as [
    { readonly id?: string; readonly ratings?: readonly { readonly id: string }[] } | undefined,
    { readonly id?: string } | undefined,
  ]
  if (name === 'rating') return body?.ratings?.[0]?.id ?? changeId
  return said?.id ?? body?.id ?? changeId
}

/** Jobs are said to be done outside; moved and dropped where the dates are seen. */
const mayWait = (name: OutdoorName, { dto }: KeptAsked): boolean =>
  name !== 'job-done' || (dto as { readonly status?: string }).status === 'done'

/** What is to be carried. */
interface Given extends CarriedWith {
  readonly asked: KeptAsked
}

/** The stand that a change is of; undefined where nobody knows. */
const standOf = (asked: KeptAsked, of: Known): string | undefined =>
  (asked['standId'] as string | undefined) ??
  of.job(String(asked['jobId']))?.standId ??
  of.trial(String(asked['trialId']))?.standId ??
  of.zone(String(asked['zoneId']))?.standId ??
  of.photo(String(asked['photoId']))?.standId

/** A change as it waits here; its place in the order is given when it is kept. */
function outgoing(
  name: OutdoorName,
  { asked, changeId, draft }: Given,
  of: Known,
): Omit<Outgoing, 'seq'> {
  const { dto, ...rest } = asked
  const standId = standOf(asked, of)
  const standName = standId === undefined ? undefined : of.standName(standId)
  const me = of.me()
  return {
    id: idOf(name, asked, changeId),
    name,
    changeId,
    asked: dto && !(dto instanceof Blob) ? asked : rest,
    ...(dto instanceof Blob ? { fileType: dto.type } : {}),
    title: wordsOf(name, asked, of),
    ...(standId === undefined ? {} : { standId }),
    ...(standName === undefined ? {} : { standName }),
    madeAt: new Date().toISOString(),
    by: me ? { id: me.id, name: me.name } : { name: 'you' },
    ...(draft ? { draft } : {}),
  }
}

/** Keeps changes on this device, and sends them on. */
function useKeeping() {
  const outbox = useOutbox()
  const sendOn = useSendOn()

  /** @throws {ApiProblem} where it was refused at once: whoever is at the form is told there, and has it before them */
  async function sendNow(item: Outgoing, waits: Carried<unknown>): Promise<Carried<unknown>> {
    const patience = new Promise<undefined>((resolve) => setTimeout(resolve, patienceMs, undefined))
    const soon = await Promise.race([sendOn(true), patience])
    const stored = soon?.stored.find((each) => each.item.id === item.id)
    if (soon && stored) {
      await soon.read
      return { answer: stored.answer, isWaiting: false, isReadAnew: true }
    }
    const isRefused = outbox.refused.some(({ id }) => id === item.id)
    if (!soon?.failures.has(item.id) || !isRefused) return waits
    throw soon.failures.get(item.id)
  }
  /** @returns undefined where this browser keeps nothing, or has no room left */
  async function keep(made: Omit<Outgoing, 'seq'>, file: Blob | undefined) {
    try {
      const item: Outgoing = { ...made, seq: await nextInOrder() }
      await outbox.keep(item, file)
      return item
    } catch {
      return undefined
    }
  }
  /** @returns undefined where nothing can be kept here */
  async function keepAndSend(
    made: Omit<Outgoing, 'seq'>,
    file: Blob | undefined,
    waits: Carried<unknown>,
  ): Promise<Carried<unknown> | undefined> {
    const wasThere = outbox.items.some(({ id }) => id === made.id)
    // What has waited longer goes first; nobody is kept waiting for that.
    const isNext = outbox.waiting.every(({ id }) => id === made.id)
    const item = await keep(made, file)
    if (!item) return undefined
    if (!isNext) {
      void sendOn(true)
      return waits
    }
    try {
      return await sendNow(item, waits)
    } catch (error) {
      // What was refused before, after its form was closed, stays until it is stored or deleted.
      if (!wasThere) await outbox.forget(item.id)
      throw error
    }
  }
  return { outbox, keepAndSend }
}

/** Carries what is done outside: kept on this device first, then sent, now or when there is signal. */
export function outdoorCarrier(): Carrier {
  const of = knownBy(useQueryCache())
  const { outbox, keepAndSend } = useKeeping()

  /** @returns undefined where it cannot wait here */
  async function carryOutdoors(name: OutdoorName, given: Given) {
    const made = outgoing(name, given, of)
    const answer = answerOf({ ...made, seq: 0 }, of)
    if (answer === undefined) return undefined
    const { dto } = given.asked
    return keepAndSend(made, dto instanceof Blob ? dto : undefined, {
      answer,
      isWaiting: true,
      isReadAnew: false,
    })
  }
  async function carry<R extends Route>(
    route: R,
    asked: AskedOf<R>,
    given: CarriedWith,
  ): Promise<Carried<AnswerOf<R>>> {
    const name = outdoorName(route)
    const kept = { asked: asked as KeptAsked, ...given }
    if (name === undefined || !mayWait(name, kept.asked))
      return {
        answer: await call(route, asked, given.changeId),
        isWaiting: false,
        isReadAnew: false,
      }
    const carried = await carryOutdoors(name, kept)
    if (carried) return carried as Carried<AnswerOf<R>>
    const answer = await call(route, asked, given.changeId).catch((error: unknown) => {
      const isWithoutSignal = error instanceof ApiProblem && error.code === 'unreachable'
      throw isWithoutSignal ? new ApiProblem('no-room') : error
    })
    return { answer, isWaiting: false, isReadAnew: false }
  }
  return {
    carry,
    withWaiting: <R extends Route>(route: R, asked: AskedOf<R>, answer: AnswerOf<R>) =>
      withWaiting(route, asked as object, answer, outbox.shown) as AnswerOf<R>,
    isHere: outbox.isHere,
    pictureOf: outbox.pictureOf,
  }
}
