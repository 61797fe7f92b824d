/** How a case ends, and how that is said. */
export const caseEndings = { green: 'green', 'given-up': 'given up' } as const
export type CaseEnding = keyof typeof caseEndings
