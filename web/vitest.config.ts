import vue from '@vitejs/plugin-vue'
import { defineProject } from 'vitest/config'

export default defineProject({
  plugins: [vue()],
  test: {
    name: 'web',
    environment: 'happy-dom',
    setupFiles: ['./src/test-setup.ts'],
    // To read Ant Design anew for every file would take three times as long as the tests.
    isolate: false,
    testTimeout: 20_000,
  },
})
