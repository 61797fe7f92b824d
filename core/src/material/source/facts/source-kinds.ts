/** What holds the nutrient: an open salt, a chelate, a loose complex of nature, or a slow solid; an amendment moves the pH instead. */
export type SourceKind = 'salt' | 'chelate' | 'complex' | 'slow' | 'amendment'

/** What a kind of source does, whichever source it is. */
interface SourceKindFacts {
  /** Whether nothing holds its metal: labels say "not chelated". */
  readonly isOpen: boolean
  /** Whether it dissolves within a season: labels say "water-soluble", and a grower can use it. */
  readonly dissolves: boolean
  /** What it is to others in a tank: free ions, or a metal that is held. */
  readonly inTank: 'salt' | 'held'
  /** What schools of practice go by: ceilings of pH, nothing stated, or never. */
  readonly schools: 'ceilings' | 'unstated' | 'never'
  /** How what is of use in soil is known. */
  readonly knownBy: string
}

const calculated = 'calculated'

/** Every kind of source; @source common practice of labels and tanks. */
export const sourceKinds: Readonly<Record<SourceKind, SourceKindFacts>> = {
  salt: {
    isOpen: true,
    dissolves: true,
    inTank: 'salt',
    schools: 'ceilings',
    knownBy: 'by practice',
  },
  chelate: {
    isOpen: false,
    dissolves: true,
    inTank: 'held',
    schools: 'ceilings',
    knownBy: calculated,
  },
  complex: {
    isOpen: false,
    dissolves: true,
    inTank: 'held',
    schools: 'unstated',
    knownBy: 'no constants are known for it; by judgement',
  },
  slow: {
    isOpen: true,
    dissolves: false,
    inTank: 'held',
    schools: 'never',
    knownBy: calculated,
  },
  amendment: {
    isOpen: true,
    dissolves: false,
    inTank: 'held',
    schools: 'never',
    knownBy: calculated,
  },
}
