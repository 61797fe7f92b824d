import { CoreError, requireInRange } from '../../base/error/index.ts'
import { ligands, metalCharge, metalIds, type LigandId, type MetalId } from '../source/index.ts'
import { ironHydrolysis, ironSolids, soilIonicStrength } from './data/soil-solids.ts'
import { logActivityCoefficient } from './davies.ts'
import type { EquilibriumInput, EquilibriumSpecies } from './equilibrium-input.ts'
import { solveEquilibrium, type Equilibrium } from './equilibrium.ts'
import { logKInWater, speciesOfLigand } from './ligand-species.ts'

/** A nutrient solution or tank: finite metals and ligands, pH kept by the grower. */
export interface NutrientSolution {
  readonly pH: number
  /** Each metal in all its forms [mmol/L]. */
  readonly metalsMmolPerL: Readonly<Partial<Record<MetalId, number>>>
  readonly ligandsMmolPerL: Readonly<Partial<Record<LigandId, number>>>
  /** Whether iron may fall out as fresh hydroxide, and over which solid. */
  readonly precipitation?: 'none' | 'amorphous' | 'soil-iron'
  readonly ionicStrengthM?: number
}

function requireMmol(name: string, value: number): void {
  requireInRange(name, value, { min: 0, max: 1000, unit: 'mmol/L' })
}

/** Constants between concentrations, protons as activity. */
function speciesIn(solution: NutrientSolution, present: readonly MetalId[]): EquilibriumSpecies[] {
  const { ionicStrengthM: strength = soilIonicStrength.value } = solution
  const coefficient = (charge: number) => logActivityCoefficient(charge, strength)
  const complexes = Object.keys(solution.ligandsMmolPerL).flatMap((id) => {
    const ligand = ligands[id as LigandId]
    return speciesOfLigand(ligand)
      .filter(({ metal }) => metal === undefined || present.includes(metal))
      .map((each): EquilibriumSpecies => ({
        name: `${id} ${each.name}`,
        logK:
          logKInWater(each, ligand.charge, strength) +
          (each.metal ? each.metals * coefficient(metalCharge[each.metal]) : 0),
        of: {
          [id]: each.ligands,
          H: each.protons,
          ...(each.metal ? { [each.metal]: each.metals } : {}),
        },
      }))
  })
  if (!present.includes('Fe')) return complexes
  const hydroxides = ironHydrolysis.map(({ value }, index): EquilibriumSpecies => ({
    name: `Fe(OH)${index + 1}`,
    logK: value + coefficient(3) - coefficient(2 - index),
    of: { Fe: 1, H: -(index + 1) },
  }))
  return [...complexes, ...hydroxides]
}

/**
 * The system of a nutrient solution for the general solver. Components: H (fixed), metals, ligands.
 * @throws {CoreError} out-of-range, not-a-number, not-applicable (nothing dissolved)
 */
export function solutionSystem(solution: NutrientSolution): EquilibriumInput {
  const { pH, precipitation = 'amorphous', ionicStrengthM: strength } = solution
  requireInRange('pH', pH, { min: 2.5, max: 11 })
  const present = metalIds.filter((metal) => (solution.metalsMmolPerL[metal] ?? 0) > 0)
  const chelators = Object.entries(solution.ligandsMmolPerL).filter(([, amount]) => amount > 0)
  for (const [name, amount] of Object.entries(solution.metalsMmolPerL)) requireMmol(name, amount)
  for (const [name, amount] of Object.entries(solution.ligandsMmolPerL)) requireMmol(name, amount)
  if (present.length + chelators.length === 0) {
    throw new CoreError('solution-empty', {
      parameter: 'metalsMmolPerL',
    })
  }
  const kept = { ...solution, ligandsMmolPerL: Object.fromEntries(chelators) }
  const ironFree = logActivityCoefficient(3, strength ?? soilIonicStrength.value)
  const solids =
    precipitation === 'none' || !present.includes('Fe')
      ? []
      : [
          {
            name: 'Fe(OH)3',
            logK: ironSolids[precipitation].value - ironFree,
            of: { Fe: 1, H: -3 },
          },
        ]
  return {
    components: [
      { name: 'H', logActivity: -pH },
      ...present.map((name) => ({ name, total: (solution.metalsMmolPerL[name] ?? 0) * 1e-3 })),
      ...chelators.map(([name, amount]) => ({ name, total: amount * 1e-3 })),
    ],
    species: speciesIn(kept, present),
    solids,
  }
}

/**
 * Share of the iron of a nutrient solution that stays dissolved.
 * @returns the share [1] with the equilibrium it was read from, or the failure as it is
 * @throws {CoreError} as {@link solutionSystem}
 */
export function ironInSolution(
  solution: NutrientSolution,
):
  | (Extract<Equilibrium, { converged: true }> & { readonly dissolvedShare: number })
  | Extract<Equilibrium, { converged: false }> {
  const equilibrium = solveEquilibrium(solutionSystem(solution))
  if (!equilibrium.converged) return equilibrium
  const total = (solution.metalsMmolPerL.Fe ?? 0) * 1e-3
  const fallen = equilibrium.solids['Fe(OH)3'] ?? 0
  return { ...equilibrium, dissolvedShare: total > 0 ? (total - fallen) / total : 0 }
}
