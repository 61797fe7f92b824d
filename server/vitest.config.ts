import { defineProject } from 'vitest/config'

export default defineProject({
  test: {
    name: 'server',
    environment: 'node',
    setupFiles: ['./src/tests/setup.ts'],
    // One MariaDB for all files; each works on a place of its own.
    fileParallelism: false,
    testTimeout: 30_000,
  },
})
