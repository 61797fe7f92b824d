import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import { build, defineConfig, type Plugin, type Rolldown } from 'vite'
import { compression } from 'vite-plugin-compression2'
import { tokenCss } from './src/ui/tokens.ts'

const api = process.env['SPUDDER_API'] ?? 'http://127.0.0.1:5180'

/** The tokens stand in the head of the page, so that it has its colours before any script runs. */
const tokens: Plugin = {
  name: 'tokens',
  transformIndexHtml: () => [{ tag: 'style', children: tokenCss(), injectTo: 'head' }],
}

const earlyFile = fileURLToPath(new URL('./src/early.ts', import.meta.url))

/** `early.ts` as one plain script. */
async function earlyScript(): Promise<string> {
  const built = (await build({
    configFile: false,
    logLevel: 'error',
    build: { write: false, lib: { entry: earlyFile, name: 'early', formats: ['iife'] } },
  })) as Rolldown.RolldownOutput[]
  const code = built[0]?.output[0].code
  if (!code) throw new Error('early.ts gave no code')
  return code
}

/** What asks for the first answers: a file of its own, which waits for no other code. */
const early: Plugin = {
  name: 'early',
  apply: 'build',
  async buildStart() {
    this.emitFile({ type: 'asset', name: 'early.js', source: await earlyScript() })
  },
  transformIndexHtml: {
    order: 'post',
    handler: (_, { bundle }) => {
      const file = Object.keys(bundle ?? {}).find((name) => /early-.*\.js$/.test(name))
      if (!file) throw new Error('early.js is not among what was built')
      return [{ tag: 'script', attrs: { src: `/${file}`, async: true }, injectTo: 'head-prepend' }]
    },
  },
}

export default defineConfig({
  plugins: [vue(), tokens, early, compression()],
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
