import type { Figure, Sourced } from '../../../base/reference/index.ts'

/** A figure with its spread over draws, as one standard deviation. */
export interface SpreadFigure extends Figure {
  readonly spread: number
  /** Whether the spread is of the figure's logarithm. */
  readonly isLog: boolean
}

const spread = (
  value: number,
  unit: string,
  [deviation, isLog]: readonly [deviation: number, isLog: boolean],
  from: Sourced,
): SpreadFigure => ({ value, unit, spread: deviation, isLog, ...from })

/** Sulfur that bacteria take from the surface of its grains in moist soil of 25 °C. */
export const sulfurPerSurface = spread(26, 'µg/cm²/d', [0.65, true], {
  source: 'Janzen and Bettany 1987: about 26, from 10 to 60 between soils',
  mark: 'M',
})
/** Density of sulfur [g/cm³]. */
export const sulfurDensity: Figure = {
  value: 2.07,
  unit: 'g/cm³',
  source: 'CRC Handbook: orthorhombic sulfur',
  mark: 'M',
}
/** Times faster for 10 K. */
export const warmth = spread(2.8, '', [0.5, false], {
  source: 'Germida and Janzen 1993: about 2.8, from 1.9 to 4.3',
  mark: 'M',
})
export const warmthBounds = {
  low: 1.9,
  high: 4.3,
  source: 'Germida and Janzen 1993, from memory: from 1.9 to 4.3',
  mark: 'M',
} as const
/** Colder soil turns nothing. */
export const leastWarmth: Figure = {
  value: 2,
  unit: '°C',
  source: 'sulfur bacteria rest below 2 to 4 °C (common practice)',
  mark: 'C',
}
/** Share of full speed that dry spells leave over a year: most draws lose little, some much. */
export const moisture = {
  low: 0.35,
  lowWatered: 0.6,
  high: 1,
  source: 'moisture factor 0.35 to 1; watered ground seldom falls dry',
  mark: 'J',
} as const
/** Before bacteria are at work on fresh sulfur. */
export const lag = spread(28, 'd', [0.4, true], {
  source: 'some weeks of lag (common practice)',
  mark: 'C',
})
/** How far grains of one product differ from what it says. */
export const grain = spread(1, '', [0.3, true], { source: 'sieve classes are wide', mark: 'J' })

/** Ammonium turned to nitrate a day in warm soil. */
export const nitrification: Figure = {
  value: 0.1,
  unit: '1/d at 25 °C',
  source: 'nitrification in warm moist soil takes two to four weeks (soil science texts)',
  mark: 'M',
}
/** Salts that acidify by themselves act over days. */
export const saltAction: Figure = {
  value: 0.1,
  unit: '1/d',
  source: 'iron rusts out and aluminium falls out within weeks (common practice)',
  mark: 'C',
}
/** Litter gives what acid it has over a year or two of warm ground. */
export const litterAction: Figure = {
  value: 0.006,
  unit: '1/d at 25 °C',
  source: 'leaf litter loses half its weight in about a year',
  mark: 'J',
}
/** Share of the acid spread that the root zone gets, and how evenly. */
export const arrival = spread(1, '', [0.12, true], {
  source: 'spreaders are good to about a tenth',
  mark: 'J',
})

/** Free lime dissolving a day for each pH that soil stands below its balance. */
export const limeDissolving: Figure = {
  value: 0.03,
  unit: '1/d/pH',
  source: 'fine limestone in soil a pH and a half too acid is half gone in about two weeks to a month', // prettier-ignore
  mark: 'J',
}
/** pH at which added limestone stops dissolving. */
export const limeBalance: Figure = {
  value: 7.8,
  unit: 'pH',
  source: 'calcite in balance with the air of soil',
  mark: 'M',
}
/** pH above which soil drops lime rather than rise further. */
export const limeDrops: Figure = {
  value: 8.3,
  unit: 'pH',
  source: 'calcite in balance with open air',
  mark: 'M',
}
/** Bicarbonate of soil water: this × 10^pH [mol/L]. */
export const bicarbonate: Figure = {
  value: 10 ** -10.12,
  unit: 'mol/L',
  source: 'Henry’s law and first pK of carbonic acid at 0.005 atm CO₂',
  mark: 'D',
}
/** Most bicarbonate that soil water carries off. */
export const mostBicarbonate: Figure = {
  value: 4e-3,
  unit: 'mol/L',
  source: 'water in balance with calcite and the air of soil',
  mark: 'D',
}
/** Acid that washes down with each proton, as aluminium rides along. */
export const aluminiumWithAcid: Figure = {
  value: 3,
  unit: '',
  source: 'aluminium is trivalent; the size is judged',
  mark: 'J',
}
/** Share of the difference between two layers that worms and roots even out a day. */
export const mixing: Figure = {
  value: 3e-4,
  unit: '1/d',
  source: 'worms and roots even out about a tenth a year',
  mark: 'J',
}

/** What differs between draws besides. */
export const drainage = spread(1, '', [0.5, true], {
  source: 'water past the roots differs so by soil and year',
  mark: 'J',
})
export const waterLime = spread(1, '', [0.25, true], {
  source: 'water given and its alkalinity differ so over a season',
  mark: 'J',
})
export const soilWarmth = spread(0, 'K', [0.9, false], {
  source: 'shade, slope and year',
  mark: 'J',
})
/** Everything else that moves pH: crops carried off, rain, dust, feed. */
export const drift = spread(0, 'pH/year', [0.12, false], {
  source: 'pH of undisturbed ground strays about a tenth a year',
  mark: 'J',
})
