import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import { build, defineConfig, type Plugin, type Rolldown } from 'vite'
import sharp from 'sharp'
import { VitePWA } from 'vite-plugin-pwa'
import { compression } from 'vite-plugin-compression2'
import { schemes, tokenCss } from './src/ui/tokens.ts'

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

/** The drawing of the brand as pictures, for home screens and notices; on paper, with room for any shape. */
const iconSizes = { 'icon-192': 192, 'icon-512': 512 } as const
const icons: Plugin = {
  name: 'icons',
  apply: 'build',
  async buildStart() {
    const leaf = fileURLToPath(new URL('./public/leaf.svg', import.meta.url))
    for (const [name, size] of Object.entries(iconSizes)) {
      const inner = Math.round(size * 0.72)
      const drawn = await sharp(leaf, { density: 1200 }).resize(inner, inner).png().toBuffer()
      const background = schemes.light.paper
      const paper = sharp({ create: { width: size, height: size, channels: 3, background } })
      const source = await paper
        .composite([{ input: drawn }])
        .png()
        .toBuffer()
      this.emitFile({ type: 'asset', fileName: `${name}.png`, source })
    }
  },
}

const iconOf = (purpose: 'any' | 'maskable') =>
  Object.entries(iconSizes).map(([name, size]) => ({
    src: `/${name}.png`,
    sizes: `${size}x${size}`,
    type: 'image/png',
    purpose,
  }))

/** Spudder as an app of its own on a phone; all code of the screens is kept but what is for the desk alone. */
const app = VitePWA({
  strategies: 'injectManifest',
  srcDir: 'src/offline/worker',
  filename: 'service-worker.ts',
  injectRegister: null,
  manifest: {
    id: '/',
    name: 'Spudder',
    short_name: 'Spudder',
    description: 'Pale leaves: what ails them, what helps, when, and whether they turn green.',
    lang: 'en',
    start_url: '/day',
    scope: '/',
    display: 'standalone',
    background_color: schemes.light.paper,
    theme_color: schemes.light.paper,
    icons: [...iconOf('any'), ...iconOf('maskable')],
    shortcuts: [
      { name: 'My day', url: '/day' },
      { name: 'Waiting records', url: '/waiting' },
    ],
  },
  injectManifest: {
    globPatterns: ['index.html', 'leaf.svg', 'assets/*.{js,css,woff2}'],
    // Files for printing, and the solver of the season: large, and made at the desk.
    globIgnores: ['**/pdfmake-*', '**/vfs_fonts-*', '**/*-{cyrillic,greek,vietnamese}*'],
    maximumFileSizeToCacheInBytes: 1_000_000,
  },
})

export default defineConfig({
  plugins: [vue(), tokens, early, icons, app, compression()],
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 900,
    // What every first load needs comes in one file: a hundred small ones took longer to fetch than to run.
    rolldownOptions: {
      output: { codeSplitting: { groups: [{ name: 'first', tags: ['$initial'] }] } },
    },
  },
  server: { port: 5173, proxy: { '/api': api } },
  optimizeDeps: { include: ['ant-design-vue', 'class-validator', 'class-transformer'] },
})
