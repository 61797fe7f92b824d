import { defineProject } from 'vitest/config'

export default defineProject({
  // The core keeps no state, so its tests may share what they import: that is half of their time.
  test: { name: 'core', environment: 'node', isolate: false },
})
