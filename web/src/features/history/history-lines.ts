import {
  fileKinds,
  mendableKinds,
  type HistoryLineDto,
  type FileKind,
  type MendableKind,
} from '@spudder/contract/history'
import { writeTable } from '@spudder/core/base/table'
import type { UnitSystem } from '@spudder/core/base/quantity'
import {
  changeWords,
  historyTitle,
  type HistoryAct,
  type HistoryKind,
  type HistoryThings,
} from '@spudder/core/outcome/history'

/** What each kind of thing is called where one is chosen. */
export const kindWords: Readonly<Record<HistoryKind, string>> = {
  stand: 'stands',
  place: 'the place',
  reading: 'readings',
  event: 'what happened',
  look: 'looks',
  case: 'cases',
  photo: 'photos',
  trial: 'trials',
  rating: 'ratings of plots',
  zone: 'zones',
  jarTest: 'jar tests',
  drill: 'drills',
  eye: 'sittings of the eye',
  advice: 'advisers’ notes',
  product: 'products',
  sprayer: 'sprayers',
  job: 'jobs',
  entry: 'entries',
  remedy: 'remedies',
  acidPlan: 'acid plans',
  order: 'samples sent',
  import: 'files taken in',
}

export const actWords: Readonly<Record<HistoryAct, string>> = {
  stored: 'stored',
  changed: 'changed',
  struck: 'struck out',
  restored: 'taken back',
}

/** What a line is about, as things are named today. */
export function titleOf({ kind, of }: HistoryLineDto, system: UnitSystem): string {
  if (of === null) return 'Something that gave way to a newer one'
  return historyTitle(kind, of as unknown as HistoryThings[HistoryKind], system)
}

/** Each change of a line in words: "Name: Lawn → South lawn". */
export const changesOf = ({ kind, changes }: HistoryLineDto, system: UnitSystem) =>
  changeWords(kind, changes, system)

/** The kind by which the whole file of a line can be taken back; undefined where none can. */
export const fileKindOf = ({ act, kind, file }: HistoryLineDto): FileKind | undefined =>
  act === 'stored' && file !== null ? fileKinds.find((each) => each === kind) : undefined

const isMendable = (kind: HistoryKind): kind is MendableKind =>
  mendableKinds.some((each) => each === kind)
/** The kind by which a line's thing can be put right; undefined where it has a form of its own. */
export const mendableKind = ({ kind, of }: HistoryLineDto): MendableKind | undefined =>
  of !== null && isMendable(kind) ? kind : undefined

const heads = ['When', 'Who', 'Stand', 'What', 'Done', 'From', 'To', 'Why', 'How it came'] as const

/** The history as CSV (RFC 4180): a row for each field that was changed, times in UTC. */
export const historyCsv = (lines: readonly HistoryLineDto[], system: UnitSystem): string =>
  writeTable(
    [...heads],
    lines.flatMap((line) => {
      const { at, by, act, standName, reason, came } = line
      const told = changesOf(line, system)
      const row = (done: string, was: string, is: string) => [
        at,
        by,
        standName ?? '',
        titleOf(line, system),
        done,
        was,
        is,
        reason,
        came,
      ]
      if (told.length === 0) return [row(actWords[act], '', '')]
      return told.map(({ label, was, is }) => row(`${actWords[act]}: ${label}`, was, is))
    }),
  )
