import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { root, run } from './processes.ts'

const sources = [
  'web/src',
  'web/index.html',
  'web/vite.config.ts',
  'core/src',
  'contract/src',
  'package-lock.json',
]

function newest(path: string): number {
  const about = statSync(path)
  if (!about.isDirectory()) return about.mtimeMs
  return Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))))
}

/** Builds the interface when its sources are newer than what was built last. */
export async function buildWeb(): Promise<void> {
  const built = join(root, 'web/dist/index.html')
  const isCurrent =
    existsSync(built) &&
    sources.every((source) => newest(join(root, source)) < statSync(built).mtimeMs)
  if (isCurrent) return
  process.stdout.write('Building the interface …\n')
  await run('npx', ['vite', 'build', '--logLevel', 'warn', 'web'], { isQuiet: true })
}
