import { metalCharge, metalIds, type Ligand, type MetalId } from '../source/index.ts'
import { betweenActivities, chargeOf, logActivityCoefficient, type Makeup } from './davies.ts'

/** A complex of a ligand, formed from free ligand, metal and protons. */
export interface LigandSpecies {
  readonly name: string
  readonly metal: MetalId | undefined
  readonly ligands: number
  readonly metals: number
  /** Protons taken up; negative where protons were given off. */
  readonly protons: number
  readonly charge: number
  /** log10 of the overall constant between activities. */
  readonly logBeta: number
}

function species(
  name: string,
  metal: MetalId | undefined,
  logBeta: number,
  made: Makeup,
): LigandSpecies {
  const { ligands, metals, protons } = made
  return {
    name,
    metal,
    ligands,
    metals,
    protons,
    charge: chargeOf(made),
    logBeta: betweenActivities(logBeta, made),
  }
}

function protonated({ charge, protons }: Ligand): LigandSpecies[] {
  let logBeta = 0
  return protons.map(({ logK }, index) => {
    logBeta += logK
    return species(`H${index + 1}L`, undefined, logBeta, {
      ligands: 1,
      metals: 0,
      protons: index + 1,
      ligandCharge: charge,
      metalCharge: 0,
    })
  })
}

function withMetal(ligand: Ligand, metal: MetalId): LigandSpecies[] {
  const { ml, mhl, mohl, moh2l, dimer } = ligand.metals[metal]
  const made = (count: number, protons: number): Makeup => ({
    ligands: count,
    metals: count,
    protons,
    ligandCharge: ligand.charge,
    metalCharge: metalCharge[metal],
  })
  const one = (name: string, logBeta: number, protons: number) =>
    species(name, metal, logBeta, made(1, protons))
  const hydroxide = ml.logK + (mohl?.logK ?? 0)
  return [
    one(`${metal}L`, ml.logK, 0),
    ...(mhl ? [one(`${metal}HL`, ml.logK + mhl.logK, 1)] : []),
    ...(mohl ? [one(`${metal}OHL`, hydroxide, -1)] : []),
    ...(mohl && moh2l ? [one(`${metal}(OH)2L`, hydroxide + moh2l.logK, -2)] : []),
    ...(mohl && dimer
      ? [species(`(${metal}OHL)2`, metal, 2 * hydroxide + dimer.logK, made(2, -2))]
      : []),
  ]
}

/** All complexes of a ligand with protons and metals; the free ligand itself is not among them. */
export const speciesOfLigand = (ligand: Ligand): readonly LigandSpecies[] => [
  ...protonated(ligand),
  ...metalIds.flatMap((metal) => withMetal(ligand, metal)),
]

/** log K of forming a complex between concentrations of ligand and complex; metal and proton stay activities. */
export const logKInWater = (
  species: LigandSpecies,
  ligandCharge: number,
  ionicStrengthM: number,
): number =>
  species.logBeta -
  logActivityCoefficient(species.charge, ionicStrengthM) +
  species.ligands * logActivityCoefficient(ligandCharge, ionicStrengthM)
