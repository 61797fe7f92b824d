import type { Context } from '../../../stand/plant/index.ts'
import type { LimitedKind } from '../../../material/source/index.ts'
import type { Figure } from '../../../base/reference/index.ts'

interface SituationDefinition {
  readonly label: string
  readonly isTilled: boolean
  readonly isLiving: boolean
  /** Kinds of stand that it can be chosen on; undefined: any. */
  readonly contexts: readonly Context[] | undefined
}

const anywhere = { contexts: undefined } as const
/** Where the amendment goes: what it may touch decides how much of it at once. */
export const situations = {
  bare: { label: 'Bare ground, before planting', isTilled: true, isLiving: false, ...anywhere },
  pit: { label: 'Planting pit, dug and filled', isTilled: true, isLiving: false, ...anywhere },
  holes: {
    label: 'Holes or bands under trees',
    isTilled: true,
    isLiving: true,
    contexts: ['tree', 'shrub'],
  },
  turf: { label: 'Established turf', isTilled: false, isLiving: true, ...anywhere },
  green: { label: 'Bowling or putting green', isTilled: false, isLiving: true, ...anywhere },
  bed: { label: 'Bed or border with plants', isTilled: false, isLiving: true, ...anywhere },
  pot: { label: 'Pots', isTilled: false, isLiving: true, ...anywhere },
} as const satisfies Readonly<Record<string, SituationDefinition>>
export type Situation = keyof typeof situations

/** Share of the ground under trees that holes or bands take up: a zone in which roots find iron. */
export const holesShare: Figure = {
  value: 0.05,
  unit: '',
  source: 'holes 5 to 8 cm wide every 60 cm, with what they wet around them (common practice)',
  mark: 'C',
}

export const situationNames = Object.keys(situations) as readonly Situation[]

/** Where an amendment can go on a kind of stand. */
export const situationsOn = (context: Context): readonly Situation[] =>
  situationNames.filter(
    (name) => (situations[name] as SituationDefinition).contexts?.includes(context) ?? true,
  )

/** Holes under trees, as arborists bore them. */
export const holes = {
  wide: { value: 0.065, unit: 'm', source: '5 to 8 cm (common practice)', mark: 'C' },
  apart: { value: 0.6, unit: 'm', source: 'every 60 cm (common practice)', mark: 'C' },
} as const satisfies Readonly<Record<string, Figure>>

/** Most of a kind at once and in a year [kg/m²], and days between two [d]. */
export interface StepLimit {
  readonly once: Figure
  readonly year: Figure
  readonly daysApart: Figure
}

const kgPerM2PerLb1000 = 0.45359237 / 92.90304
const lb = (value: number, source: string, mark: Figure['mark']): Figure => ({
  value: value * kgPerM2PerLb1000,
  unit: 'kg/m²',
  source: `${value} lb/1000 ft²: ${source}`,
  mark,
})
const limit = (once: Figure, year: Figure, daysApart: number): StepLimit => ({
  once,
  year,
  daysApart: {
    value: daysApart,
    unit: 'd',
    source: 'what went on is to work before more goes on',
    mark: 'J',
  },
})
const guides = 'extension turf guides, from memory'
const never = (why: string) => limit(lb(0, why, 'C'), lb(0, why, 'C'), 0)

const tilledSulfur = limit(
  lb(35, 'half of the most that a berry table spreads in a year', 'J'),
  lb(70, 'about 3,000 lb/acre, the most that a published table spreads before planting', 'D'),
  90,
)
const tilledSalt = limit(
  lb(200, 'salt of more at once keeps seed from coming up', 'J'),
  lb(400, 'twice that', 'J'),
  60,
)
const onTurfNitrogen = limit(
  lb(1, `nitrogen at once; ${guides}`, 'M'),
  lb(4, `nitrogen in a year; ${guides}`, 'M'),
  30,
)
const bedNitrogen = limit(
  lb(1, 'nitrogen at once; landscape bulletins, from memory', 'M'),
  lb(2, 'nitrogen in a year; landscape bulletins, from memory', 'M'),
  45,
)
const bareNitrogen = limit(
  lb(2, 'nitrogen before planting; more washes out', 'J'),
  lb(2, 'nitrogen before planting; more washes out', 'J'),
  45,
)
const tilledLime = limit(
  lb(100, 'lime worked in at once (liming bulletins, from memory)', 'M'),
  lb(150, 'in a year; the rest after a test', 'J'),
  90,
)
const topLime = limit(
  lb(50, 'lime onto grass or beds at once (liming bulletins, from memory)', 'M'),
  lb(100, 'in a year; the rest after a test', 'J'),
  120,
)
const mixedPeat = limit(
  lb(600, 'a quarter of the ground by volume is peat then', 'J'),
  lb(600, 'a quarter of the ground by volume is peat then', 'J'),
  30,
)
const mulch = limit(
  lb(1000, 'a cover of 4 in (common practice)', 'C'),
  lb(1000, 'a cover of 4 in (common practice)', 'C'),
  180,
)

/** Limits by situation and kind; local rules, the label and the season’s nitrogen come before them. */
export const stepLimits: Readonly<Record<Situation, Readonly<Record<LimitedKind, StepLimit>>>> = {
  bare: { sulfur: tilledSulfur, nitrogen: bareNitrogen, salt: tilledSalt, 'iron salt': tilledSalt, lime: tilledLime, organic: mixedPeat }, // prettier-ignore
  pit: { sulfur: tilledSulfur, nitrogen: bareNitrogen, salt: tilledSalt, 'iron salt': tilledSalt, lime: tilledLime, organic: mixedPeat }, // prettier-ignore
  holes: {
    sulfur: limit(
      lb(200, 'a filling of one part sulfur in ten, in the holes alone', 'J'),
      lb(200, 'once a year', 'J'),
      365,
    ),
    nitrogen: bedNitrogen,
    'iron salt': limit(
      lb(400, 'a filling of one part in five, in the holes alone', 'J'),
      lb(400, 'once a year', 'J'),
      365,
    ),
    salt: limit(lb(400, 'as of iron salt', 'J'), lb(400, 'once a year', 'J'), 365),
    lime: never('holes are bored to bring pH down'),
    organic: mixedPeat,
  },
  turf: {
    sulfur: limit(lb(5, `at once; ${guides}`, 'M'), lb(10, `a year; ${guides}`, 'M'), 120),
    nitrogen: onTurfNitrogen,
    'iron salt': limit(
      lb(1, 'ferrous sulfate watered in; more blackens grass (turf bulletins, from memory)', 'M'),
      lb(2.5, 'its iron fills a season: 25 kg/ha', 'J'),
      28,
    ),
    salt: limit(lb(10, 'more scorches and blackens', 'J'), lb(30, 'three of them', 'J'), 30),
    lime: topLime,
    organic: never('covers grass'),
  },
  green: {
    sulfur: limit(
      lb(0.5, `at once on greens; ${guides}`, 'M'),
      lb(2, `a year on greens; ${guides}`, 'M'),
      42,
    ),
    nitrogen: limit(
      lb(0.5, 'nitrogen at once on greens', 'C'),
      lb(3, 'nitrogen a year on greens', 'C'),
      21,
    ),
    'iron salt': limit(
      lb(0.5, 'ferrous sulfate watered in on greens (turf bulletins, from memory)', 'M'),
      lb(2.5, 'its iron fills a season: 25 kg/ha', 'J'),
      28,
    ),
    salt: limit(lb(3, 'more blackens a green', 'J'), lb(12, 'four of them', 'J'), 30),
    lime: limit(lb(10, 'lime onto a green at once', 'J'), lb(25, 'in a year', 'J'), 90),
    organic: never('covers a green'),
  },
  bed: {
    sulfur: limit(
      lb(5, `at once where roots live; ${guides}`, 'M'),
      lb(10, '400 lb/acre and a year on planted berries (berry guides, from memory)', 'M'),
      120,
    ),
    nitrogen: bedNitrogen,
    'iron salt': limit(
      lb(2.5, 'its iron fills a season: 25 kg/ha; more is for bare ground and pits', 'J'),
      lb(2.5, 'its iron fills a season: 25 kg/ha', 'J'),
      45,
    ),
    salt: limit(lb(20, 'a landscape dressing', 'J'), lb(60, 'three of them', 'J'), 45),
    lime: topLime,
    organic: mulch,
  },
  pot: {
    sulfur: limit(
      lb(12, '0.3 kg/m³ of mix, 0.2 m deep: roots have nowhere to go', 'J'),
      lb(25, 'twice that', 'J'),
      90,
    ),
    nitrogen: limit(lb(2, 'a feed', 'J'), lb(12, 'feeds of a year', 'J'), 14),
    'iron salt': limit(lb(40, '1 kg/m³ as a drench', 'J'), lb(40, 'once', 'J'), 30),
    salt: limit(lb(40, '1 kg/m³ as a drench', 'J'), lb(120, 'three drenches', 'J'), 30),
    lime: limit(lb(60, '1.5 kg/m³ as a drench', 'J'), lb(120, 'twice that', 'J'), 60),
    organic: never('pots are full'),
  },
}

/** Soil in which bacteria turn sulfur [°C], and above which grass must not be dressed. */
export const sulfurWindow = {
  leastC: {
    value: 13,
    unit: '°C',
    source: 'sulfur onto soil over 13 to 15 °C (common practice)',
    mark: 'C',
  },
  /** Of the soil; air stands some degrees above it at noon. */
  mostTurfC: {
    value: 24,
    unit: '°C',
    source: 'not onto turf in heat (common practice); soil of 24 °C is a hot day’s',
    mark: 'C',
  },
} as const satisfies Readonly<Record<string, Figure>>
