import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { countInterface } from './interface-counts.ts'
import { root } from './processes.ts'

const counts = countInterface()
const told = readFileSync(join(root, 'docs/interface.md'), 'utf8')

describe('the interface', () => {
  it('is made of the library’s components, and has no control of its own outside web/src/ui', () => {
    expect(counts.nativeControls).toEqual([])
    expect(counts.components.size).toBeGreaterThanOrEqual(40)
  })

  it('is counted in docs/interface.md as it is', () => {
    const rows = [...told.matchAll(/^\| `(\w+)`\s*\|\s*(\d+)\s*\|/gm)]
    expect(new Map(rows.map(([, name, uses]) => [name, Number(uses)]))).toEqual(
      new Map([...counts.components].toSorted(([one], [other]) => one.localeCompare(other))),
    )
  })

  it('has no more lines of styles than are told', () => {
    const [, lines] = /Lines of styles: (\d+)/.exec(told) ?? []
    expect(counts.styleLines).toBeLessThanOrEqual(Number(lines))
  })
})
