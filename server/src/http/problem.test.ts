import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { problems } from './problem.ts'

it('the catalogue of errors in the docs is that of the code', () => {
  const page = readFileSync(new URL('../../../docs/errors.md', import.meta.url), 'utf8')
  const documented = [...page.matchAll(/^\| `([\w-]+)`\s*\| (\d{3})\s*\|/gm)]
  const inCode = Object.entries(problems).map(([code, { status }]) => `${code} ${status}`)
  expect(documented.map(([, code, status]) => `${code} ${status}`).toSorted()).toEqual(
    inCode.toSorted(),
  )
})
