/** Who made a row and when, for rows that a test makes up. */
export const recorded = { createdBy: 'Marla Quist', createdAt: '2026-06-15T08:00:00.000Z' }

/** The same of a row that may change: nobody did yet. */
export const unchanged = { ...recorded, changedBy: null, changedAt: null }
