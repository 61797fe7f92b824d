import type { Figure, FigureRange, None, Sourced } from '../../../base/reference/index.ts'
import type { Route } from '../../../stand/plant/index.ts'
import type { Rate } from '../../rate/index.ts'
import type { Acidity } from './acidity.ts'
import type { Ingredient } from './ingredient.ts'
import type { SourceCaution } from './caution.ts'
import type { Ligand } from './ligand.ts'
import type { Loss } from './loss.ts'
import type { Responses } from './response.ts'
import type { SourceKind } from './source-kinds.ts'

/** A share with its source, least, usual and most [1]. */
export type Share = FigureRange & Sourced

/** Rates of practice by one way in, the usual one first. */
export interface OfferedRates {
  readonly rows: readonly [Rate, ...Rate[]]
  /** Why it has none on the stands that no row names. */
  readonly elsewhere: string
}

/** What dissolves in a litre of cool water [g/L of product at 20 °C]. */
export interface Solubility extends Sourced {
  readonly gPerL: number
}

/** What must be known of everything that is bought and put out. No fact may be left out. */
export interface SourceBasics extends Sourced {
  readonly id: string
  readonly name: string
  readonly remark: string
  /** What it is bought for, in the product by mass [1]; usual is taken where no label was read. */
  readonly contentShare: FigureRange
  /** Nitrogen and sulfur that come along by mass [1]. */
  readonly brings: { readonly N: number; readonly S: number }
  /** Retail price of a kilogram of product, in the money of the place. */
  readonly pricePerKg: Share
  /** Bulk density that is usual for the form [kg/L]; a spoon that the user weighed comes first. */
  readonly usualKgPerL: Figure | None
  readonly solubility: Solubility | None
  readonly rates: Readonly<Record<Route, OfferedRates | None>>
  readonly responses: Readonly<Record<Route, Responses | None>>
  /** Beside those that belong to every source of iron, or to the work. */
  readonly cautions: readonly SourceCaution[] | None
  readonly acidity: Acidity | None
}

/** The ligand that binds the metal. */
export interface Binding {
  readonly ligand: Ligand
  readonly isomers: Isomers | None
}

/** Isomers that bind more weakly than the named one; labels state the part that counts. */
export interface Isomers {
  /** Part that the named isomer carries, where the label is silent. */
  readonly named: Share
  /** What the others bind as. */
  readonly othersAs: Ligand
  readonly source: string
  readonly mark: Sourced['mark']
}

/** Iron on the leaf. */
interface IronOnLeaf {
  /** Share that gets in. */
  readonly enters: Share
  /** Too big a molecule to enter: a wrong route, whatever the figure. */
  readonly isTooBig: boolean
  readonly losses: readonly Loss[] | None
}

/** Iron in the soil, beside what equilibrium says of its ligand. */
interface IronInSoil {
  /** Share that a loose complex holds on to, whatever the pH. */
  readonly held: Share | None
  readonly losses: readonly Loss[] | None
  /** Whether iron let go or never held can be of use for a while. */
  readonly isOpenOfUse: boolean
}

/** Iron in a solution. */
interface IronInSolution {
  readonly held: Share | None
  /** In a tank that light gets into, and in a covered one. */
  readonly losses: Readonly<Record<'clear' | 'covered', readonly Loss[] | None>>
}

/** A form of iron. */
export interface IronSource extends SourceBasics {
  readonly nutrient: 'Fe'
  readonly kind: Exclude<SourceKind, 'amendment'>
  readonly boundBy: Binding | None
  readonly leaf: IronOnLeaf
  readonly soil: IronInSoil
  readonly solution: IronInSolution
  /** Iron in the good commercial grade, and in the pure compound [1]: what a label can hold. */
  readonly richest: { readonly commercial: number; readonly pure: number }
  /** Names on labels, in lower case, as parts of words to look for. */
  readonly labelNames: readonly string[]
  /** What a label means by iron that it says no more of. */
  readonly standsFor: 'unchelated iron' | 'insoluble iron' | None
  readonly stains: 'rust' | 'red' | 'little'
  /** Whether certifiers of organic growing tend to allow it; theirs is the word. */
  readonly organic: 'often' | 'seldom' | 'ask'
}

/** Nutrients beside iron whose want looks like chlorosis and has sources of its own. */
export type OtherNutrient = 'Mn' | 'Zn' | 'Mg'

/** How an open nutrient fares in soil. */
export type SoilFate =
  /** Turned into oxide, the faster the higher the pH. */
  | 'oxidised'
  /** Held by clay and lime, the more the higher the pH. */
  | 'fixed'
  /** Stays exchangeable at any pH; sand lets it wash out. */
  | 'exchangeable'

/** A source of manganese, zinc or magnesium. */
export interface OtherSource extends SourceBasics {
  readonly nutrient: OtherNutrient
  readonly kind: Extract<SourceKind, 'salt' | 'chelate'>
  readonly boundBy: Binding | None
  /** Of the salt, or of what a chelator lets go. */
  readonly fate: SoilFate
  /** Share that gets into a leaf, and that stays dissolved in a solution. */
  readonly entersLeaf: Share
  readonly staysDissolved: Share
  /** What it does to the pH of ground: what raises it is for ground that is too acid, and no other. */
  readonly groundPH: 'keeps' | 'raises'
  /** What it is on a label of other things. */
  readonly asIngredient: Ingredient | None
}

/** What an amendment of the ground is mostly bought for. */
export type AmendmentContent = 'S' | 'N' | 'Al' | 'Ca' | 'OM'

/** Something that changes the pH of ground, as it is bought. */
export interface Amendment extends SourceBasics {
  readonly nutrient: AmendmentContent
  readonly kind: Extract<SourceKind, 'amendment'>
  readonly acidity: Acidity
  readonly asIngredient: Ingredient | None
}

export type AnySource = IronSource | OtherSource | Amendment

/** Words for what a source is bought for. */
export const contentWords: Readonly<Record<AnySource['nutrient'], string>> = {
  Fe: 'iron',
  Mn: 'manganese',
  Zn: 'zinc',
  Mg: 'magnesium',
  S: 'sulfur',
  N: 'nitrogen',
  Al: 'aluminium',
  Ca: 'calcium',
  OM: 'organic matter',
}
