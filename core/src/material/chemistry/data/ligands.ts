import type { Mark, Sourced } from '../../../base/reference/index.ts'

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

export interface Ligand {
  readonly name: string
  /** Charge of the ligand without protons. */
  readonly charge: number
  /** H + L = HL, H + HL = H2L, and so on. */
  readonly protons: readonly StabilityConstant[]
  readonly metals: Readonly<Partial<Record<MetalId, MetalConstants>>>
}

interface Book {
  readonly source: string
  readonly mark: Mark
}
const MS: Book = { source: 'Martell & Smith, Critical Stability Constants / NIST 46', mark: 'M' }
const GM: Book = { source: 'Gustafson & Martell 1963', mark: 'M' }
const MS_GM: Book = { source: 'Martell & Smith; Gustafson & Martell 1963', mark: 'M' }
const SBS: Book = {
  source: 'Spiro, Bates & Saltman 1967 (2 Fe + 2 L = Fe2(OH)2L2 + 2 H: 21.2)',
  mark: 'M',
}
const MS_SBS: Book = { source: 'Martell & Smith; Spiro, Bates & Saltman 1967', mark: 'M' }
const LEP: Book = { source: "L'Eplattenier, Murase & Martell 1967", mark: 'M' }
const LEP_MS: Book = {
  source: "L'Eplattenier, Murase & Martell 1967; Martell & Smith",
  mark: 'M',
}
const YUN: Book = { source: 'Yunta et al. 2003 (33.9 in the older measurement)', mark: 'M' }
const MA: Book = { source: 'Ma, Motekaitis & Martell 1994', mark: 'M' }
const analogy: Book = { source: 'read across from like ligands', mark: 'J' }

const k = (logK: number, book: Book, confidence: Confidence): StabilityConstant => ({
  logK,
  confidence,
  ...book,
})

/** Iron chelators and their constants; recalled from the publications named, not re-read. */
export const ligands = {
  citrate: {
    name: 'Citrate',
    charge: -3,
    protons: [k(5.69, MS, 'H'), k(4.35, MS, 'H'), k(2.87, MS, 'H')],
    metals: {
      Fe: {
        ml: k(11.5, MS, 'M'),
        mhl: k(1.0, MS, 'L'),
        mohl: k(-2.7, MS_SBS, 'L'),
        dimer: k(3.6, SBS, 'M'),
      },
      Ca: { ml: k(3.48, MS, 'H'), mhl: k(4.28, MS, 'M') },
      Mg: { ml: k(3.4, MS, 'H'), mhl: k(4.15, MS, 'M') },
      Zn: { ml: k(4.95, MS, 'H'), mhl: k(3.7, MS, 'M') },
      Cu: { ml: k(5.9, MS, 'H'), mhl: k(3.2, MS, 'M') },
      Mn: { ml: k(3.7, MS, 'M'), mhl: k(4.07, MS, 'M') },
    },
  },
  hedta: {
    name: 'HEDTA',
    charge: -3,
    protons: [k(9.81, MS, 'H'), k(5.37, MS, 'H'), k(2.6, MS, 'H'), k(1.6, MS, 'L')],
    metals: {
      Fe: {
        ml: k(19.8, MS, 'H'),
        mohl: k(-4.1, GM, 'M'),
        moh2l: k(-9.0, GM, 'M'),
        dimer: k(2.4, GM, 'M'),
      },
      Ca: { ml: k(8.1, MS, 'H') },
      Mg: { ml: k(7.0, MS, 'H') },
      Zn: { ml: k(14.6, MS, 'H') },
      Cu: { ml: k(17.5, MS, 'H'), mhl: k(2.0, MS, 'L') },
      Mn: { ml: k(10.8, MS, 'H') },
    },
  },
  edta: {
    name: 'EDTA',
    charge: -4,
    protons: [
      k(10.17, MS, 'H'),
      k(6.11, MS, 'H'),
      k(2.68, MS, 'H'),
      k(2.0, MS, 'H'),
      k(1.5, MS, 'M'),
    ],
    metals: {
      Fe: {
        ml: k(25.1, MS, 'H'),
        mhl: k(1.3, MS, 'M'),
        mohl: k(-7.5, MS_GM, 'H'),
        dimer: k(2.8, MS_GM, 'M'),
      },
      Ca: { ml: k(10.65, MS, 'H'), mhl: k(3.1, MS, 'H') },
      Mg: { ml: k(8.79, MS, 'H'), mhl: k(3.85, MS, 'H') },
      Zn: { ml: k(16.5, MS, 'H'), mhl: k(3.0, MS, 'H'), mohl: k(-11.6, MS, 'M') },
      Cu: { ml: k(18.79, MS, 'H'), mhl: k(3.0, MS, 'H'), mohl: k(-11.4, MS, 'M') },
      Mn: { ml: k(13.88, MS, 'H'), mhl: k(3.1, MS, 'H') },
    },
  },
  cdta: {
    name: 'CDTA',
    charge: -4,
    protons: [
      k(12.3, MS, 'M'),
      k(6.12, MS, 'H'),
      k(3.53, MS, 'H'),
      k(2.42, MS, 'H'),
      k(1.6, MS, 'L'),
    ],
    metals: {
      Fe: { ml: k(30.0, MS, 'M'), mohl: k(-9.6, GM, 'M') },
      Ca: { ml: k(13.15, MS, 'M') },
      Mg: { ml: k(11.05, MS, 'M') },
      Zn: { ml: k(19.35, MS, 'M'), mhl: k(2.9, MS, 'L') },
      Cu: { ml: k(21.95, MS, 'M'), mhl: k(3.1, MS, 'L') },
      Mn: { ml: k(17.45, MS, 'M'), mhl: k(2.8, MS, 'L') },
    },
  },
  dtpa: {
    name: 'DTPA',
    charge: -5,
    protons: [
      k(10.45, MS, 'M'),
      k(8.53, MS, 'H'),
      k(4.28, MS, 'H'),
      k(2.65, MS, 'M'),
      k(1.82, MS, 'M'),
    ],
    metals: {
      Fe: { ml: k(28.0, MS, 'M'), mhl: k(3.56, MS, 'H'), mohl: k(-9.66, MS, 'M') },
      Ca: { ml: k(10.75, MS, 'H'), mhl: k(6.11, MS, 'H') },
      Mg: { ml: k(9.34, MS, 'H'), mhl: k(6.85, MS, 'H') },
      Zn: { ml: k(18.3, MS, 'M'), mhl: k(5.6, MS, 'H') },
      Cu: { ml: k(21.4, MS, 'M'), mhl: k(4.8, MS, 'H') },
      Mn: { ml: k(15.5, MS, 'H'), mhl: k(4.4, MS, 'M') },
    },
  },
  eddha: {
    name: 'EDDHA, ortho-ortho',
    charge: -4,
    protons: [
      k(11.68, LEP_MS, 'M'),
      k(10.24, LEP_MS, 'M'),
      k(8.64, LEP_MS, 'H'),
      k(6.32, LEP_MS, 'H'),
    ],
    metals: {
      Fe: { ml: k(35.09, YUN, 'M'), mhl: k(2.2, analogy, 'L') },
      Ca: { ml: k(7.2, LEP_MS, 'M'), mhl: k(9.0, analogy, 'L') },
      Mg: { ml: k(8.0, LEP_MS, 'M'), mhl: k(8.5, analogy, 'L') },
      Zn: { ml: k(16.8, LEP_MS, 'M'), mhl: k(7.9, analogy, 'L') },
      Cu: { ml: k(23.9, LEP_MS, 'M'), mhl: k(7.9, analogy, 'L') },
      Mn: { ml: k(13.0, analogy, 'L') },
    },
  },
  hbed: {
    name: 'HBED',
    charge: -4,
    protons: [
      k(12.6, MA, 'M'),
      k(11.0, MA, 'M'),
      k(8.44, MA, 'M'),
      k(4.72, MA, 'M'),
      k(2.53, MA, 'M'),
    ],
    metals: {
      Fe: { ml: k(39.01, MA, 'M') },
      Ca: { ml: k(9.29, LEP, 'M'), mhl: k(9.0, analogy, 'L') },
      Mg: { ml: k(10.51, LEP, 'M'), mhl: k(8.5, analogy, 'L') },
      Zn: { ml: k(18.37, LEP, 'M'), mhl: k(8.3, analogy, 'L') },
      Cu: { ml: k(21.38, LEP, 'M'), mhl: k(8.4, analogy, 'L') },
      Mn: { ml: k(14.78, LEP, 'M') },
    },
  },
} as const satisfies Readonly<Record<string, Ligand>>

export type LigandId = keyof typeof ligands
export const ligandIds = Object.keys(ligands) as LigandId[]
