import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: { projects: ['core', 'contract', 'sim', 'server', 'web', 'scripts'] },
})
