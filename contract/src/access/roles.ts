/** What somebody is at a place. */
export const roles = ['owner', 'manager', 'applicator', 'scout', 'adviser', 'inspector'] as const
export type Role = (typeof roles)[number]

/** Each role by its name, and what it is for. A role without words does not compile. */
export const roleWords: Readonly<Record<Role, { readonly name: string; readonly does: string }>> = {
  owner: { name: 'Owner', does: 'Does everything, and says who else comes in.' },
  manager: {
    name: 'Manager',
    does: 'Decides on remedies, plans the work, keeps shelf and sprayers.',
  },
  applicator: { name: 'Applicator', does: 'Sees the day and its sheets, and records the work.' },
  scout: { name: 'Scout', does: 'Looks at stands, takes readings and photos.' },
  adviser: { name: 'Adviser', does: 'Sees everything, and writes notes beside the verdicts.' },
  inspector: { name: 'Inspector', does: 'Reads the record and its papers, until a day.' },
}
