import { defineProject } from 'vitest/config'
import { patience } from '../vitest.patience.ts'

export default defineProject({
  test: { ...patience, name: 'scripts', environment: 'node' },
})
