import { dayWords, type Day } from '../../base/calendar/index.ts'
import { formatNumber, lineStart, midSentence } from '../../base/writing/index.ts'
import { amountWords, type UnitSystem } from '../../base/quantity/index.ts'
import { jobTitle, type TitledJob } from '../../days/plan/index.ts'
import { appliedName } from '../../material/shelf/index.ts'
import type { SourceId } from '../../material/source/index.ts'
import { contexts, type Context } from '../../stand/plant/index.ts'
import { eyeScales, type EyeScale } from '../../seen/eye/index.ts'
import { readingKinds, readingWords, type ReadingKind } from '../../seen/reading/index.ts'
import { storyEvents, type StoryEventKind } from '../../verdict/diagnosis/index.ts'
import type { HistoryKind } from './kinds.ts'

interface Applied {
  readonly sourceId: SourceId
  /** Of the shelf; null where a form of the catalogue was taken. */
  readonly productName: string | null
}

interface Named {
  readonly name: string
}

/** What has to be known of a thing to name it in a line. */
export interface HistoryThings {
  readonly stand: Named
  readonly place: Named
  readonly reading: { readonly kind: ReadingKind; readonly value: number; readonly takenOn: Day }
  readonly event: { readonly kind: StoryEventKind; readonly happenedOn: Day }
  readonly look: { readonly lookedOn: Day }
  readonly case: { readonly openedOn: Day }
  readonly photo: { readonly fileName: string }
  readonly trial: Named
  readonly rating: { readonly plot: number; readonly value: number; readonly ratedOn: Day }
  readonly zone: Named
  readonly drill: { readonly context: Context; readonly answeredOn: Day }
  readonly eye: { readonly scale: EyeScale; readonly ratedOn: Day }
  readonly jarTest: { readonly partnerName: string; readonly testedOn: Day }
  readonly advice: { readonly givenOn: Day }
  readonly product: Named
  readonly sprayer: Named
  readonly job: TitledJob & { readonly dueOn: Day }
  readonly entry: Applied & {
    readonly productKg: number
    readonly happenedOn: Day
    /** Whether it says that another did not happen. */
    readonly isStruck: boolean
    readonly correctsId: string | null
  }
  readonly remedy: Applied & { readonly applyOn: Day }
  readonly acidPlan: { readonly targetPH: number }
  readonly order: { readonly laboratory: string; readonly orderedOn: Day }
  readonly import: { readonly fileName: string; readonly readingCount: number }
}

type Titles = {
  readonly [Kind in HistoryKind]: (of: HistoryThings[Kind], system: UnitSystem) => string
}

const entryLead = ({ isStruck, correctsId }: HistoryThings['entry']): string => {
  if (isStruck) return 'Struck entry'
  return correctsId === null ? 'Entry' : 'Corrected entry'
}

const titles: Titles = {
  stand: ({ name }) => `Stand ${name}`,
  place: ({ name }) => `Place ${name}`,
  reading: ({ kind, value, takenOn }) => {
    const { label } = readingKinds[kind]
    const words = readingWords({ kind, value })
    // "pH 7.8" names itself; "4.1 mg/kg" does not.
    const named = words.toLowerCase().startsWith(label.toLowerCase()) ? words : `${label}: ${words}`
    return `${named}, ${dayWords(takenOn)}`
  },
  event: ({ kind, happenedOn }) => `${lineStart(storyEvents[kind].words)}, ${dayWords(happenedOn)}`,
  look: ({ lookedOn }) => `Look of ${dayWords(lookedOn)}`,
  case: ({ openedOn }) => `Case opened ${dayWords(openedOn)}`,
  photo: ({ fileName }) => `Photo ${fileName}`,
  trial: ({ name }) => `Trial ${name}`,
  rating: ({ plot, value, ratedOn }) =>
    `Plot ${plot} rated ${formatNumber(value, 3)}, ${dayWords(ratedOn)}`,
  zone: ({ name }) => `Zone ${name}`,
  drill: ({ context, answeredOn }) =>
    `Drill on ${midSentence(contexts[context].label)}, ${dayWords(answeredOn)}`,
  eye: ({ scale, ratedOn }) =>
    `Eye tried on ${midSentence(eyeScales[scale].label)}, ${dayWords(ratedOn)}`,
  jarTest: ({ partnerName, testedOn }) => `Jar test with ${partnerName}, ${dayWords(testedOn)}`,
  advice: ({ givenOn }) => `Adviser’s note of ${dayWords(givenOn)}`,
  product: ({ name }) => `Product ${name}`,
  sprayer: ({ name }) => `Sprayer ${name}`,
  job: (of) => `Job: ${jobTitle(of)}, ${dayWords(of.dueOn)}`,
  entry: (of, system) =>
    `${entryLead(of)}: ${appliedName(of)}, ${amountWords('mass', of.productKg, system)}, ${dayWords(of.happenedOn)}`,
  remedy: (of) => `Remedy: ${appliedName(of)} from ${dayWords(of.applyOn)}`,
  acidPlan: ({ targetPH }) => `Acid plan to pH ${formatNumber(targetPH, 2)}`,
  order: ({ laboratory, orderedOn }) => `Samples to ${laboratory}, ${dayWords(orderedOn)}`,
  import: ({ fileName, readingCount }) => `${fileName}: ${readingCount} readings`,
}

/** A thing by its name in a line, with its day where that tells it from others alike. */
export function historyTitle<Kind extends HistoryKind>(
  kind: Kind,
  of: HistoryThings[Kind],
  system: UnitSystem,
): string {
  const say = titles[kind] as Titles[Kind]
  return say(of, system)
}
