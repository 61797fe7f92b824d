import { typedNumber } from '@spudder/core/base/writing'
import type { ZoneDto } from '@spudder/contract/zone'
import {
  areaOf,
  gridPointOf,
  toOutline,
  type GlobePoint,
  type MappedGround,
} from '@spudder/core/stand/ground'
import {
  chooseByZone,
  type ChelateChoice,
  type Variety,
  type ZoneChoice,
} from '@spudder/core/outcome/zone'
import { placeUnits, type UnitSystem } from '@spudder/core/base/quantity'
import { numberIn } from '../../shared/form/number-text.ts'

/** Choices of each zone by its id, the best first. */
export type ZoneChoices = ReadonlyMap<string, readonly ZoneChoice[]>

/** What is weighed against each other, as it is typed. */
export interface ChoiceDraft {
  pricePerT: string
  varieties: { name: string; yieldTPerHa: string; tolerancePercent: string; seedPerHa: string }[]
  chelates: { name: string; kgPerHa: string; pricePerKg: string }[]
}

/** How what is typed is counted: a yield and a rate by land, a price by mass. */
export function zoneUnits(system: UnitSystem) {
  const { land, mass, crop } = placeUnits[system]
  return {
    yield: `${crop.unit}/${land.unit}`,
    rate: `${mass.unit}/${land.unit}`,
    price: mass.words,
    area: land.words,
    crop: crop.words,
    tonnes: crop.inMetric,
    kilograms: mass.inMetric,
    hectares: land.inMetric,
  }
}

/** Where somebody begins: a strong variety and a tolerant one, without chelate and with. */
export const firstChoice = (system: UnitSystem): ChoiceDraft =>
  system === 'us'
    ? {
        pricePerT: '190',
        varieties: [
          {
            name: 'stronger variety',
            yieldTPerHa: typedNumber(3.1),
            tolerancePercent: '0',
            seedPerHa: '22',
          },
          {
            name: 'tolerant variety',
            yieldTPerHa: typedNumber(2.85),
            tolerancePercent: '55',
            seedPerHa: '24',
          },
        ],
        chelates: [
          { name: 'none', kgPerHa: '0', pricePerKg: '0' },
          { name: 'EDDHA in the furrow', kgPerHa: '3', pricePerKg: '11' },
        ],
      }
    : {
        pricePerT: '210',
        varieties: [
          { name: 'stronger variety', yieldTPerHa: '7', tolerancePercent: '0', seedPerHa: '55' },
          {
            name: 'tolerant variety',
            yieldTPerHa: typedNumber(6.4),
            tolerancePercent: '55',
            seedPerHa: '60',
          },
        ],
        chelates: [
          { name: 'none', kgPerHa: '0', pricePerKg: '0' },
          { name: 'EDDHA in the furrow', kgPerHa: typedNumber(3.4), pricePerKg: '24' },
        ],
      }

const clean = (text: string): number => numberIn(text)

/** The first thing typed that is no number or cannot be; undefined where all is well. */
export function problemOf(
  { pricePerT, varieties, chelates }: ChoiceDraft,
  system: UnitSystem,
): string | undefined {
  const units = zoneUnits(system)
  if (!(clean(pricePerT) >= 0)) return 'Crop: give what a ton of it brings.'
  for (const { name, yieldTPerHa, tolerancePercent, seedPerHa } of varieties) {
    if (!(clean(yieldTPerHa) > 0))
      return `${name}: give its yield in ${units.yield} where nothing is pale.`
    const tolerance = clean(tolerancePercent)
    if (!(tolerance >= 0 && tolerance <= 100)) return `${name}: give its tolerance from 0 to 100 %.`
    if (!(clean(seedPerHa) >= 0)) return `${name}: give what seed costs ${units.area}.`
  }
  for (const { name, kgPerHa, pricePerKg } of chelates) {
    if (!(clean(kgPerHa) >= 0 && clean(kgPerHa) <= 40))
      return `${name}: give ${units.rate} from 0 to 40.`
    if (!(clean(pricePerKg) >= 0)) return `${name}: give its price ${units.price}.`
  }
  return undefined
}

export const areaM2Of = ({ outline }: ZoneDto): number => areaOf(toOutline(outline))

/** Choices of every scored zone, the best first; none where something typed cannot be. */
export function choicesOf(
  zones: readonly ZoneDto[],
  draft: ChoiceDraft,
  system: UnitSystem,
): ZoneChoices {
  if (problemOf(draft, system) !== undefined) return new Map()
  const { tonnes, kilograms, hectares } = zoneUnits(system)
  const varieties = draft.varieties.map(
    ({ name, yieldTPerHa, tolerancePercent, seedPerHa }): Variety => ({
      name,
      yieldTPerHa: (clean(yieldTPerHa) * tonnes) / hectares,
      tolerance: clean(tolerancePercent) / 100,
      seedPerHa: clean(seedPerHa) / hectares,
    }),
  )
  const chelates = draft.chelates.map(({ name, kgPerHa, pricePerKg }): ChelateChoice => ({
    name,
    kgPerHa: (clean(kgPerHa) * kilograms) / hectares,
    pricePerKg: clean(pricePerKg) / kilograms,
  }))
  const scored = zones.flatMap((zone) =>
    zone.score === null
      ? []
      : [{ id: zone.id, name: zone.name, areaHa: areaM2Of(zone) / 10000, score: zone.score }],
  )
  return chooseByZone(scored, varieties, chelates, clean(draft.pricePerT) / tonnes)
}

/** Pieces of a map on one grid: around the origin that is known, else around their south-west. */
export function piecesOnGrid(pieces: readonly MappedGround[], known: GlobePoint | null) {
  const origin = known ?? {
    longitude: Math.min(...pieces.map(({ southWest }) => southWest.longitude)),
    latitude: Math.min(...pieces.map(({ southWest }) => southWest.latitude)),
  }
  return pieces.map(({ name, score, outline, southWest }) => {
    const [east, north] = gridPointOf(southWest, origin)
    const scored = score === null ? {} : { score }
    return {
      name,
      origin,
      ...scored,
      outline: outline.map(([x, y]): number[] => [x + east, y + north]),
    }
  })
}
