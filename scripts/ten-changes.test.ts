import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

const architecture = readFileSync('docs/architecture.md', 'utf8')
const [, section = ''] = architecture.split('### Ten changes, and where')
const rows = section
  .split('\n')
  .filter((line) => /^\| an? /.test(line))
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([, change = '', files = '', where = '', example = '']) => ({
    change,
    files: Number(files),
    paths: [...where.matchAll(/`([^`]+)`/g)].map(([, path = '']) => path),
    examples: [...example.matchAll(/`([^`]+)`/g)].map(([, name = '']) => name),
  }))

// The demo estate and tests may name anything: they are not asked when something is added.
const sources = ['core/src', 'contract/src', 'server/src', 'web/src']
  .flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((path) => `${folder}/${path}`),
  )
  .filter((path) => /\.(ts|vue)$/.test(path))
  .filter((path) => !/\.test\.ts$|\/tests\/|\/demo\//.test(path))
  .map((path) => ({ path, text: readFileSync(path, 'utf8') }))
const namedIn = (name: string): string[] =>
  sources
    .filter(({ text }) => new RegExp(`(?<![\\w-])['"]?${name}['"]?(?![\\w-])`).test(text))
    .map(({ path }) => path)

describe('ten changes, and where', () => {
  it('are ten, of which the promised ones are small', () => {
    expect(rows).toHaveLength(10)
    const most = { 'a chelate': 2, 'a kind of sprayer': 3, 'a kind of reading, end to end': 3 }
    for (const [change, files] of Object.entries(most)) {
      const row = rows.find((each) => each.change === change)
      expect(row?.files, change).toBeLessThanOrEqual(files)
    }
  })

  it.each(rows)('$change: its places are there', ({ paths }) => {
    expect(paths).not.toEqual([])
    expect(paths.filter((path) => !existsSync(path))).toEqual([])
  })

  it.each(rows.filter(({ examples }) => examples.length > 0))(
    '$change: what was added so is named in those places and nowhere else',
    ({ files, paths, examples }) => {
      for (const name of examples) {
        const found = namedIn(name)
        expect(found, name).not.toEqual([])
        expect(found.filter((path) => !paths.some((place) => path.startsWith(place)))).toEqual([])
        expect(found.length, `${name}: ${found.join(', ')}`).toBeLessThanOrEqual(files)
      }
    },
  )
})
