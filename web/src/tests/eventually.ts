import { vi } from 'vitest'

/** Waits until a claim holds; a busy machine may take its time, as everywhere in the tests. */
export const eventually = (claim: () => void): Promise<void> =>
  vi.waitFor(claim, { timeout: 120_000, interval: 20 })
