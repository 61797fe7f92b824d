import type { Sourced } from '../../../base/reference/index.ts'

/** One way of practitioners to read soil iron by DTPA. */
export interface IronSchool extends Sourced {
  readonly name: string
  /** Below it iron is low [mg/kg]. */
  readonly lowBelow: number
  /** From it on iron is enough [mg/kg]; between the two it is marginal. */
  readonly enoughFrom: number
  /** Whether iron must also stand above manganese to be enough. */
  readonly aboveManganese: boolean
}

/** The three schools of DTPA iron; the first is the one to start with. */
export const ironSchools = {
  published: {
    name: 'published critical level',
    lowBelow: 2.5,
    enoughFrom: 4.5,
    aboveManganese: false,
    source: 'Lindsay & Norvell 1978, SSSAJ 42:421; bands as western extension services use them',
    mark: 'M',
  },
  field: {
    name: 'field bands',
    lowBelow: 3,
    enoughFrom: 5,
    aboveManganese: false,
    source: 'common practice',
    mark: 'C',
  },
  'high-target': {
    name: 'high target',
    lowBelow: 20,
    enoughFrom: 20,
    aboveManganese: true,
    source: 'common practice: 20 to 40, and above manganese',
    mark: 'C',
  },
} as const satisfies Readonly<Record<string, IronSchool>>

export type IronSchoolName = keyof typeof ironSchools
export const ironSchoolNames = Object.keys(ironSchools) as readonly IronSchoolName[]
export const firstIronSchool: IronSchoolName = 'published'
