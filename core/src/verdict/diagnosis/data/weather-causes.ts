import { judgedFrom } from './judged-from.ts'
import type { Cause } from './cause.ts'
import { byLabel } from './ending.ts'
import { greensWithNothing, nothingLiving } from './shared-signs.ts'

const practice = judgedFrom('common practice')
const notIron = { remedy: 'not-iron' } as const

/** What frost, heat and drought do to leaves that stand. */
export const weatherCauses: readonly Cause[] = [
  {
    id: 'frost-injury',
    name: 'Frost or cold injury',
    beside: 'frost injury',
    mechanism:
      'A cold night scalded, purpled or blackened leaves that stood; what grows after is sound.',
    ...notIron,
    treatment: 'wait',
    ending: {
      first: 'Wait two to three weeks, and judge by new leaves alone.',
      then: [
        'Do not prune, feed or spray before you see what is alive.',
        'Keep off frozen leaves; cover tender plants when the next frost is forecast.',
      ],
      doNotBuy: 'Iron or feed: hurt leaves do not green.',
      lookAgain: 'In two to three weeks, at the new leaves.',
      ...byLabel,
    },
    contexts: ['turf', 'tree', 'shrub', 'row-crop', 'container'],
    commonness: { otherwise: 2.2, container: 1 },
    signs: {
      tier: {
        'youngest-only': 4,
        'youngest-spreading-down': 1,
        all: 3,
        scattered: 2,
        otherwise: 0.4,
      },
      pattern: {
        bleached: 3,
        bronzed: 4,
        'margin-scorch': 2.6,
        'dead-tips': 1.6,
        spots: 1.2,
        'even-pale': 0.8,
        otherwise: 0.12,
      },
      onset: { days: 7.5, weeks: 2, 'every-spring': 0.4, 'since-planting': 0.1 },
      newestLeaves: { paler: 1, alike: 3, greener: 6 },
      whereOnPlant: { tips: 5, 'one-side': 2.6, whole: 2.4 },
      whereOnGround: { 'low-spots': 4, everywhere: 3.4, patches: 1.6, single: 1, otherwise: 0.15 },
      warmFortnight: { greened: 5, same: 4, worse: 1 },
      leafPaint: greensWithNothing,
      clinic: nothingLiving,
    },
    times: {
      season: { spring: 2.2, summer: 0.05, autumn: 1.8, winter: 1.4, rest: 0.8 },
      warmth: { cold: 2, cool: 1.2, warm: 0.5 },
      sprayed: { no: 1.1, yes: 0.4 },
    },
    hurtsStandingLeaves: true,
    events: { 'cold-spell': 9 },
    because: {
      pattern: 'Frost purples, browns or bleaches what it touches.',
      onset: 'It came overnight.',
      whereOnGround: 'Cold air lies in the low spots.',
      whereOnPlant: 'The tips and the open side stand in the frost.',
      newestLeaves: 'What grew after the frost is sound.',
      season: 'Nights freeze at this time of the year.',
      warmth: 'It was cold.',
    },
    ...practice,
  },
  {
    id: 'heat-or-drought',
    name: 'Heat or drought',
    beside: 'heat or drought',
    mechanism: 'Leaves lose more water than roots bring, and scorch or dry from their margins.',
    ...notIron,
    treatment: 'water',
    ending: {
      first: 'Feel the ground a hand deep, and water slowly and deeply where it is dry.',
      then: [
        'Wet what repels water first: spike it, or a wetting agent by its label.',
        'Shade or syringe what is tender; leave feed and sprays until it has recovered.',
      ],
      doNotBuy: 'Iron or feed: salt on dry roots burns.',
      cautions: ['Work in the cool of the day; drink, and rest in shade.'],
      lookAgain: 'In a week, at how wet it is; in three, at new leaves.',
      ...byLabel,
    },
    contexts: ['turf', 'tree', 'shrub', 'row-crop', 'container'],
    commonness: { otherwise: 3.2, turf: 4 },
    signs: {
      tier: {
        all: 4,
        'oldest-only': 2,
        'oldest-spreading-up': 2.4,
        scattered: 1.6,
        otherwise: 0.6,
      },
      pattern: {
        'margin-scorch': 5.5,
        'even-pale': 3,
        bronzed: 2.4,
        bleached: 0.8,
        spots: 0.4,
        otherwise: 0.12,
      },
      growth: { stopped: 4, slow: 5, normal: 0.9, 'very-fast': 0.1 },
      onset: { days: 5.4, weeks: 4, 'every-spring': 0.2, 'since-planting': 0.4 },
      whereOnGround: {
        patches: 4.4,
        everywhere: 2.6,
        'near-concrete': 1.8,
        single: 1,
        'dead-centre': 0.4,
        'low-spots': 0.05,
        otherwise: 0.15,
      },
      leafPaint: greensWithNothing,
      clinic: nothingLiving,
      pullTest: { holds: 9.2, lifts: 0.8 },
    },
    times: {
      wetness: { dry: 3.6, moist: 0.35, wet: 0.08, standing: 0.03 },
      rain: { no: 1.3, yes: 0.2 },
      warmth: { cold: 0.2, cool: 0.5, warm: 1.4 },
      season: { spring: 0.6, summer: 2, autumn: 0.5, winter: 0.1, rest: 0.2 },
      texture: { sand: 1.5, loam: 0.9, clay: 0.8, peat: 0.8 },
      depth: { shallow: 2, deep: 0.75 },
    },
    hurtsStandingLeaves: true,
    events: { heat: 7, drought: 7 },
    because: {
      wetness: 'It is dry at the roots.',
      pattern: 'Margins farthest from the veins dry first.',
      onset: 'It came within days of the heat.',
      whereOnGround: 'It begins where ground is thin, south-facing or beside paving.',
      season: 'These are the hottest weeks.',
      growth: 'A thirsty plant stops growing.',
      depth: 'Shallow ground dries out first.',
    },
    ...practice,
  },
]
