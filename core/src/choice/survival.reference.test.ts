import { describe, expect, it } from 'vitest'
import { soilSurvival } from './data/survival.ts'

/*
 * A second, independent computation of the curves in data/survival.ts: ligand over soil iron
 * hydroxide (Lindsay 1979: soil-Fe 2.70, soil-Zn 5.80, soil-Cu 2.80), calcium of lime soil, Mg
 * 10^-3. Stability constants at 25 °C and I = 0.1 M: Martell & Smith / NIST 46; EDDHA L'Eplattenier
 * et al. 1967 with Fe of Yunta et al. 2003. Carried to I = 0.01 M by Davies. All recalled from the
 * publications named and not re-read.
 */

interface Metal {
  readonly charge: number
  readonly logK: number
  /** MHL from ML and a proton, and MOHL from ML less one. */
  readonly logKProton?: number
  readonly logKHydroxide?: number
}

interface Ligand {
  readonly charge: number
  readonly logKProtons: readonly number[]
  readonly metals: Readonly<Record<'Fe' | 'Ca' | 'Mg' | 'Zn' | 'Cu', Metal>>
}

const edta: Ligand = {
  charge: -4,
  logKProtons: [10.17, 6.11, 2.68, 2.0, 1.5],
  metals: {
    Fe: { charge: 3, logK: 25.1, logKProton: 1.3, logKHydroxide: -7.5 },
    Ca: { charge: 2, logK: 10.65, logKProton: 3.1 },
    Mg: { charge: 2, logK: 8.79, logKProton: 3.85 },
    Zn: { charge: 2, logK: 16.5, logKProton: 3.0, logKHydroxide: -11.6 },
    Cu: { charge: 2, logK: 18.79, logKProton: 3.0, logKHydroxide: -11.4 },
  },
}
const dtpa: Ligand = {
  charge: -5,
  logKProtons: [10.45, 8.53, 4.28, 2.65, 1.82],
  metals: {
    Fe: { charge: 3, logK: 28.0, logKProton: 3.56, logKHydroxide: -9.66 },
    Ca: { charge: 2, logK: 10.75, logKProton: 6.11 },
    Mg: { charge: 2, logK: 9.34, logKProton: 6.85 },
    Zn: { charge: 2, logK: 18.3, logKProton: 5.6 },
    Cu: { charge: 2, logK: 21.4, logKProton: 4.8 },
  },
}
const eddha: Ligand = {
  charge: -4,
  logKProtons: [11.68, 10.24, 8.64, 6.32],
  metals: {
    Fe: { charge: 3, logK: 35.09, logKProton: 2.2 },
    Ca: { charge: 2, logK: 7.2, logKProton: 9.0 },
    Mg: { charge: 2, logK: 8.0, logKProton: 8.5 },
    Zn: { charge: 2, logK: 16.8, logKProton: 7.9 },
    Cu: { charge: 2, logK: 23.9, logKProton: 7.9 },
  },
}

const davies = (charge: number, strength: number): number => {
  const root = Math.sqrt(strength)
  return -0.5085 * charge ** 2 * (root / (1 + root) - 0.3 * strength)
}
/** A constant at I = 0.1 M as it is without ionic strength. */
const atNoStrength = (logK: number, from: number[], to: number[]): number => {
  const sum = (charges: number[]) => charges.reduce((all, z) => all + davies(z, 0.1), 0)
  return logK + sum(to) - sum(from)
}

interface Species {
  readonly logAmount: number
  readonly carriesIron: boolean
}

function speciesOf(ligand: Ligand, pH: number, logActivity: Record<string, number>): Species[] {
  const z = ligand.charge
  const amount = (logBeta: number, charge: number, logRest: number, carriesIron = false) => ({
    logAmount: logBeta + logRest - davies(charge, 0.01),
    carriesIron,
  })
  const all = [amount(0, z, 0)]
  let logBeta = 0
  ligand.logKProtons.forEach((logK, index) => {
    logBeta += atNoStrength(logK, [1, z + index], [z + index + 1])
    all.push(amount(logBeta, z + index + 1, -pH * (index + 1)))
  })
  for (const [name, metal] of Object.entries(ligand.metals)) {
    const charge = z + metal.charge
    const beta = atNoStrength(metal.logK, [metal.charge, z], [charge])
    const free = logActivity[name] ?? Number.NEGATIVE_INFINITY
    const isIron = name === 'Fe'
    all.push(amount(beta, charge, free, isIron))
    if (metal.logKProton !== undefined) {
      const step = atNoStrength(metal.logKProton, [1, charge], [charge + 1])
      all.push(amount(beta + step, charge + 1, free - pH, isIron))
    }
    if (metal.logKHydroxide !== undefined) {
      const step = atNoStrength(metal.logKHydroxide, [charge], [charge - 1, 1])
      all.push(amount(beta + step, charge - 1, free + pH, isIron))
    }
  }
  return all
}

type Case = 'low' | 'usual' | 'high'

/** Calcium of lime soil, calcite + H+ = Ca2+ + HCO3- (1.85), 2 Ca = HCO3 + 2 meq/L, at most 10^-2.5. */
function limeSoilLogCalcium(pH: number): number {
  const others = 2e-3
  const calcium = (others + Math.sqrt(others ** 2 + 8 * 10 ** (1.85 - pH))) / 4
  return Math.min(-2.5, Math.log10(calcium))
}

function shareWithIron(ligand: Ligand, pH: number, which: Case): number {
  const logActivity: Record<string, number> = {
    Fe: 2.7 - 3 * pH,
    Ca: limeSoilLogCalcium(pH),
    Mg: -3,
  }
  // Zinc and copper: all that soil holds, a tenth of it and no more than usual, or none.
  if (which === 'low') Object.assign(logActivity, { Zn: 5.8 - 2 * pH, Cu: 2.8 - 2 * pH })
  if (which === 'usual') {
    const field = { Zn: Math.min(4.8 - 2 * pH, -6.5), Cu: Math.min(1.8 - 2 * pH, -9) }
    Object.assign(logActivity, field)
  }
  const species = speciesOf(ligand, pH, logActivity)
  const sum = (all: Species[]) => all.reduce((total, each) => total + 10 ** each.logAmount, 0)
  return sum(species.filter(({ carriesIron }) => carriesIron)) / sum(species)
}

describe('the survival curves against a second computation', () => {
  const curves = [
    ['fe-edta', edta],
    ['fe-dtpa', dtpa],
    ['fe-eddha', eddha],
  ] as const

  it.each(curves)('%s holds its iron as computed, within 0.5 of 100', (sourceId, ligand) => {
    const curve = soilSurvival.find((each) => each.sourceId === sourceId)
    expect(curve?.points.length).toBeGreaterThan(2)
    for (const point of curve?.points ?? []) {
      for (const which of ['low', 'usual', 'high'] as const) {
        const computed = 100 * shareWithIron(ligand, point.pH, which)
        const difference = Math.abs(computed - 100 * point[which])
        expect(difference, `${which} at pH ${point.pH}: ${computed.toFixed(2)}`).toBeLessThan(0.5)
      }
    }
  })

  it.each([
    [6.5, 2.5],
    [7, 2.61],
    [7.5, 2.78],
    [8, 2.89],
    [8.5, 2.96],
  ])('calcium of lime soil at pH %d is 10^-%d', (pH, pCa) => {
    expect(Math.abs(-limeSoilLogCalcium(pH) - pCa)).toBeLessThanOrEqual(0.005)
  })
})
