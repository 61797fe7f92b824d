import vue from '@vitejs/plugin-vue'
import { defineConfig, type Plugin } from 'vite'
import { tokenCss } from './src/ui/tokens.ts'

const api = process.env['SPUDDER_API'] ?? 'http://127.0.0.1:5180'

/** The tokens stand in the head of the page, so that it has its colours before any script runs. */
const tokens: Plugin = {
  name: 'tokens',
  transformIndexHtml: () => [{ tag: 'style', children: tokenCss(), injectTo: 'head' }],
}

export default defineConfig({
  plugins: [vue(), tokens],
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
