import type { Day } from '../../base/calendar/index.ts'
import { plantsOf, type Context } from '../../stand/plant/index.ts'
import { occursOn } from '../diagnosis/index.ts'
import { cardsOf, type DrillCard, type DrillDone } from './cards.ts'
import { confusionsOf, isSuspected, type Confusion } from './confusions.ts'
import { choosing } from './data/drill-figures.ts'
import type { DrawnKind } from './data/kinds.ts'
import { causeOf, drawCase, drilledCauses, type DrillSpec } from './draw-case.ts'
import { judgePlant, shareOf } from './judge-plant.ts'

/** What is to be drilled next, and of whom. */
export interface NextDrill {
  readonly kind: DrawnKind
  readonly context: Context
  /** What this person answered, oldest first. */
  readonly done: readonly DrillDone[]
  readonly today: Day
  /** Numbers from 0 to 1. */
  readonly chance: () => number
}

/** What one is drilled in on a kind of stand. */
export interface Syllabus {
  /** The commonest first: some to begin with, and one more for each that was right twice in a row. */
  readonly inPlay: readonly string[]
  readonly all: readonly string[]
  readonly cards: readonly DrillCard[]
}

const isSettled = ({ rightInRow }: DrillCard): boolean => rightInRow >= choosing.rightInRow.value

/** Causes in play on a kind of stand, with how well each is known. */
export function syllabusOf({
  context,
  done,
  today,
}: Pick<NextDrill, 'context' | 'done' | 'today'>): Syllabus {
  const all = drilledCauses(context).map(({ id }) => id)
  const cards = cardsOf(done, today).filter((each) => each.context === context)
  const settled = cards.filter(isSettled).length
  return { inPlay: all.slice(0, choosing.firstInPlay.value + settled), all, cards }
}

type Asked = Pick<DrillSpec, 'causeId' | 'against'>
type Mistaken = Pick<Confusion, 'causeId' | 'takenFor'>

/** Whether an answer was a mistake, and not what anyone would have said who saw no more. */
function isMistake({ kind, right, offered, shares, causeId, saidId }: DrillDone): boolean {
  if (kind === 'leaf') return causeId !== saidId
  const share = (id: string) => shares[0]?.[offered.indexOf(id)] ?? 0
  return right === 0 && share(causeId) >= share(saidId)
}

/** What may be confused by all answers, the likeliest first; then what was mistaken the last time. */
function mistaken(done: readonly DrillDone[], context: Context): readonly Mistaken[] {
  const drilled = drilledCauses(context).map(({ id }) => id)
  const last = new Map(done.map((each) => [each.causeId, each]))
  const wrong = [...last.values()]
    .filter(isMistake)
    .map(({ kind, causeId, saidId }) =>
      kind === 'leaf' ? { causeId: saidId, takenFor: causeId } : { causeId, takenFor: saidId },
    )
  return [...confusionsOf(done).filter(isSuspected), ...wrong].filter(
    ({ causeId, takenFor }) => drilled.includes(causeId) && drilled.includes(takenFor),
  )
}

/** A case that tells apart what may be confused. */
function toTellApart(
  { kind, context, done, chance }: NextDrill,
  lately: readonly string[],
): Asked | undefined {
  if (chance() > choosing.shareOfSuspected.value) return undefined
  // Whoever takes one for the other points at it when the other is asked for.
  const asked = mistaken(done, context).map(({ causeId, takenFor }) =>
    kind === 'leaf' ? { causeId: takenFor, against: causeId } : { causeId, against: takenFor },
  )
  return asked.find(({ causeId }) => !lately.includes(causeId))
}

/** What is due, then what was never asked, then what was not right twice yet, then what is known least. */
function nextCause({ inPlay, cards }: Syllabus, lately: readonly string[], today: Day): string {
  const due = cards
    .filter(({ dueOn, causeId }) => dueOn <= today && !lately.includes(causeId))
    .toSorted((a, b) => a.dueOn.localeCompare(b.dueOn))
  const fresh = inPlay.filter((id) => !cards.some(({ causeId }) => causeId === id))
  const least = cards
    .filter(({ causeId }) => !lately.includes(causeId))
    .toSorted(
      (a, b) =>
        Number(isSettled(a)) - Number(isSettled(b)) || a.times - b.times || a.known - b.known,
    )
  const next = due[0]?.causeId ?? fresh[0] ?? least[0]?.causeId ?? inPlay[0]
  if (next === undefined) throw new Error('a kind of stand has causes')
  return next
}

/** Of some cases, the one whose signs show best what it is: one that would mislead anyone teaches little. */
function clearest(draw: () => DrillSpec, tries: number): DrillSpec {
  const tried = Array.from({ length: tries }, () => {
    const spec = draw()
    const { setting, plants } = drawCase(spec)
    const is = spec.kind === 'leaf' ? spec.against : spec.causeId
    const plant = plants.find(({ causes }) => causes.some(({ id }) => id === is))
    return { spec, share: plant && is !== null ? shareOf(judgePlant(setting, plant), is) : 0 }
  })
  return tried.reduce((best, each) => (each.share > best.share ? each : best)).spec
}

/** The case that teaches most now: what may be confused, what is due, what is new. */
export function chooseNext(next: NextDrill): DrillSpec {
  const { kind, context, done, today, chance } = next
  const lately = done.slice(-choosing.notAgainWithin.value).map(({ causeId }) => causeId)
  const asked = toTellApart(next, lately) ?? {
    causeId: nextCause(syllabusOf(next), lately, today),
    against: null,
  }
  const causes = [asked.causeId, ...(asked.against === null ? [] : [asked.against])].map(causeOf)
  const plants = plantsOf(context).filter((plant) => causes.every((each) => occursOn(each, plant)))
  const plant = plants[Math.floor(chance() * plants.length)]
  if (!plant) throw new Error(`no plant of ${context} has ${asked.causeId}`)
  const drawn = () => ({ kind, context, plantId: plant.id, ...asked, seed: chance() })
  if (kind === 'case') return drawn()
  return clearest(
    drawn,
    (asked.against === null ? choosing.tried : choosing.triedToTellApart).value,
  )
}
