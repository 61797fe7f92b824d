import { notIron, practice } from './judged-from.ts'
import type { Cause } from './cause.ts'
import { byLabel } from './ending.ts'
import { greensWithNothing, nothingLiving } from './shared-signs.ts'

/** Light, age, rest, and leaves that keep what is past. */
export const ageCauses: readonly Cause[] = [
  {
    id: 'shade-or-age',
    name: 'Shade or age',
    beside: 'shade or age',
    mechanism: 'Old or shaded leaves give up their green by themselves.',
    ...notIron,
    treatment: 'light',
    ending: {
      first: 'Leave it: new leaves are green.',
      then: ['Let in light by pruning, or plant what bears shade.'],
      doNotBuy: 'Iron or feed.',
      lookAgain: 'In three weeks, at the newest leaves.',
      ...byLabel,
    },
    commonness: { otherwise: 3 },
    signs: {
      tier: {
        'oldest-only': 7,
        'oldest-spreading-up': 1.6,
        scattered: 1.4,
        all: 1,
        otherwise: 0.2,
      },
      pattern: { 'even-pale': 7, mottle: 1, spots: 0.8, otherwise: 0.15 },
      newestLeaves: { paler: 0.3, alike: 2.2, greener: 7.5 },
      growth: { normal: 5, slow: 3, stopped: 1.8, 'very-fast': 0.4 },
      leafPaint: greensWithNothing,
      clinic: nothingLiving,
    },
    times: {
      shade: { open: 0.5, half: 1.6, deep: 4 },
    },

    because: {
      tier: 'Only the oldest leaves: the plant is letting them go.',
      shade: 'Leaves in the dark are given up.',
      newestLeaves: 'The new leaves are green.',
    },
    ...practice,
  },
  {
    id: 'autumn-or-rest',
    name: 'Autumn colour or winter rest',
    beside: 'going to rest',
    mechanism:
      'Deciduous leaves before they fall, and warm-season turf in the cold, draw in their green.',
    ...notIron,
    treatment: 'leave-it',
    ending: {
      first: 'Leave it: it greens by itself when its season comes.',
      then: [
        'Judge the colour again once new leaves stand.',
        'Use the rest for soil tests, and for sulfur where the plan has any.',
      ],
      doNotBuy: 'Iron or feed: resting plants take up neither.',
      lookAgain: 'When new leaves are full grown.',
      ...byLabel,
    },
    contexts: ['turf', 'tree', 'shrub'],
    commonness: { otherwise: 1.4 },
    signs: {
      tier: { all: 6, 'oldest-spreading-up': 2, scattered: 1.2, 'oldest-only': 1, otherwise: 0.15 },
      pattern: { 'even-pale': 8, bronzed: 0.8, mottle: 0.5, 'margin-scorch': 0.4, otherwise: 0.08 },
      growth: { stopped: 7, slow: 2.6, normal: 0.4, 'very-fast': 0.05 },
      season: { rest: 9, autumn: 0.6, winter: 0.3, otherwise: 0.05 },
      onset: { days: 1, weeks: 8.6, 'every-spring': 0.05, 'since-planting': 0.1 },
      leafPaint: greensWithNothing,
      clinic: nothingLiving,
    },
    times: { warmth: { cold: 2.2, cool: 1.4, warm: 0.5 } },
    events: { 'cold-spell': 1.6 },
    because: {
      season: 'At this time of the year it goes to rest.',
      tier: 'All leaves turn together.',
      growth: 'It has stopped for the year.',
      warmth: 'The ground is cold.',
    },
    ...practice,
  },
  {
    id: 'symptom-outlived',
    name: 'A symptom that outlived its cause',
    beside: 'leaves that keep an old symptom',
    mechanism: 'The cause was put right; the leaves that grew before it keep their colour.',
    ...notIron,
    treatment: 'wait',
    ending: {
      first: 'Leave it: the leaves that grew since are green.',
      then: ['Go on with what cured it, and look at new growth only.'],
      doNotBuy: 'More of anything: old leaves keep their colour.',
      lookAgain: 'In three weeks, at the newest leaves.',
      ...byLabel,
    },
    commonness: { otherwise: 2 },
    signs: {
      tier: {
        middle: 4,
        'oldest-only': 3.4,
        'oldest-spreading-up': 2.4,
        scattered: 1,
        all: 1.4,
        'youngest-only': 0.15,
        'youngest-spreading-down': 0.2,
      },
      pattern: {
        'fine-green-veins': 4,
        'even-pale': 2,
        'broad-green-bands': 1.4,
        mottle: 1.2,
        bleached: 1,
        'margin-scorch': 1,
        otherwise: 0.2,
      },
      newestLeaves: { paler: 0.15, alike: 0.65, greener: 9.2 },
      growth: { normal: 6, 'very-fast': 1.6, slow: 2, stopped: 0.4 },
      leafPaint: greensWithNothing,
      clinic: nothingLiving,
    },
    times: { roots: { white: 1.3, tan: 1, otherwise: 0.5 } },
    events: { 'pH-corrected': 4, acidified: 3, 'iron-given': 2.5, fed: 1.8 },
    because: {
      newestLeaves: 'The leaves that grew since are green.',
      tier: 'The pale leaves are those that grew before.',
      growth: 'It grows on as it should.',
    },
    ...practice,
  },
]
