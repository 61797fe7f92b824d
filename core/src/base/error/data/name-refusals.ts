import { list, type Refusal } from '../refusal.ts'

/** Refusals of names that are in no list. */
export const nameRefusals = {
  // Names.
  'field-untold': { code: 'unknown-name', expected: () => 'a field that has words' },
  'texture-unknown': { code: 'unknown-name', expected: () => 'a texture of the list' },
  'acid-unknown': { code: 'unknown-name', expected: () => 'an acid of the list' },
  'ligand-unknown': {
    code: 'unknown-name',
    expected: () => 'a ligand that a form of iron brings',
  },
  'source-unknown': { code: 'unknown-name', expected: () => 'a source of the catalogue' },
  'amendment-unknown': { code: 'unknown-name', expected: () => 'an amendment that moves pH' },
  'rate-unknown': { code: 'unknown-name', expected: () => 'a rate of the table' },
  'component-unknown': { code: 'unknown-name', expected: () => 'a component of the system' },
  'check-unknown': { code: 'unknown-name', expected: () => 'a check of the list' },
  'practice-unknown': { code: 'unknown-name', expected: () => 'a practice of the list' },
  'partner-unknown': {
    code: 'unknown-name',
    expected: () => 'a kind of partner of the list',
  },
  'nozzle-kind-unknown': {
    code: 'unknown-name',
    expected: () => 'a kind of nozzle of the list',
  },
  'nozzle-size-unknown': {
    code: 'unknown-name',
    expected: ({ sizes }: { readonly sizes: readonly string[] }) => `a size of ${list(sizes)}`,
  },
  'group-unknown': { code: 'unknown-name', expected: () => 'a group that some row belongs to' },
  'plant-unknown': { code: 'unknown-name', expected: () => 'a plant of the list' },
  'finding-value-unknown': {
    code: 'unknown-name',
    expected: ({ values }: { readonly values: readonly string[] }) => `one of ${list(values)}`,
  },
  'finding-unknown': {
    code: 'unknown-name',
    expected: ({ names }: { readonly names: readonly string[] }) =>
      `names of findings (${list(names)})`,
  },
  'leaf-unknown': { code: 'unknown-name', expected: () => 'leaves of the drawn plant' },
  'severity-unknown': {
    code: 'unknown-name',
    expected: () => 'a severity from 0 to 5 on each leaf',
  },
  'pattern-unknown': {
    code: 'unknown-name',
    expected: () => 'a pattern of the swatches on each leaf',
  },
} as const satisfies Readonly<Record<string, Refusal>>
