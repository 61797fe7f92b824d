import { defineProject } from 'vitest/config'
import { patience } from '../vitest.patience.ts'

export default defineProject({ test: { ...patience, name: 'sim', environment: 'node' } })
