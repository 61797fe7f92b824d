import { midSentence } from '../../base/writing/index.ts'
import { dayWords } from '../../base/calendar/index.ts'
import type { Hazard } from '../../apply/caution/index.ts'
import { sprayerKindOf } from '../../apply/sprayer/index.ts'
import { findPartner, mixingOrder, planFills } from '../../apply/mix/index.ts'
import { sizeWords } from '../../stand/plant/index.ts'
import { amountWords, spoonWords } from '../../base/quantity/index.ts'
import { findSource } from '../../material/source/index.ts'
import { acidDose, type AcidDose } from '../../soil/water/index.ts'
import { workWindow } from '../weather/index.ts'
import { fillBoxes } from './fill-boxes.ts'
import { sprayerLines } from './sprayer-lines.ts'
import { cautionLines, productLine } from './sheet-parts.ts'
import type { Sheet, SheetFill, SheetInput } from './sheet.ts'

/** Below these a kitchen scale is read in grams and a syringe in millilitres everywhere [kg, L]. */
const onKitchenScale = 0.03
const inSyringe = 0.03

const acidWords = ({ acid, kg, litres }: AcidDose, { system }: SheetInput): string =>
  kg === undefined
    ? `${amountWords('volume', litres ?? 0, (litres ?? 0) < inSyringe ? 'metric' : system, 2)} ${acid.name}`
    : `${amountWords('mass', kg, kg < onKitchenScale ? 'metric' : system, 2)} ${acid.name}`

/** What one fill, or the whole job, takes. */
function fillOf(input: SheetInput, waterL: number, productKg: number): SheetFill {
  const { system, work } = input
  const { densityKgPerL, conditioning } = work
  const { acidId, targetPH, ...water } = conditioning ?? { acidId: '', targetPH: 0 }
  const acid =
    conditioning && waterL > 0
      ? acidWords(acidDose(acidId, water as typeof conditioning, { targetPH, waterL }), input)
      : undefined
  return {
    water: waterL > 0 ? amountWords('volume', waterL, system) : '',
    product: amountWords('mass', productKg, system),
    spoons: densityKgPerL ? spoonWords(productKg, densityKgPerL, system) : undefined,
    acid,
  }
}

function hazardsOf({ work, sprayer }: SheetInput): readonly Hazard[] {
  const hasPesticide = work.partners.some(({ kindId }) => findPartner(kindId).isPesticide)
  const isOnHose = sprayer !== undefined && sprayerKindOf(sprayer.setup.kind).isOnHose
  return [
    ...(work.conditioning ? (['acid'] as const) : []),
    ...(hasPesticide ? (['pesticide'] as const) : []),
    ...(isOnHose ? (['hose'] as const) : []),
  ]
}

function afterLines({ looks, today, work }: SheetInput): readonly string[] {
  const day = (each: string) => dayWords(each, today.slice(0, 4))
  return [
    work.route === 'solution'
      ? 'Watch pH, and the fish if there are any, for the first hours.'
      : 'People and pets keep off until it is dry; the re-entry time of the label comes first.',
    'Write down what really went out, and the lot.',
    ...looks.map(({ title, dueOn }) => `${day(dueOn)}: ${midSentence(title)}.`),
  ]
}

/**
 * The page that is taken outside for one job, in the words and units of the place.
 * @throws {CoreError} as the parts it is made of: fills, acid, sources
 */
export function buildSheet(input: SheetInput): Sheet {
  const { stand, job, work, product, system, today } = input
  const source = findSource(work.sourceId)
  const partners = work.partners.map(({ kindId, name, dose }) => ({
    form: findPartner(kindId).form,
    words: dose ? `${name}, ${dose}` : name,
  }))
  const plan =
    work.tankL !== undefined && work.waterL > 0
      ? planFills({ productKg: work.productKg, waterL: work.waterL, tankL: work.tankL })
      : undefined
  const total = fillOf(input, work.waterL, work.productKg)
  const full =
    plan && plan.fullFills > 0 ? fillOf(input, plan.full.waterL, plan.full.productKg) : undefined
  const part = plan?.part && fillOf(input, plan.part.waterL, plan.part.productKg)
  const acid = (full ?? part ?? total).acid
  const { conditioning } = work
  return {
    title: job.title,
    where: `${input.placeName}, ${stand.name}, ${sizeWords(stand.size, system)}`,
    when: dayWords(job.dueOn, today.slice(0, 4)),
    product: productLine(work.sourceId, product),
    total,
    full,
    part,
    boxes: plan ? fillBoxes(input, plan) : [],
    leaveOff: input.strip ? [input.strip.words(system)] : [],
    tool: 'Sprayer',
    sprayer: sprayerLines(input),
    weather: workWindow(work.route, stand.context, system),
    order: mixingOrder({
      source,
      route: work.route,
      carrier: work.waterL > 0 ? 'water' : 'dry',
      acid:
        acid && conditioning
          ? { words: `${acid} ${full ? 'a full tank' : 'in all'}`, targetPH: conditioning.targetPH }
          : undefined,
      partners,
      waterInAfterH: work.waterInAfterH,
    }),
    cautions: cautionLines(
      {
        context: stand.context,
        route: work.route,
        sourceId: work.sourceId,
        hazards: hazardsOf(input),
      },
      product,
    ),
    after: afterLines(input),
  }
}
