/** Who made a row and when, for rows that a test makes up; nobody changed it or struck it out. */
export const recorded = {
  createdBy: 'Marla Quist',
  createdAt: '2026-06-15T08:00:00.000Z',
  version: 1,
  changedBy: null,
  changedAt: null,
  isStruck: false,
}

/** The same of a row of another day. */
export const recordedAt = (createdAt: string) => ({ ...recorded, createdAt })
