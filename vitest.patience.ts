/** For every project: a busy machine is slow, not wrong. These only end what hangs. */
export const patience = { testTimeout: 240_000, hookTimeout: 240_000 }
