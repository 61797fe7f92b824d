import { defineProject } from 'vitest/config'
import { patience } from '../vitest.patience.ts'

export default defineProject({
  // The core keeps no state, so its tests may share what they import: that is half of their time.
  test: { ...patience, name: 'core', environment: 'node', isolate: false },
})
