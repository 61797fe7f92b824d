import type { Figure } from '../../base/reference/index.ts'
import {
  calciteToBicarbonate,
  calciteToCarbonDioxide,
  calciumCap,
  daviesA,
  fieldCopperCap,
  fieldShareLog,
  fieldZincCap,
  ironHydrolysis,
  ironSolids,
  limeSoilOtherAnions,
  magnesiumToCalcium,
  measuredIonicStrength,
  sodicCarbonDioxide,
  soilCopper,
  soilIonicStrength,
  soilManganese,
  soilZinc,
  usualLigand,
} from './data/soil-solids.ts'

/** A constant of soil and water, with what it is. */
export interface NamedFigure {
  readonly words: string
  readonly figure: Figure
}

const hydrolysed = ['FeOH', 'Fe(OH)2', 'Fe(OH)3', 'Fe(OH)4']

/** Every constant of soil and water that the curves rest on, for reading. */
export const soilConstants: readonly NamedFigure[] = [
  ...Object.values(ironSolids).map((figure) => ({
    words: `${figure.name}: Fe(OH)3 + 3 H = Fe + 3 H2O`,
    figure,
  })),
  ...ironHydrolysis.map((figure, index) => ({
    words: `${hydrolysed[index] ?? ''} from Fe and water`,
    figure,
  })),
  { words: 'soil zinc + 2 H = Zn', figure: soilZinc },
  { words: 'soil copper + 2 H = Cu', figure: soilCopper },
  { words: 'soil manganese: log Mn + 2 pH', figure: soilManganese },
  { words: 'a field’s zinc and copper beside the soil’s', figure: fieldShareLog },
  { words: 'a field’s zinc, at most', figure: fieldZincCap },
  { words: 'a field’s copper, at most', figure: fieldCopperCap },
  { words: 'calcite + H = Ca + HCO3', figure: calciteToBicarbonate },
  { words: 'calcite + 2 H = Ca + CO2 + H2O', figure: calciteToCarbonDioxide },
  { words: 'other anions in a lime soil', figure: limeSoilOtherAnions },
  { words: 'calcium in soil water, at most', figure: calciumCap },
  { words: 'magnesium beside calcium', figure: magnesiumToCalcium },
  { words: 'carbon dioxide of sodic soil', figure: sodicCarbonDioxide },
  { words: 'ionic strength of soil water', figure: soilIonicStrength },
  { words: 'ionic strength of the constants', figure: measuredIonicStrength },
  { words: 'A of the Davies equation', figure: daviesA },
  { words: 'chelate in soil water after a drench', figure: usualLigand },
]
