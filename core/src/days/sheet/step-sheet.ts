import { midSentence } from '../../base/writing/index.ts'
import { dayWords, type Day } from '../../base/calendar/index.ts'
import { amountWords, type UnitSystem } from '../../base/quantity/index.ts'
import type { SourceId } from '../../material/source/index.ts'
import { holes, situations, type Situation } from '../../soil/acid-plan/index.ts'
import { workWindow } from '../weather/index.ts'
import { cautionLines, productLine } from './sheet-parts.ts'
import type { Sheet, SheetInput } from './sheet.ts'

/** Everything that the sheet of a step of an acid plan is made of. */
export interface StepSheetInput extends Pick<
  SheetInput,
  'system' | 'today' | 'placeName' | 'stand' | 'job' | 'product'
> {
  readonly step: {
    readonly sourceId: SourceId
    readonly productKg: number
    /** Ground that it goes onto [m²]. */
    readonly groundM2: number
    readonly depthM: number
    readonly situation: Situation
  }
  /** The same as a rate, in the words of the place. */
  readonly rateWords: string
  /** What of the plan comes after this step. */
  readonly later: readonly { readonly title: string; readonly dueOn: Day }[]
}

const depthWords = (depthM: number, system: UnitSystem) => amountWords('length', depthM, system, 2)

/** How it gets to the roots, in order. */
function orderOf({ step, system, stand }: StepSheetInput): readonly string[] {
  const { situation, productKg, depthM } = step
  const half = amountWords('mass', productKg / 2, system)
  const weigh = `Weigh it, and halve it: ${half} one way, ${half} across.`
  const { isTilled, isLiving } = situations[situation]
  if (situation === 'holes') {
    return [
      'Have pipes and cables marked.',
      `Bore or wash holes about ${depthWords(holes.wide.value, system)} wide and ${depthWords(depthM, system)} deep, ${depthWords(holes.apart.value, system)} apart, from half way out to a step past the drip line.`,
      'Share it out evenly over the holes, mixed with compost or sand; a hand below the rim.',
      'Fill up with soil, and water slowly.',
    ]
  }
  if (situation === 'pot') {
    const each = stand.size.kind === 'pots' ? productKg / stand.size.count : productKg
    return [
      `${amountWords('mass', each, system)} for each pot, spread over the mix, not at the stem.`,
      'Scratch it in, and water until a little runs out.',
    ]
  }
  return [
    weigh,
    'Sweep what fell on paving back onto the ground.',
    isTilled
      ? `Work it in over the whole ${depthWords(depthM, system)}.`
      : 'Brush it off the leaves and water it in at once, long enough to wet the roots.',
    ...(isLiving ? [] : ['Wait with planting until pH was measured again.']),
  ]
}

/** Holes and pots are filled by hand. */
const spreaderLines = (situation: Situation): readonly string[] =>
  situation === 'holes' || situation === 'pot'
    ? ['By hand, with a measured scoop.']
    : ['Set it to half of that, try it on a sheet of known size, weigh what falls, and set again.']

/** The page that is taken outside for a step of an acid plan, in the words and units of the place. */
export function buildStepSheet(input: StepSheetInput): Sheet {
  const { stand, job, step, product, system, today, later } = input
  const day = (each: Day) => dayWords(each, today.slice(0, 4))
  const ground = amountWords('area', step.groundM2, system, 3)
  return {
    title: job.title,
    where: `${input.placeName}, ${stand.name}, ${ground} of ground`,
    when: day(job.dueOn),
    product: productLine(step.sourceId, product),
    total: {
      water: '',
      product: amountWords('mass', step.productKg, system),
      spoons: undefined,
      acid: undefined,
    },
    full: undefined,
    part: undefined,
    boxes: [],
    leaveOff: [],
    tool: 'Spreader',
    sprayer: [`${input.rateWords} in all.`, ...spreaderLines(step.situation)],
    weather: workWindow('soil', stand.context, system),
    order: orderOf(input),
    cautions: cautionLines(
      { context: stand.context, route: 'soil', sourceId: step.sourceId },
      product,
    ),
    after: [
      'People and pets keep off until it is watered in or worked in.',
      'Write down what really went out, and the lot.',
      ...later.map(({ title, dueOn }) => `${day(dueOn)}: ${midSentence(title)}.`),
    ],
  }
}
