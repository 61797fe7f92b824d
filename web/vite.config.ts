import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

const api = process.env['SPUDDER_API'] ?? 'http://127.0.0.1:5180'

export default defineConfig({
  plugins: [vue()],
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 900,
    rollupOptions: {
      input: { index: 'index.html', 'service-worker': 'src/offline/service-worker.ts' },
      output: {
        // A service worker rules the folder that it lies in, under a name that stays.
        entryFileNames: ({ name }) =>
          name === 'service-worker' ? '[name].js' : 'assets/[name]-[hash].js',
      },
    },
  },
  server: { port: 5173, proxy: { '/api': api } },
  optimizeDeps: { include: ['ant-design-vue', 'class-validator', 'class-transformer'] },
})
