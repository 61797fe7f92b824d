import type { Mark, None, Sourced } from '../../../base/reference/index.ts'

export const metalIds = ['Fe', 'Ca', 'Mg', 'Zn', 'Cu', 'Mn'] as const
export type MetalId = (typeof metalIds)[number]

/** Charge of the free ion; iron is Fe(III). */
export const metalCharge: Readonly<Record<MetalId, number>> = {
  Fe: 3,
  Ca: 2,
  Mg: 2,
  Zn: 2,
  Cu: 2,
  Mn: 2,
}

/** How sure a constant is: H within 0.1, M within 0.3, L within 1 of a log unit. */
export type Confidence = 'H' | 'M' | 'L'
export const confidenceSpread: Readonly<Record<Confidence, number>> = { H: 0.1, M: 0.3, L: 1 }

/** A stability constant as printed: log10 at 25 °C and an ionic strength of 0.1 M. */
export interface StabilityConstant extends Sourced {
  readonly logK: number
  readonly confidence: Confidence
}

/** Reactions of one metal with a ligand, stepwise. */
export interface MetalConstants {
  /** M + L = ML */
  readonly ml: StabilityConstant
  /** ML + H = MHL */
  readonly mhl?: StabilityConstant
  /** ML + H2O = MOHL + H */
  readonly mohl?: StabilityConstant
  /** MOHL + H2O = M(OH)2L + H */
  readonly moh2l?: StabilityConstant
  /** 2 MOHL = (MOHL)2 */
  readonly dimer?: StabilityConstant
}

/** A rule of thumb of the schools: up to which pH of soil a chelate is of use. */
export interface TradeCeiling extends Sourced {
  /** The ceilings that practitioners name, lowest first [pH]; empty: of no use in soil at any. */
  readonly pHs: readonly number[]
  /** Whether they say "past" the last of them: it is of use beyond. */
  readonly goesOn: boolean
  readonly words: string
  /** Why the calculation finds another, where it does. */
  readonly whyCalculatedOtherwise: string | None
}

/** How the charge of a ligand is known: it is counted. */
export const byDefinition = {
  source: 'charge of the molecule without its protons: definition',
  mark: 'D',
} as const

/** A chelating agent without its metal; its constants have sources of their own. */
export interface Ligand extends Sourced {
  readonly id: string
  readonly name: string
  /** Short enough to stand beside a line. */
  readonly shortName: string
  /** Stroke of its line on charts, as SVG writes dashes; empty: unbroken. */
  readonly dash: string
  /** Charge of the ligand without protons. */
  readonly charge: number
  /** H + L = HL, H + HL = H2L, and so on. */
  readonly protons: readonly StabilityConstant[]
  readonly metals: Readonly<Record<MetalId, MetalConstants>>
  readonly ceiling: TradeCeiling | None
}

/** A book of constants, with how it was read. */
export interface Book {
  readonly source: string
  readonly mark: Mark
}

/** A constant as it stands in a book. */
export const constant = (logK: number, book: Book, confidence: Confidence): StabilityConstant => ({
  logK,
  confidence,
  ...book,
})

/** Books that several ligands draw on; recalled, not re-read. */
export const criticalConstants: Book = {
  source: 'Martell & Smith, Critical Stability Constants / NIST 46',
  mark: 'M',
}
export const gustafsonMartell: Book = { source: 'Gustafson & Martell 1963', mark: 'M' }
export const yunta: Book = {
  source: 'Yunta et al. 2003, Inorganic Chemistry 42:5412',
  mark: 'M',
}
const likeLigands: Book = { source: 'read across from like ligands', mark: 'J' }

/** A constant that nobody printed, judged by like ligands. */
export const judged = (logK: number): StabilityConstant => constant(logK, likeLigands, 'L')

/** The constants of a metal as a like ligand has them, now no more than judged. */
export const judgedLike = ({ ml, mhl }: MetalConstants): MetalConstants => ({
  ml: judged(ml.logK),
  ...(mhl ? { mhl: judged(mhl.logK) } : {}),
})
