import {
  acidBetween,
  bufferCapacity,
  bufferTests,
  slopesOf,
  textures,
} from '../../src/soil/soil/index.ts'
import { acidNeeded, mgCaCO3PerMeq } from '../../src/soil/water/index.ts'
import { findAcidity, molPerKgSulfur } from '../../src/material/source/index.ts'
import type { OutsideCheck } from './publications.ts'

const kgPerM2PerLb10 = 0.45359237 / 0.9290304
/** Silt loam over 6 in. */
const sixInchesKgPerM2 = 6 * 25.4 * 1.33

/** Sulfur on a silt loam, 6 in deep [lb/10 ft²]; figures printed to a tenth, so those under 0.3 are left out. */
// prettier-ignore
const sulfur: readonly (readonly [fromPH: number, toPH: number, pounds: number])[] = [
  [8, 6.5, 0.3], [8, 6, 0.4], [8, 5.5, 0.5], [8, 5, 0.6], [8, 4.5, 0.7], [7.5, 6, 0.3], [7.5, 5.5, 0.4], [7.5, 5, 0.5],
  [7.5, 4.5, 0.6], [7, 5.5, 0.3], [7, 5, 0.4], [7, 4.5, 0.5], [6.5, 5, 0.3], [6.5, 4.5, 0.4], [6, 4.5, 0.3],
]
const sulfurOf = (fromPH: number, toPH: number): number => {
  const { mmolPerKg } = bufferCapacity({ texture: 'silt-loam' })
  const mol = (acidBetween(slopesOf(mmolPerKg), fromPH, toPH) * sixInchesKgPerM2) / 1000
  return mol / molPerKgSulfur / kgPerM2PerLb10
}

/** Lime to pH 6.5 by the SMP buffer [ton/acre, 8 in]; the rows of 6.8 and 6.0 drew the line. */
// prettier-ignore
const smp = [[6.7, 2.1], [6.6, 2.9], [6.5, 3.8], [6.4, 4.7], [6.3, 5.5], [6.2, 6.4], [6.1, 7.2]] as const
const mmolPerTon = (2000 * 0.9 * 2000) / 2.4e6 / 0.100087

/** Clay in the middle of a texture class [%]. */
// prettier-ignore
const clay = [['sand', 5], ['sandy-loam', 10], ['silt-loam', 15], ['loam', 20], ['clay-loam', 35], ['clay', 50]] as const

/** Share of the alkalinity of water that is taken by an acid to a pH [1]. */
// prettier-ignore
const taken = [[6.3, 0.53], [6, 0.69], [5.8, 0.78], [5.5, 0.88], [4.5, 0.99]] as const

export const soilChecks: readonly OutsideCheck[] = [
  ...sulfur.map(([fromPH, toPH, printed]): OutsideCheck => ({
    publication: 'clemson',
    what: `sulfur for silt loam from pH ${fromPH} to ${toPH} [lb/10 ft²]`,
    printed,
    ours: () => sulfurOf(fromPH, toPH),
    within: 1.4,
  })),
  ...(['sand', 'sandy-loam', 'loam', 'silt-loam', 'clay-loam', 'clay'] as const).map(
    (texture): OutsideCheck => {
      const { clayPercent, organicPercent } = textures[texture]
      return {
        publication: 'aitken',
        what: `buffering of ${textures[texture].label.toLowerCase()} by its regression [mmol/kg/pH]`,
        printed: (((0.955 * organicPercent) / 1.724 + 0.011 * clayPercent) * 2000) / 100.087,
        ours: () => bufferCapacity({ texture }).mmolPerKg,
        within: 1.25,
      }
    },
  ),
  ...smp.map(([bufferPH, tons]): OutsideCheck => ({
    publication: 'smp',
    what: `limestone to pH 6.5 at an SMP of ${bufferPH} [mmol/kg]`,
    printed: tons * mmolPerTon,
    ours: () => (bufferTests.smp.freshPH - bufferPH) * bufferTests.smp.cmolPerPH * 10,
    within: 1.03,
  })),
  ...clay.map(([texture, printed]): OutsideCheck => ({
    publication: 'saxton',
    what: `clay in ${textures[texture].label.toLowerCase()} [%]`,
    printed,
    ours: () => textures[texture].clayPercent,
    within: 1.3,
  })),
  ...taken.map(([targetPH, printed]): OutsideCheck => ({
    publication: 'stummMorgan',
    what: `share of alkalinity that acid takes to pH ${targetPH}`,
    printed,
    ours: () => {
      const water = { alkalinityMgPerLCaCO3: 3 * mgCaCO3PerMeq, pH: 8.3 }
      return acidNeeded(water, targetPH) / 3
    },
    within: 1.03,
  })),
  ...(
    [
      ['aluminium-sulfate', 6.9],
      ['ferrous-sulfate', 8.7],
      ['ammonium-sulfate', 2.8],
    ] as const
  ).map(([id, printed]): OutsideCheck => ({
    publication: 'havlin',
    what: `pounds of ${id.replace('-', ' ')} that equal one of sulfur`,
    printed,
    ours: () => molPerKgSulfur / findAcidity(id).molPerKg.low,
    within: 1.06,
  })),
]
