import type { Role } from '@spudder/contract/access'

/** Somebody of the demo, invented. */
export interface DemoPerson {
  readonly name: string
  readonly role: Role
  readonly licenceNumber?: string
}

export const manager = { name: 'Marla Quist', role: 'manager' } as const satisfies DemoPerson
const applicator = {
  name: 'Tobin Ashgrove',
  role: 'applicator',
  licenceNumber: 'VA-2291',
} as const satisfies DemoPerson
export const adviser = { name: 'Perrin Oakhanger', role: 'adviser' } as const satisfies DemoPerson
const scout = { name: 'Ines Calloway', role: 'scout' } as const satisfies DemoPerson

/** Those who keep the record of the estate. */
export const recordKeepers: readonly DemoPerson[] = [manager, applicator, scout]

/** Everybody who has to do with Vennlow Estate; none of them is real. */
export const peopleOfVennlow: readonly DemoPerson[] = [
  { name: 'Hollis Vennlow', role: 'owner' },
  ...recordKeepers,
  adviser,
  { name: 'Dagny Holt', role: 'inspector' },
]

/** What is agreed in the morning on which the demo begins: looks that are due, and who does what. */
export const morningOfVennlow = {
  looks: [
    { stand: 'Events lawn', by: scout.name },
    { stand: 'Pin oak avenue', by: undefined },
  ],
  doses: { stand: 'Lettuce raft loop', by: applicator.name },
} as const
