import { roleMay } from '@spudder/contract/access'
import type { NoticeDto } from '@spudder/contract/notice'
import { auditActWords, type AuditAct } from '@spudder/contract/person'
import type { WeatherService } from '@spudder/contract/weather'
import { dateToDay } from '@spudder/core/base/calendar'
import { lineStart } from '@spudder/core/base/writing'
import type { Database } from '../database/connect.ts'
import { doneAgain } from '../database/database-fault.ts'
import type { Mailer } from '../mail/mailer.ts'
import { findNotices } from '../notice/notice.service.ts'
import { forgetTold, giveBack, selectActs, selectAddressees, takeOn } from './tell.repository.ts'

/** What letters are written on. */
export interface TellStage {
  readonly db: Database
  readonly weather: WeatherService
  readonly mailer: Mailer
  /** Where people find it, as https://spudder.example; undefined where nobody said. */
  readonly address: string | undefined
}

/** Nobody is written to at night, by the clock of this machine [h]: a judgement, crews begin at six. */
const dayHours = { from: 5, to: 21 } as const
const dayMs = 86_400_000
/** What was told is remembered for so long [ms]. */
const rememberedMs = 60 * dayMs
/** What was done longer ago is told no more [ms]. */
const actsMs = dayMs

type Addressee = Awaited<ReturnType<typeof selectAddressees>>[number]

const isWanted = ({ person: { mailKinds } }: Addressee, { kind }: NoticeDto): boolean =>
  (mailKinds ?? []).includes(kind)

const ending = (address: string | undefined): string =>
  [
    address === undefined ? '' : `Open: ${address}\n`,
    'What you are told of is chosen in Spudder, under You, Letters. The label comes first.',
  ].join('\n')

/** Writes to somebody what is new at a place. @returns how many things were told */
async function tellOf(stage: TellStage, to: Addressee, at: Date): Promise<number> {
  const { db, mailer, weather, address } = stage
  const { person, placeId, placeName } = to
  const licenceUntil = person.licenceExpiresOn ?? undefined
  const all = await findNotices({ db, weather }, { placeId, licenceUntil, at })
  const wanted = all.filter((each) => isWanted(to, each))
  const noticeIds = wanted.map(({ id }) => id)
  const anew = await doneAgain(() => takeOn(db, { personId: person.id, noticeIds }, at))
  const mine = wanted.filter(({ id }) => anew.has(id))
  const [first] = mine
  if (!first || person.email === null) return 0
  const isTaken = await mailer.send({
    to: person.email,
    subject:
      mine.length === 1 ? `${placeName}: ${first.words}` : `${placeName}: ${mine.length} notices`,
    text: `${placeName}\n\n${mine.map(({ words }) => `- ${words}`).join('\n')}\n\n${ending(address)}\n`,
  })
  if (isTaken) return mine.length
  await giveBack(db, person.id, mine.map(({ id }) => id)) // prettier-ignore
  return 0
}

/** What somebody is always told who has letters sent: it may not have been them. */
const guardedActs: readonly AuditAct[] = [
  'signed-in',
  'recovered',
  'password-set',
  'passkey-added',
  'passkey-removed',
  'codes-on',
  'codes-off',
]

async function tellActs({ db, mailer, address }: TellStage, at: Date): Promise<number> {
  let count = 0
  for (const { audit: act, email, name } of await selectActs(
    db,
    guardedActs,
    new Date(at.getTime() - actsMs),
  )) {
    if (act.personId === null || email === null) continue
    const { personId } = act
    const noticeId = `act ${act.position}`
    const anew = await doneAgain(() => takeOn(db, { personId, noticeIds: [noticeId] }, at))
    if (anew.size === 0) continue
    const what = `${name} ${auditActWords[act.act]}`
    const isTaken = await mailer.send({
      to: email,
      subject: `Spudder: ${what}`,
      text: `${lineStart(what)}, on ${act.device}, from ${act.address}, ${act.at.toISOString()}.\n\nIf that was not you, choose another password under You and sign the device out, or ask an owner of your place.\n\n${address === undefined ? '' : `Open: ${address}\n`}`,
    })
    if (isTaken) count += 1
    else await giveBack(db, personId, [noticeId])
  }
  return count
}

/**
 * Writes to everybody who wants letters what they were not told yet; several servers do not tell it twice.
 * Sign-ins and changed passwords at once, work by day.
 * @returns how many things were told
 */
export async function tellByMail(stage: TellStage, at: Date): Promise<number> {
  let count = await tellActs(stage, at)
  const hour = at.getHours()
  if (hour >= dayHours.from && hour < dayHours.to) {
    for (const to of await selectAddressees(stage.db, dateToDay(at)))
      if (roleMay(to.role, 'see')) count += await tellOf(stage, to, at)
  }
  await forgetTold(stage.db, new Date(at.getTime() - rememberedMs))
  return count
}
