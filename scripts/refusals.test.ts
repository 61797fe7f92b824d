import { readFileSync, readdirSync } from 'node:fs'
import { refusals } from '@spudder/core/base/error'
import { expect, it } from 'vitest'
import { problems } from '../server/src/http/problem.ts'

const sources = ['core/src', 'server/src', 'contract/src', 'web/src', 'sim/src']
  .flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((path) => `${folder}/${path}`),
  )
  .filter((path) => /\.(ts|vue)$/.test(path) && !/\.test\.ts$|base\/error\/data\//.test(path))
  .map((path) => readFileSync(path, 'utf8'))
  .join('\n')

it('every refusal of the catalogue is one that something refuses with', () => {
  const idle = Object.keys(refusals).filter((name) => !sources.includes(`'${name}'`))
  expect(idle).toEqual([])
})

it('docs/errors.md has every code with its status, and no other', () => {
  const rows = [
    ...readFileSync('docs/errors.md', 'utf8').matchAll(/^\| `([a-z-]+)`\s*\| (\d{3})/gm),
  ]
  const told = Object.fromEntries(rows.map(([, code = '', status]) => [code, Number(status)]))
  const known = Object.fromEntries(
    Object.entries(problems).map(([code, { status }]) => [code, status]),
  )
  expect(told).toEqual(known)
})
