import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

const api = process.env['SPUDDER_API'] ?? 'http://127.0.0.1:5180'

export default defineConfig({
  plugins: [vue()],
  build: { target: 'es2022', chunkSizeWarningLimit: 900 },
  server: { port: 5173, proxy: { '/api': api } },
  optimizeDeps: { include: ['ant-design-vue', 'class-validator', 'class-transformer'] },
})
