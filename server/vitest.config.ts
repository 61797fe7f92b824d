import { defineProject } from 'vitest/config'
import { patience } from '../vitest.patience.ts'

export default defineProject({
  test: {
    ...patience,
    name: 'server',
    environment: 'node',
    setupFiles: ['./src/tests/setup.ts'],
    // One MariaDB for all files; each works on a place of its own.
    fileParallelism: false,
    // They share the application too: to read it anew would take as long as the tests.
    isolate: false,
  },
})
