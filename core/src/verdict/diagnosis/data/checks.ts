import type { Context } from '../../../stand/plant/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'
import type { FeatureName } from './features.ts'
import { judged } from './judged-from.ts'

/** Something to look at, try or send away, that would tell causes apart. */
export interface Check extends Sourced {
  readonly id: string
  /** What to do, as it is said: "Look at the roots". */
  readonly name: string
  readonly how: string
  /** What it reveals, all at once. */
  readonly reveals: readonly FeatureName[]
  readonly contexts?: readonly Context[]
  /** Spent on material or fees, in the money of the place, where a kit or probe is at hand. */
  readonly money: number
  readonly minutes: number
  /** Until the answer is there. */
  readonly days: number
  readonly caution?: string
  /** Where it takes more or less on a kind of stand. */
  readonly effortIn?: Readonly<
    Partial<Record<Context, Partial<Pick<Check, 'money' | 'minutes' | 'days'>>>>
  >
}

const rooted: readonly Context[] = ['turf', 'tree', 'shrub', 'row-crop', 'container']
const inGround: readonly Context[] = ['turf', 'tree', 'shrub', 'row-crop']
const solution: readonly Context[] = ['hydroponic', 'aquaponic']
const practice = {
  source: 'common practice; money and minutes by our judgement',
  mark: 'C',
} as const
const look = { money: 0, days: 0, ...practice } as const

/** Every check that can be proposed; those that make no sense for a stand are left out there. */
export const checks: readonly Check[] = [
  {
    id: 'which-leaves',
    name: 'See which leaves are pale',
    how: 'Follow one shoot from the oldest leaf to the youngest.',
    reveals: ['tier'],
    minutes: 1,
    ...look,
  },
  {
    id: 'leaf-to-the-light',
    name: 'Hold a leaf to the light',
    how: 'Look at the veins: fine and sharp, wide and soft, or as pale as the rest.',
    reveals: ['pattern'],
    minutes: 1,
    ...look,
  },
  {
    id: 'newest-leaves',
    name: 'Compare the newest leaves with those below',
    how: 'Paler says it goes on; greener says the cause is past or moves up from the old leaves.',
    reveals: ['newestLeaves'],
    minutes: 1,
    ...look,
  },
  {
    id: 'growth',
    name: 'Judge the growth',
    how: 'Shoot length, clippings or new leaves a week, against a healthy neighbour.',
    reveals: ['growth'],
    minutes: 2,
    ...look,
  },
  {
    id: 'where-on-plant',
    name: 'See which part of the plant it is',
    how: 'Walk round it: whole, one side, or tips.',
    reveals: ['whereOnPlant'],
    minutes: 2,
    ...look,
  },
  {
    id: 'where-on-ground',
    name: 'See where on the ground it is',
    how: 'Step back: everywhere, low spots, rings, stripes, along concrete.',
    reveals: ['whereOnGround'],
    minutes: 5,
    effortIn: { 'row-crop': { minutes: 20 } },
    ...look,
  },
  {
    id: 'roots',
    name: 'Look at the roots',
    how: 'Knock out a pot, cut a plug or dig a hand deep at the edge of a sick plant. White or tan is sound; brown and soft is not; galls are part of the root, nodules of legumes rub off.',
    reveals: ['roots'],
    minutes: 10,
    effortIn: {
      tree: { minutes: 30 },
      container: { minutes: 2 },
      hydroponic: { minutes: 2 },
      aquaponic: { minutes: 2 },
    },
    ...look,
  },
  {
    id: 'wetness',
    name: 'Feel how wet it is, and ask about the last weeks',
    how: 'A hand deep at the roots; rain and irrigation of the last three weeks.',
    reveals: ['wetness', 'rain'],
    minutes: 4,
    contexts: rooted,
    ...look,
  },
  {
    id: 'warmth',
    name: 'Put a thermometer into the root zone',
    how: '10 cm (4 in) deep, in the morning, on a few days.',
    reveals: ['warmth'],
    minutes: 3,
    ...look,
  },
  {
    id: 'probe',
    name: 'Push a probe or screwdriver into the ground',
    how: 'Feel for packed layers and for rock or rubble.',
    reveals: ['compaction', 'depth'],
    minutes: 5,
    contexts: inGround,
    ...look,
  },
  {
    id: 'texture',
    name: 'Rub moist soil between the fingers',
    how: 'Gritty and loose is sand; a ribbon longer than 5 cm (2 in) is clay.',
    reveals: ['texture'],
    minutes: 3,
    contexts: inGround,
    ...look,
  },
  {
    id: 'ask-feed',
    name: 'Find out what was fed while these leaves grew',
    how: 'The feed record or the bag: how much, which nitrogen, iron or none.',
    reveals: ['feed', 'feedIron'],
    minutes: 5,
    ...look,
  },
  {
    id: 'ask-sprays',
    name: 'Ask what was sprayed or spilled',
    how: 'Ask everybody who works here, and the neighbours: weed killer, growth regulator, fuel, bleach, drift.',
    reveals: ['sprayed'],
    minutes: 10,
    ...look,
  },
  {
    id: 'ask-onset',
    name: 'Ask since when',
    how: 'Days, weeks, each spring, or since it was planted.',
    reveals: ['onset'],
    minutes: 3,
    ...look,
  },
  {
    id: 'light',
    name: 'Watch the light for a day',
    how: 'Hours of sun where it is pale and where it is green.',
    reveals: ['shade'],
    minutes: 5,
    ...look,
  },
  {
    id: 'pH',
    name: 'Measure pH, and find out what it was while these leaves grew',
    how: 'Ten cores over the root depth, sick and healthy apart; ask for any correction and its day.',
    reveals: ['pH'],
    effortIn: {
      container: { minutes: 8 },
      hydroponic: { minutes: 2 },
      aquaponic: { minutes: 2 },
      'row-crop': { minutes: 30 },
    },
    money: 1,
    minutes: 10,
    days: 0,
    ...practice,
  },
  {
    id: 'fizz',
    name: 'Drip dilute acid onto the soil',
    how: 'Vinegar or 10 % acid on a crumb of dry soil; listen and look for bubbles.',
    reveals: ['fizz'],
    // A potting mix is not fizzed: its lime is there on purpose, and spent within weeks.
    contexts: inGround,
    money: 1,
    minutes: 3,
    days: 0,
    caution: 'Goggles and gloves with anything stronger than vinegar.',
    ...practice,
  },
  {
    id: 'hand-lens',
    name: 'Look at both sides of a leaf through a hand lens',
    how: 'Ten times; tap the leaf over white paper first. Specks that walk, webbing, honeydew, mould or pustules.',
    reveals: ['lens'],
    minutes: 4,
    ...look,
  },
  {
    id: 'bioassay',
    name: 'Sow beans into this ground and into clean ground',
    how: 'Two pots side by side, ten beans or peas each, warm and light; compare the first true leaves.',
    reveals: ['bioassay'],
    contexts: rooted,
    money: 2,
    minutes: 20,
    days: 21,
    ...practice,
  },
  {
    id: 'mowing',
    name: 'Ask when and how low it was mown, and look at the tips',
    how: 'A cut that took more than a third, humps shaved bare, or tips frayed to straw by a blunt blade.',
    reveals: ['mowing'],
    contexts: ['turf'],
    minutes: 2,
    ...look,
  },
  {
    id: 'pull-test',
    name: 'Pull at the turf',
    how: 'Grip a tuft at the edge of the patch and lift: does it come up like a carpet?',
    reveals: ['pullTest'],
    contexts: ['turf'],
    minutes: 1,
    ...look,
  },
  {
    id: 'soapy-flush',
    name: 'Flush a patch with soapy water',
    how: 'Two spoons of dish soap in 8 L (2 gal) on a square metre at the edge of the patch, or a can pressed in and filled; wait ten minutes and see what comes up.',
    reveals: ['flush'],
    contexts: ['turf'],
    money: 1,
    minutes: 15,
    days: 0,
    ...practice,
  },
  {
    id: 'thatch',
    name: 'Cut a plug and measure the thatch',
    how: 'The brown felt between leaf and soil, pressed lightly.',
    reveals: ['thatch'],
    contexts: ['turf'],
    minutes: 3,
    ...look,
  },
  {
    id: 'nitrate-vial',
    name: 'Test the nitrate of the solution',
    how: 'Colour vial, five minutes by the timer, read against the white card in daylight.',
    reveals: ['solutionNitrate'],
    contexts: solution,
    money: 1,
    minutes: 8,
    days: 0,
    ...practice,
  },
  {
    id: 'iron-vial',
    name: 'Test the iron of the solution',
    how: 'Colour vial or strip; take the sample away from where iron was poured last.',
    reveals: ['solutionIron'],
    contexts: solution,
    money: 1,
    minutes: 8,
    days: 0,
    ...practice,
  },
  {
    id: 'hardness-kits',
    name: 'Count drops for total hardness and for calcium',
    how: 'Both kits on one sample; magnesium is what calcium leaves of the hardness.',
    reveals: ['solutionMagnesium'],
    contexts: solution,
    money: 2,
    minutes: 12,
    days: 0,
    ...practice,
  },
  {
    id: 'soil-nitrate',
    name: 'Test soil nitrate with a quick strip',
    how: 'Shake soil with clear salt solution, dip the strip in what stands above.',
    reveals: ['soilNitrate'],
    contexts: inGround,
    money: 3,
    minutes: 25,
    days: 0,
    ...practice,
  },
  {
    id: 'salt',
    name: 'Measure EC',
    how: 'Pour-through for pots, one part soil in two of water for ground, the solution as it is.',
    reveals: ['salt'],
    effortIn: { hydroponic: { minutes: 1, money: 0 }, aquaponic: { minutes: 1, money: 0 } },
    money: 1,
    minutes: 12,
    days: 0,
    ...practice,
  },
  {
    id: 'water-alkalinity',
    name: 'Count drops for the alkalinity of the water',
    how: 'KH kit on what comes out of the tap or well.',
    reveals: ['waterAlkalinity'],
    contexts: rooted,
    money: 1,
    minutes: 6,
    days: 0,
    ...practice,
  },
  {
    id: 'leaf-paint',
    name: 'Paint leaves with iron, manganese, zinc and magnesium',
    how: 'Mark five leaves or strips. Brush each with one dilute sulfate (iron, manganese, zinc ½ to 1 %, magnesium 2 %) and one with water, a drop of wetting agent in each. Look which greens in 3 to 10 days.',
    reveals: ['leafPaint'],
    money: 3,
    minutes: 25,
    days: 7,
    caution: 'Gloves and goggles; stains; not in hot sun, which burns wet leaves.',
    ...practice,
  },
  {
    id: 'iron-on-a-part',
    name: 'Give iron to a part, and leave a strip without',
    how: 'Treat a few square metres or plants with iron that holds at this pH; mark a strip beside them that gets none. Look at both, with the card in the picture, when the colour is due.',
    reveals: ['ironTried'],
    effortIn: {
      tree: { days: 35, money: 25 },
      container: { money: 4, minutes: 20 },
      hydroponic: { money: 3, minutes: 10, days: 7 },
      aquaponic: { money: 3, minutes: 10, days: 10 },
    },
    money: 12,
    minutes: 45,
    days: 14,
    caution: 'Label, gloves and goggles as for any application; iron stains stone.',
    ...practice,
  },
  {
    id: 'warm-fortnight',
    name: 'Wait a warm fortnight',
    how: 'Let the ground warm and drain; mark a shoot and look whether its next leaves come green.',
    reveals: ['warmFortnight'],
    contexts: rooted,
    money: 0,
    minutes: 5,
    days: 14,
    ...practice,
  },
  {
    id: 'soil-test',
    name: 'Send soil for DTPA iron, manganese, zinc and phosphorus',
    how: 'Ten to fifteen cores over the root depth, sick and healthy apart.',
    reveals: ['soilIron', 'ironToManganese', 'soilZinc', 'soilPhosphorus'],
    contexts: inGround,
    money: 30,
    minutes: 30,
    days: 8,
    ...practice,
  },
  {
    id: 'lime-test',
    name: 'Send soil for free lime (CaCO3)',
    how: 'The same cores as for pH.',
    reveals: ['lime'],
    contexts: inGround,
    money: 18,
    minutes: 25,
    days: 8,
    ...practice,
  },
  {
    id: 'leaf-analysis',
    name: 'Send leaves for analysis',
    how: 'Recently matured leaves of sick plants, rinsed, in paper. Total iron will say little; the others speak.',
    reveals: ['leafNitrogen', 'leafMagnesium', 'leafManganese', 'leafZinc', 'leafSulfur'],
    money: 38,
    minutes: 25,
    days: 9,
    ...practice,
  },
  {
    id: 'active-iron',
    name: 'Send fresh leaves for active iron',
    how: 'Fresh and cool to the laboratory the same day, sick and healthy apart.',
    reveals: ['activeIron'],
    money: 32,
    minutes: 25,
    days: 6,
    ...practice,
  },
  {
    id: 'sick-against-healthy',
    name: 'Send leaves of a sick and a healthy plant as a pair',
    how: 'Same age of leaf, same day, two bags: the difference is what counts.',
    reveals: ['activeIron', 'leafNitrogen', 'leafMagnesium', 'leafManganese', 'leafZinc'],
    money: 95,
    minutes: 40,
    days: 9,
    ...practice,
  },
  {
    id: 'plant-clinic',
    name: 'Send a sick plant or plug to a plant clinic',
    how: 'With roots and soil, from the edge of the trouble, packed cool.',
    reveals: ['clinic'],
    money: 45,
    minutes: 25,
    days: 8,
    ...practice,
  },
]

/** A check with what it takes on a kind of stand. */
export const checkIn = (check: Check, context: Context): Check => ({
  ...check,
  ...check.effortIn?.[context],
})

/** What effort and a wrong remedy are worth, in the money of the place. */
export const worth = {
  /** A minute of work. */
  minute: judged(0.5, 'money/min', 'about thirty an hour'),
  /** A day of waiting while the leaf gets no better. */
  day: judged(1, 'money/d', 'a season of colour shared out over its days'),
  /** Getting up to do anything at all. */
  start: judged(3, 'money', 'the way there and back: six minutes of work'),
  /** Treating for the wrong cause. */
  wrongRemedy: judged(100, 'money', 'product, work and weeks lost on a small stand'),
  /** A bit learned about the cause, whether or not it changes the remedy now. */
  bit: judged(12, 'money/bit', 'an eighth of a wrong remedy'),
  /** One cause, or what to do, clear at last. */
  settled: judged(10, 'money', 'a tenth of a wrong remedy: the search is over'),
} as const
