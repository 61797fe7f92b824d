import type { Step } from './steps.ts'

const typed = ['core', 'contract', 'sim', 'server', 'e2e']

/** What holds the habits of docs/architecture.md; each can fail by itself. */
export const checkSteps: readonly Step[] = [
  { name: 'types of web', command: ['npx', 'vue-tsc', '--noEmit', '-p', 'web/tsconfig.json'] },
  { name: 'lint', command: ['npx', 'eslint', '--max-warnings', '0', '.'] },
  { name: 'format', command: ['npx', 'prettier', '--check', '--log-level', 'warn', '.'] },
  ...typed.map((name) => ({
    name: `types of ${name}`,
    command: ['npx', 'tsc', '--noEmit', '-p', `${name}/tsconfig.json`],
  })),
  { name: 'types of scripts', command: ['npx', 'tsc', '--noEmit', '-p', 'scripts/tsconfig.json'] },
  {
    name: 'layers',
    command: [
      'npx',
      'depcruise',
      ...['--config', '.dependency-cruiser.cjs'],
      ...['core', 'contract', 'sim', 'server', 'web/src', 'e2e', 'scripts'],
    ],
  },
  { name: 'dead code', command: ['npx', 'knip', '--no-progress'] },
  { name: 'build', command: ['npx', 'vite', 'build', '--logLevel', 'warn', 'web'] },
  {
    name: 'unit tests',
    command: [
      'npx',
      'vitest',
      'run',
      ...['core', 'contract', 'sim', 'web'].flatMap((name) => ['--project', name]),
    ],
  },
]
