import { ligands, metalIds, type LigandId } from '../source/index.ts'
import { soilIonicStrength, usualLigand } from './data/soil-solids.ts'
import type { SoilWater } from './carried-share.ts'
import type { EquilibriumInput } from './equilibrium-input.ts'
import { logKInWater, speciesOfLigand } from './ligand-species.ts'
import { soilMetals } from './soil-metals.ts'

/**
 * The same soil water that the closed form answers, as a system for a general solver: metals held
 * by their solids, one ligand to be shared out.
 * @throws {CoreError} out-of-range
 */
export function soilSystem(ligandId: LigandId, water: SoilWater): EquilibriumInput {
  const { pH, ligandM = usualLigand.value, ionicStrengthM = soilIonicStrength.value } = water
  const activities = soilMetals(pH, water)
  const held = metalIds.filter((metal) => activities[metal] > -Infinity)
  const ligand = ligands[ligandId]
  return {
    components: [
      { name: 'H', logActivity: -pH },
      ...held.map((name) => ({ name, logActivity: activities[name] })),
      { name: 'L', total: ligandM },
    ],
    species: speciesOfLigand(ligand)
      .filter(({ metal }) => metal === undefined || held.includes(metal))
      .map((each) => ({
        name: each.name,
        logK: logKInWater(each, ligand.charge, ionicStrengthM),
        of: {
          L: each.ligands,
          H: each.protons,
          ...(each.metal ? { [each.metal]: each.metals } : {}),
        },
      })),
  }
}
