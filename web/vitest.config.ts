import vue from '@vitejs/plugin-vue'
import { defineProject } from 'vitest/config'
import { patience } from '../vitest.patience.ts'

export default defineProject({
  plugins: [vue()],
  test: {
    ...patience,
    name: 'web',
    environment: 'happy-dom',
    setupFiles: ['./src/test-setup.ts'],
    // To read Ant Design anew for every file would take three times as long as the tests.
    isolate: false,
  },
})
