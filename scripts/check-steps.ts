import type { Step } from './steps.ts'

/** Folders that are compiled alike are checked in one go: what they share is read once. */
const typed = [
  { name: 'core, contract, sim', project: 'tsconfig.pure.json' },
  { name: 'server, scripts, e2e', project: 'tsconfig.node.json' },
]

/** What holds the habits of docs/architecture.md; each can fail by itself. */
export const checkSteps: readonly Step[] = [
  // First, as the longest: one core works on it while the other does all the rest.
  {
    name: 'unit tests',
    command: [
      'npx',
      'vitest',
      'run',
      '--reporter=dot',
      '--silent=passed-only',
      ...['core', 'contract', 'sim', 'web'].flatMap((name) => ['--project', name]),
    ],
  },
  { name: 'types of web', command: ['npx', 'vue-tsc', '--noEmit', '-p', 'web/tsconfig.json'] },
  { name: 'lint', command: ['npx', 'eslint', '--max-warnings', '0', '.'] },
  { name: 'format', command: ['npx', 'prettier', '--check', '--log-level', 'warn', '.'] },
  ...typed.map(({ name, project }) => ({
    name: `types of ${name}`,
    command: ['npx', 'tsc', '--noEmit', '-p', project],
  })),
  {
    name: 'layers',
    command: [
      'npx',
      'depcruise',
      ...['--config', '.dependency-cruiser.cjs'],
      ...['core', 'contract', 'sim', 'server', 'web/src', 'e2e', 'scripts'],
    ],
  },
  {
    name: 'folders',
    command: [
      'npx',
      'depcruise',
      ...['--config', '.dependency-cruiser.folders.cjs'],
      ...['core', 'contract', 'sim', 'server', 'web/src'],
    ],
  },
  { name: 'dead code', command: ['npx', 'knip', '--no-progress'] },
  { name: 'build', command: ['npx', 'vite', 'build', '--logLevel', 'warn', 'web'] },
]
