import { roleMay } from '@spudder/contract/access'
import type { AuditAct } from '@spudder/contract/person'
import type { WeatherService } from '@spudder/contract/weather'
import { dateToDay } from '@spudder/core/base/calendar'
import type { Database } from '../database/connect.ts'
import { doneAgain } from '../database/database-fault.ts'
import type { Mailer } from '../mail/mailer.ts'
import { findNotices } from '../notice/notice.service.ts'
import { selectSubscriptions } from '../push/push.repository.ts'
import type { Pusher } from '../push/pusher.ts'
import { deviceWay } from './device-way.ts'
import { letterWay } from './letter-way.ts'
import {
  forgetTold,
  giveBack,
  selectActs,
  selectAddressees,
  selectPeople,
  takeOn,
} from './tell.repository.ts'
import type { Way } from './way.ts'

/** What people are told things on. */
export interface TellStage {
  readonly db: Database
  readonly weather: WeatherService
  /** Undefined where no letters are sent. */
  readonly mailer: Mailer | undefined
  /** Undefined where no device is told. */
  readonly pusher: Pusher | undefined
  /** Where people find it, as https://spudder.example; undefined where nobody said. */
  readonly address: string | undefined
}

/** Nobody is told of work at night, by the clock of this machine [h]: a judgement, crews begin at six. */
const dayHours = { from: 5, to: 21 } as const
const dayMs = 86_400_000
/** What was told is remembered for so long [ms]. */
const rememberedMs = 60 * dayMs
/** What was done longer ago is told no more [ms]. */
const actsMs = dayMs

type WaysOf = ReadonlyMap<string, readonly Way[]>

/** How everybody who wants to be told things is reached, by the person. */
async function waysOfAll({ db, mailer, pusher, address }: TellStage, at: Date): Promise<WaysOf> {
  const ways = new Map<string, Way[]>()
  const add = (personId: string, way: Way) =>
    ways.set(personId, [...(ways.get(personId) ?? []), way])
  for (const person of mailer ? await selectPeople(db) : []) {
    const way = mailer && letterWay(person, mailer, { address, at })
    if (way) add(person.id, way)
  }
  for (const row of pusher ? await selectSubscriptions(db, at) : [])
    if (pusher) add(row.personId, deviceWay(db, pusher, row))
  return ways
}

/**
 * Tells something once by a way, whichever server does.
 * @param ids what is told, as it is kept
 * @param tell those of them that nobody told by this way before
 * @returns how many were told
 */
async function tellOnce(
  { db }: TellStage,
  to: { readonly personId: string; readonly way: Way; readonly at: Date },
  ids: readonly string[],
  tell: (anew: ReadonlySet<string>) => Promise<boolean>,
): Promise<number> {
  const { personId, way, at } = to
  const noticeIds = ids.map((id) => `${way.claim}${id}`)
  const taken = await doneAgain(() => takeOn(db, { personId, noticeIds }, at))
  const anew = new Set(ids.filter((id) => taken.has(`${way.claim}${id}`)))
  if (anew.size === 0) return 0
  if (await tell(anew)) return anew.size
  await giveBack(db, personId, [...taken])
  return 0
}

type Addressee = Awaited<ReturnType<typeof selectAddressees>>[number]

/** Tells somebody what is new at a place, by each of their ways. @returns how many things were told */
async function tellOf(
  stage: TellStage,
  { person, placeId, placeName }: Addressee,
  { ways, at }: { readonly ways: readonly Way[]; readonly at: Date },
): Promise<number> {
  const { db, weather } = stage
  const licenceUntil = person.licenceExpiresOn ?? undefined
  const all = await findNotices({ db, weather }, { placeId, licenceUntil, name: person.name, at })
  let count = 0
  for (const way of ways) {
    const wanted = all.filter(({ kind }) => way.kinds.includes(kind))
    const ids = wanted.map(({ id }) => id)
    count += await tellOnce(stage, { personId: person.id, way, at }, ids, (anew) =>
      way.tellOfPlace(
        placeName,
        wanted.filter(({ id }) => anew.has(id)),
      ),
    )
  }
  return count
}

/** What somebody is always told who wants to be told things: it may not have been them. */
const guardedActs: readonly AuditAct[] = [
  'signed-in',
  'recovered',
  'password-set',
  'passkey-added',
  'passkey-removed',
  'codes-on',
  'codes-off',
]

async function tellActs(stage: TellStage, waysOf: WaysOf, at: Date): Promise<number> {
  if (waysOf.size === 0) return 0
  let count = 0
  const since = new Date(at.getTime() - actsMs)
  const of = { acts: guardedActs, personIds: [...waysOf.keys()], since }
  for (const { audit: act, personId, name } of await selectActs(stage.db, of))
    for (const way of waysOf.get(personId) ?? [])
      if (act.at > way.actsSince)
        count += await tellOnce(stage, { personId, way, at }, [`act ${act.position}`], () =>
          way.tellOfAct({ name, act }),
        )
  return count
}

/**
 * Tells everybody who wants it what they were not told yet, by letter and on their devices; several servers do
 * not tell it twice. Sign-ins and changed passwords at once, work by day.
 * @returns how many things were told
 */
export async function tellAll(stage: TellStage, at: Date): Promise<number> {
  const waysOf = await waysOfAll(stage, at)
  let count = await tellActs(stage, waysOf, at)
  const hour = at.getHours()
  if (hour >= dayHours.from && hour < dayHours.to && waysOf.size > 0) {
    for (const to of await selectAddressees(stage.db, [...waysOf.keys()], dateToDay(at)))
      if (roleMay(to.role, 'see'))
        count += await tellOf(stage, to, { ways: waysOf.get(to.person.id) ?? [], at })
  }
  await forgetTold(stage.db, new Date(at.getTime() - rememberedMs))
  return count
}
