import { boxOf, type Outline } from '../../stand/ground/index.ts'
import type { StandSize } from '../../stand/plant/index.ts'
import { amountWords, placeUnits, type UnitSystem } from '../../base/quantity/index.ts'
import { formatAtMost } from '../../base/writing/index.ts'
import type { Figure } from '../../base/reference/index.ts'

/** What a strip is laid out by. */
const stripFigures = {
  /** Where nobody said how wide the sprayer covers. */
  usualWidth: {
    value: 2,
    unit: 'm',
    source: 'a strip as wide as one pass: a boom or a walked swath (common practice)',
    mark: 'C',
  },
  /** More of the ground than this is too much to leave pale for the sake of knowing. */
  mostShare: {
    value: 0.2,
    unit: '1',
    source: 'a strip that takes more than a fifth leaves too little treated',
    mark: 'J',
  },
  /** Of plants that stand one by one. */
  plantShare: {
    value: 0.1,
    unit: '1',
    source: 'one plant in ten left alone tells the others apart (common practice)',
    mark: 'C',
  },
  fewestPlants: {
    value: 6,
    unit: 'plants',
    source: 'of fewer, one left alone says as much of itself as of the treatment',
    mark: 'J',
  },
} as const satisfies Readonly<Record<string, Figure>>

/** Ground or plants that are left without the treatment, to compare with. */
export interface Strip {
  /** Of the stand, that gets nothing [1]. */
  readonly share: number
  /** Where to leave off, in words of the place. */
  readonly words: (system: UnitSystem) => string
  /** Middle of it along the long way of the ground [1]; undefined for plants. */
  readonly middle: number | undefined
}

export interface StripFacts {
  readonly size: StandSize
  readonly outline?: Outline | undefined
  /** What the sprayer covers in one pass [m]. */
  readonly swathM?: number | undefined
}

function acrossGround(areaM2: number, { outline, swathM }: StripFacts): Strip | undefined {
  const widthM = Math.max(1, swathM ?? stripFigures.usualWidth.value)
  const box = outline && boxOf(outline)
  const sides = box && [box.east - box.west, box.north - box.south].toSorted((a, b) => a - b)
  const [acrossM = Math.sqrt(areaM2), alongM = Math.sqrt(areaM2)] = sides ?? []
  const stripM2 = Math.min(widthM * acrossM, (widthM / alongM) * areaM2)
  const share = stripM2 / areaM2
  if (share > stripFigures.mostShare.value) return undefined
  return {
    share,
    middle: 0.5,
    words: (system) => {
      const { unit, inMetric } = placeUnits[system].length
      const length = (metres: number) => `${formatAtMost(metres / inMetric, 1)} ${unit}`
      const where = box
        ? `from ${length(alongM / 2 - widthM / 2)} to ${length(alongM / 2 + widthM / 2)} along`
        : 'across the middle'
      return `Leave off a strip ${length(widthM)} wide, ${where}, from edge to edge: ${amountWords('area', stripM2, system, 2)}.`
    },
  }
}

function ofPlants(count: number, one: string, many: string): Strip | undefined {
  if (count < stripFigures.fewestPlants.value) return undefined
  const left = Math.max(1, Math.round(count * stripFigures.plantShare.value))
  return {
    share: left / count,
    middle: undefined,
    words: () =>
      left === 1
        ? `Leave one of ${count} ${many} alone: a ${one} as pale as most, with a ribbon on it.`
        : `Leave ${left} of ${count} ${many} alone, as pale as most and not side by side, with a ribbon on each.`,
  }
}

/**
 * The strip that can be left untreated on a stand; undefined where none makes sense: in a solution,
 * which reaches everything, of few plants, and on ground that a strip would take too much of.
 * @source common practice: a strip as wide as one pass, across the middle, from edge to edge
 */
export function stripOf(facts: StripFacts): Strip | undefined {
  const { size } = facts
  switch (size.kind) {
    case 'area':
      return acrossGround(size.areaM2, facts)
    case 'trunks':
      return ofPlants(size.count, 'tree', 'trees')
    case 'pots':
      return ofPlants(size.count, 'pot', 'pots')
    case 'solution':
      return undefined
  }
}

/**
 * Where on the ground a share of the work is done, when the strip is walked over without treating it.
 * @param share of the work that is out, 0 to 1 [1]
 * @returns share of the ground, strip and all [1]
 */
export function groundShare(share: number, strip: Strip | undefined): number {
  if (!strip) return share
  const treated = share * (1 - strip.share)
  if (strip.middle === undefined) return share
  return treated <= strip.middle - strip.share / 2 + 1e-12 ? treated : treated + strip.share
}
