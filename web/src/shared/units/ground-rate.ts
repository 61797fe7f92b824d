import { formatNumber } from '@spudder/core/base/writing'
import type { Situation } from '@spudder/core/soil/acid-plan'
import { quantityOf, valueIn, type UnitSystem } from '@spudder/core/base/quantity'
import type { FigureRange } from '@spudder/core/base/reference'

/** Unit in which amendments are said at a place: grass by the thousand square feet. */
export function groundUnit(system: UnitSystem, situation: Situation) {
  if (system === 'metric') return { unit: 'kg/m2', times: 1000, words: 'g/m²' }
  const isGrass = situation === 'turf' || situation === 'green'
  return isGrass
    ? { unit: 'lb/1000 ft2', times: 1, words: 'lb/1000 ft²' }
    : { unit: 'lb/ft2', times: 100, words: 'lb/100 ft²' }
}

type GroundUnit = ReturnType<typeof groundUnit>

export const inGroundUnit = (kgPerM2: number, { unit, times }: GroundUnit): number =>
  valueIn(quantityOf(kgPerM2, 'kg/m2'), unit) * times

/** "1.9-3.8 lb/100 ft²". */
export function groundRange({ low, high }: Omit<FigureRange, 'usual'>, unit: GroundUnit): string {
  const [from, to] = [low, high].map((each) => formatNumber(inGroundUnit(each, unit), 2))
  return from === to ? `${from} ${unit.words}` : `${from}-${to} ${unit.words}`
}
