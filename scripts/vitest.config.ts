import { defineProject } from 'vitest/config'

export default defineProject({
  test: { name: 'scripts', environment: 'node', testTimeout: 120_000, hookTimeout: 120_000 },
})
