import {
  mendableKinds,
  type MendableKind,
  type MendDto,
  type MendedDto,
  type ThingDto,
} from '@spudder/contract/history'
import { AdviceDto, AdviceForm } from '@spudder/contract/advice'
import { DrillDto, DrillForm } from '@spudder/contract/drill'
import { EyeSittingDto, EyeSittingForm } from '@spudder/contract/eye'
import { JarTestDto, JarTestForm } from '@spudder/contract/jar-test'
import { LookDto, LookForm } from '@spudder/contract/look'
import { PhotoForm } from '@spudder/contract/photo'
import { ReadingDto, ReadingForm } from '@spudder/contract/reading'
import { StoryEventDto, StoryEventForm } from '@spudder/contract/story'
import { RatingForm, TrialDto, TrialNotesForm } from '@spudder/contract/trial'
import { checkDto, keptOf, type FormClass } from '@spudder/contract/validation'
import { checkFindings, checkPaint } from '@spudder/core/seen/finding'
import { leavesOf } from '@spudder/core/seen/painter'
import { cameOf, type Came, type ReadingMethod } from '@spudder/core/seen/reading'
import { contexts } from '@spudder/core/stand/plant'
import type { Paint } from '@spudder/core/seen/finding'
import { changeRow } from '../change/change-row.ts'
import type { Connection, Database } from '../database/connect.ts'
import { scoreOf } from '../drill/drill.service.ts'
import { shownIn } from '../eye/eye.service.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { requireStand } from '../stand/stand.service.ts'
import { lockRow, tableOf } from './history.repository.ts'
import { ownerOf } from './owner-of.ts'

type Row = Record<string, unknown> & { readonly id: string }
type Fields = Record<string, unknown>

/** What a kind of thing is checked by when it is put right, as when it first came in. */
interface Mending {
  readonly form: FormClass
  /** Texts that are empty, not null, where they are left out. */
  readonly empty: readonly string[]
  /** What follows from what is said now, or stands against it. */
  readonly settle?: (connection: Connection, before: Row, after: Fields) => Promise<Fields>
}

/** A look must still be one that its kind of stand knows. */
async function settleLook(connection: Connection, before: Row, after: Fields): Promise<Fields> {
  const { context } = await requireStand(connection, String(before['standId']))
  return {
    ...after,
    findings: checkFindings(context, after['findings'] as Record<string, string>),
    paint: checkPaint(leavesOf(contexts[context].figure), after['paint'] as Paint),
  }
}

/** A value put right by hand came by hand; one that was made up stays made up. */
function settleReading(_connection: Connection, before: Row, after: Fields): Promise<Fields> {
  const came = before['came'] as Came
  const isSame = before['value'] === after['value'] && before['instrument'] === after['instrument']
  if (isSame || came.how === 'simulated') return Promise.resolve({ ...after, came })
  const method = after['method'] as ReadingMethod
  return Promise.resolve({
    ...after,
    came: cameOf({ method, instrument: String(after['instrument'] ?? '') }),
  })
}

/** What was true stays as it was kept, unless other pictures are said to have been shown. */
function settleSitting(_connection: Connection, before: Row, after: Fields): Promise<Fields> {
  const { scale, seed, said } = after as unknown as EyeSittingForm
  const was = before as unknown as EyeSittingForm
  const isSame = scale === was.scale && seed === was.seed && said.length === was.said.length
  if (isSame) return Promise.resolve(after)
  return Promise.resolve({ ...after, shown: shownIn(scale, seed, said.length) })
}

/** What it came to stays as it was kept, unless it is said to have been another case or answer. */
function settleDrill(_connection: Connection, before: Row, after: Fields): Promise<Fields> {
  const decides = (row: Row | Fields) => {
    const { kind, context, plantId, causeId, against, seed, saidId, asked } = row as unknown as DrillForm // prettier-ignore
    return JSON.stringify([kind, context, plantId, causeId, against ?? null, seed, saidId, asked])
  }
  if (decides(before) === decides(after)) return Promise.resolve(after)
  const { score } = before as unknown as DrillDto
  return Promise.resolve({ ...after, score: scoreOf(after as unknown as DrillForm, score.own) })
}

/** How each kind is put right; one without a row does not compile. */
const mendings: Readonly<Record<MendableKind, Mending>> = {
  reading: { form: ReadingForm, empty: ReadingDto.empty, settle: settleReading },
  event: { form: StoryEventForm, empty: StoryEventDto.empty },
  look: { form: LookForm, empty: LookDto.empty, settle: settleLook },
  photo: { form: PhotoForm, empty: [] },
  trial: { form: TrialNotesForm, empty: TrialDto.empty },
  rating: { form: RatingForm, empty: [] },
  jarTest: { form: JarTestForm, empty: JarTestDto.empty },
  drill: { form: DrillForm, empty: DrillDto.empty, settle: settleDrill },
  eye: { form: EyeSittingForm, empty: EyeSittingDto.empty, settle: settleSitting },
  advice: { form: AdviceForm, empty: AdviceDto.empty },
}

/** What a row says, as a form says it: nothing for what it does not know. */
const asSaid = (row: Row, names: readonly string[]): Fields =>
  Object.fromEntries(
    names
      .filter((name) => row[name] !== null && row[name] !== undefined)
      .map((name) => [name, row[name]]),
  )

/** Fields that a form has. */
const namesOf = ({ form, empty }: Mending): string[] =>
  Object.keys(keptOf({ form, empty } as { form: FormClass<Fields>; empty: readonly never[] }, {}))

/** What a row says after some changes, checked whole. */
function checkedAfter({ form, empty }: Mending, row: Row, changes: Fields): Fields {
  const answer = { form, empty } as { form: FormClass<Fields>; empty: readonly never[] }
  const names = namesOf({ form, empty })
  const unknown = Object.keys(changes).find((name) => !names.includes(name))
  if (unknown !== undefined) {
    const message = `Changes: there is no ${unknown} to put right here.`
    throw new ServiceError('invalid-body', message, [{ field: 'changes', message }])
  }
  const said = Object.fromEntries(
    Object.entries({ ...asSaid(row, names), ...changes }).filter(([, value]) => value !== null),
  )
  const result = checkDto(form, said)
  if (!result.ok) {
    const detail = result.fields.map(({ message }) => message).join(' ')
    throw new ServiceError('invalid-body', detail, result.fields)
  }
  return keptOf(answer, result.value as Fields)
}

const isMendable = (kind: string): kind is MendableKind =>
  mendableKinds.some((each) => each === kind)
const gone = () => new ServiceError('not-found', 'There is no such thing.')

/**
 * A thing with the fields that can be put right.
 * @throws {ServiceError} not-found
 */
export function readThing(
  db: Database,
  { kind, id }: { readonly kind: string; readonly id: string },
): Promise<ThingDto> {
  if (!isMendable(kind)) throw gone()
  return db.transaction(async (transaction) => {
    const row = await lockRow(transaction, kind, id)
    if (!row) throw gone()
    const { standId } = await ownerOf(transaction, kind, row)
    const { version, isStruck } = row as unknown as { version: number; isStruck: boolean }
    return { kind, id, standId, version, isStruck, fields: asSaid(row, namesOf(mendings[kind])) }
  })
}

/**
 * Puts right what was entered by mistake, strikes it out, or brings it back. The old stays in the history;
 * whatever is reckoned from it is reckoned anew.
 * @throws {ServiceError} not-found, invalid-body; changed-meanwhile where somebody else did
 */
export function mendThing(
  db: Database,
  recorder: Recorder,
  { kind, id }: { readonly kind: string; readonly id: string },
  { version, reason, isStruck, changes = {} }: MendDto,
): Promise<MendedDto> {
  if (!isMendable(kind)) throw gone()
  return db.transaction(async (transaction) => {
    const before = await lockRow(transaction, kind, id)
    if (!before) throw gone()
    const owner = await ownerOf(transaction, kind, before)
    const mending = mendings[kind]
    const said = Object.keys(changes).length > 0 ? checkedAfter(mending, before, changes) : {}
    const settled =
      mending.settle && Object.keys(said).length > 0
        ? await mending.settle(transaction, before, said)
        : said
    const act = isStruck === undefined ? 'changed' : isStruck ? 'struck' : 'restored'
    const told = { ...owner, kind, recorder, act, reason, seen: version } as const
    const change = isStruck === undefined ? settled : { ...settled, isStruck }
    const row = before as Row & Parameters<typeof changeRow>[2]['before']
    const kept = await changeRow(transaction, tableOf(kind), { before: row, change, told })
    if (kind === 'photo') await mendReadingOfPhoto(transaction, id, { change, told })
    const { isStruck: isNow } = kept as unknown as { isStruck: boolean }
    return { kind, id, version: kept.version, isStruck: isNow }
  })
}

/** A reading that a photo stands behind goes with it, and is of its day. */
async function mendReadingOfPhoto(
  connection: Connection,
  photoId: string,
  {
    change,
    told,
  }: { readonly change: Fields; readonly told: Parameters<typeof changeRow>[2]['told'] },
): Promise<void> {
  const before = await lockRow(connection, 'reading', photoId)
  if (!before) return
  const { isStruck, takenOn } = change
  const { seen: _seen, ...rest } = told
  await changeRow(connection, tableOf('reading'), {
    before: before as Row & Parameters<typeof changeRow>[2]['before'],
    change: {
      ...(isStruck === undefined ? {} : { isStruck }),
      ...(typeof takenOn === 'string' ? { takenOn } : {}),
    },
    told: { ...rest, kind: 'reading' },
  })
}
