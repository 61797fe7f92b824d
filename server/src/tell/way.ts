import type { NoticeDto } from '@spudder/contract/notice'
import { auditActWords } from '@spudder/contract/person'
import type { NoticeKind } from '@spudder/core/days/notice'
import type { ActRow } from './tell.repository.ts'

/** What somebody did with a sign-in, by somebody’s name. */
export interface ToldAct {
  readonly name: string
  readonly act: ActRow
}

/** One way to reach somebody: a letter, or a device of theirs. */
export interface Way {
  /** Under which it is kept what was told by this way; no two ways of somebody have the same. */
  readonly claim: string
  readonly kinds: readonly NoticeKind[]
  /** What was done with sign-ins before is not told by it. */
  readonly actsSince: Date
  /** Tells what is new at a place, one thing at least. @returns whether it was taken on */
  readonly tellOfPlace: (placeName: string, notices: readonly NoticeDto[]) => Promise<boolean>
  readonly tellOfAct: (told: ToldAct) => Promise<boolean>
}

/** What was done, in words: "Ona Loam set a password". */
export const actWords = ({ name, act }: ToldAct): string => `${name} ${auditActWords[act.act]}`
