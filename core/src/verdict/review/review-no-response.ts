import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import { amountWords, percent, percentRange, type UnitSystem } from '../../base/quantity/index.ts'
import type { FigureRange } from '../../base/reference/index.ts'
import {
  leastDrenchMm,
  leastIronChance,
  leastPouredL,
  leastStayed,
  leastWorking,
  washesOffMm,
} from './data/limits.ts'

/** What the record knows of a treatment that did nothing; absent is "not known". */
export interface ReviewFacts {
  /** Units that amounts are told in. */
  readonly system: UnitSystem
  readonly route: Route
  /** How the source is called: "EDTA". */
  readonly appliedName: string
  /** Rain from the start until six hours after [mm]. */
  readonly rainAfterMm?: number | undefined
  /** Share of a leaf spray that stayed on the leaf, by its water and drops [1]. */
  readonly stayed?: FigureRange | undefined
  /** Water that went out with it [L/m²]; only where the ground is known. */
  readonly waterMm?: number | undefined
  /** Water a plant, where it was poured plant by plant [L]. */
  readonly waterPerPlantL?: number | undefined
  readonly pH?: number | undefined
  /** Share of its iron that works at this pH, over the days until colour was due in full. */
  readonly working?: FigureRange | undefined
  /** What greened in the leaf-paint test. */
  readonly leafPaint?: string | undefined
  /** Chance that iron was short at all, by the verdict. */
  readonly ironChance?: number | undefined
  /** The likeliest cause that is not iron, with its chance. */
  readonly otherCause?: { readonly name: string; readonly chance: number } | undefined
  readonly roots?: string | undefined
  readonly wetness?: string | undefined
  readonly warmth?: string | undefined
  /** Days from the treatment to the last look, and when colour is due in full at the latest. */
  readonly lookedAfterDays: number
  readonly dueByDays: number
  /** Whether leaves were white before it. */
  readonly wasWhite: boolean
}

export type ReviewAnswer = 'yes' | 'no' | 'not known'

/** One question of the review, as far as the record answers it. */
export interface ReviewStep {
  readonly id: 'washed-off' | 'wrong-chelate' | 'not-iron' | 'roots' | 'too-early'
  readonly question: string
  readonly answer: ReviewAnswer
  readonly because: string
  /** What to do: where the answer is yes, or to find it out. */
  readonly then: string
}

export interface Review {
  /** In the order in which they are asked. */
  readonly steps: readonly ReviewStep[]
  /** The first question answered with yes, if any. */
  readonly explains: ReviewStep | undefined
  /** The first question that is still open. */
  readonly askNext: ReviewStep | undefined
  /** What came of it, in a sentence. */
  readonly conclusion: string
}

const inchMm = 25.4
/** Depth of rain or water: "0.12 in", "3.0 mm". */
const depth = (mm: number, system: UnitSystem): string =>
  system === 'us' ? `${formatNumber(mm / inchMm, 2)} in` : `${formatDecimals(mm, 1)} mm`

type Ask = (facts: ReviewFacts) => Omit<ReviewStep, 'id' | 'question'>

const washedOff: Ask = ({ route, rainAfterMm, stayed, waterMm, waterPerPlantL, system }) => {
  const again = 'Put it out again in an hour that is fit for it.'
  if (route === 'leaf') {
    if (stayed && stayed.usual < leastStayed.value) {
      return {
        answer: 'yes',
        because: `It ran off: of so much water about ${percent(stayed.usual)} stays on the leaf (${percentRange(stayed.low, stayed.high)}).`,
        then: 'Spray it again in less water and finer drops, leaves wetted but not dripping.',
      }
    }
    if (rainAfterMm === undefined) {
      return {
        answer: 'not known',
        because: 'No weather was kept with the entry.',
        then: 'Ask who sprayed, or look the rain up: it takes six dry hours.',
      }
    }
    return rainAfterMm >= washesOffMm.value
      ? {
          answer: 'yes',
          because: `${depth(rainAfterMm, system)} of rain fell within six hours.`,
          then: again,
        }
      : {
          answer: 'no',
          because: `The leaf stayed dry: ${depth(rainAfterMm, system)} of rain within six hours.`,
          then: '',
        }
  }
  if (route === 'solution') {
    return {
      answer: 'no',
      because: 'It went into the solution, where nothing washes it off.',
      then: '',
    }
  }
  if (waterPerPlantL !== undefined) return pouredDown(waterPerPlantL, system)
  if (waterMm === undefined) {
    return {
      answer: 'not known',
      because: 'How much water went out on how much ground is not recorded.',
      then: 'Ask whether it was watered in down to the roots, and not beyond them.',
    }
  }
  return waterMm < leastDrenchMm.value
    ? {
        answer: 'yes',
        because: `${depth(waterMm, system)} of water does not carry it down to the roots.`,
        then: 'Water it in: what lies on mulch and thatch does nothing.',
      }
    : { answer: 'no', because: `It was watered in with ${depth(waterMm, system)}.`, then: '' }
}

const pouredDown = (litres: number, system: UnitSystem): ReturnType<Ask> =>
  litres < leastPouredL.value
    ? {
        answer: 'yes',
        because: `${amountWords('volume', litres, system)} a plant does not carry it down to the roots.`,
        then: 'Pour more water after it, to the depth of the feeding roots.',
      }
    : {
        answer: 'no',
        because: `It was poured down with ${amountWords('volume', litres, system)} a plant.`,
        then: '',
      }

const wrongChelate: Ask = ({ route, appliedName, pH, working }) => {
  if (!working || pH === undefined) {
    return {
      answer: 'not known',
      because: 'No pH is known for the days it had to work in.',
      then: 'Measure the pH of the root zone.',
    }
  }
  const [share, range] = [percent(working.usual), percentRange(working.low, working.high)]
  const at = `at pH ${formatDecimals(pH, 1)} ${share}${range === share ? '' : ` (${range})`} of the iron of ${appliedName} works until colour is due`
  if (route !== 'leaf' && working.usual < leastWorking.value) {
    return {
      answer: 'yes',
      because: `${at[0]?.toUpperCase()}${at.slice(1)}.`,
      then: 'Choose one that holds its iron at this pH, or spray the leaf meanwhile.',
    }
  }
  return { answer: 'no', because: `It held: ${at}.`, then: '' }
}

const notIron: Ask = ({ leafPaint, ironChance, otherCause }) => {
  if (leafPaint === 'iron') {
    return { answer: 'no', because: 'The leaf painted with iron greened.', then: '' }
  }
  if (leafPaint !== undefined) {
    return {
      answer: 'yes',
      because:
        leafPaint === 'none'
          ? 'No painted leaf greened, the iron one neither.'
          : `The leaf painted with ${leafPaint} greened, not the iron one.`,
      then: 'Back to the verdict with that answer: more iron does nothing.',
    }
  }
  const other = otherCause ? `; ${otherCause.name} has ${percent(otherCause.chance)}` : ''
  if (ironChance !== undefined && ironChance < leastIronChance.value) {
    return {
      answer: 'yes',
      because: `The verdict gives iron only ${percent(ironChance)}${other}.`,
      then: 'Do its next check before anything else is put out.',
    }
  }
  return {
    answer: 'not known',
    because:
      ironChance === undefined
        ? 'There is no verdict to go by.'
        : `The verdict gives iron ${percent(ironChance)}${other}, but no leaf was painted.`,
    then: 'Paint leaves with iron, manganese, zinc and magnesium: in a week it is known.',
  }
}

const badRoots: Readonly<Record<string, string>> = {
  'brown-soft': 'brown and soft',
  knotted: 'knotted or galled',
  circling: 'circling or girdled',
}

const rootsAsk: Ask = ({ route, roots, wetness, warmth }) => {
  const bad = roots === undefined ? undefined : badRoots[roots]
  if (bad !== undefined) {
    return {
      answer: 'yes',
      because: `Roots were ${bad}: they take up nothing, whatever is offered.`,
      then: 'Roots first: air, drainage, a clinic for rot. Leaf sprays alone reach the plant meanwhile.',
    }
  }
  const hindered =
    wetness === 'standing' ? 'standing water' : warmth === 'cold' ? 'cold ground' : undefined
  if (hindered !== undefined && route !== 'leaf') {
    return {
      answer: 'yes',
      because: `Roots are held up by ${hindered}.`,
      then: 'Wait for it to drain and warm before another dose.',
    }
  }
  return roots === undefined
    ? {
        answer: 'not known',
        because: 'Nobody looked at the roots.',
        then: 'Dig or knock out one plant and look.',
      }
    : { answer: 'no', because: `Roots were ${roots}.`, then: '' }
}

const tooEarly: Ask = ({ lookedAfterDays, dueByDays, wasWhite }) => {
  if (lookedAfterDays < dueByDays) {
    return {
      answer: 'yes',
      because: `Looked at after ${lookedAfterDays} days; it may take ${dueByDays}.`,
      then: `Look again on day ${dueByDays}, at the newest leaves.`,
    }
  }
  return {
    answer: 'no',
    because: `Looked at after ${lookedAfterDays} days, ${dueByDays} being the longest usual.`,
    then: wasWhite ? 'White leaves seldom recover: judge by new growth.' : '',
  }
}

const questions: readonly (readonly [ReviewStep['id'], string, Ask])[] = [
  ['washed-off', 'Was it washed off, run off, or never carried down?', washedOff],
  ['wrong-chelate', 'Was it past its pH?', wrongChelate],
  ['not-iron', 'Was it not iron that was short?', notIron],
  ['roots', 'Could the roots not take it up?', rootsAsk],
  ['too-early', 'Was it looked at too early?', tooEarly],
]

/**
 * Why a treatment did nothing: the questions of practice in their order, each answered from the
 * record where the record knows.
 */
export function reviewNoResponse(facts: ReviewFacts): Review {
  const steps = questions.map(([id, question, ask]) => ({ id, question, ...ask(facts) }))
  const explains = steps.find(({ answer }) => answer === 'yes')
  const askNext = steps.find(({ answer }) => answer === 'not known')
  const before = explains && askNext && steps.indexOf(askNext) < steps.indexOf(explains)
  return { steps, explains, askNext, conclusion: concluded(explains, askNext, Boolean(before)) }
}

function concluded(
  explains: ReviewStep | undefined,
  askNext: ReviewStep | undefined,
  isOpenBefore: boolean,
): string {
  if (explains) {
    const open =
      isOpenBefore && askNext ? ` An earlier question is open all the same: ${askNext.then}` : ''
    return `${explains.because} ${explains.then}${open}`
  }
  if (askNext) return `The record does not explain it yet. Next: ${askNext.then}`
  return 'The record explains none of it: the iron was right, in time, held, and the roots are sound. Take the look again and let the verdict weigh that this failed.'
}
