import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { format } from 'prettier'
import { describe, expect, it } from 'vitest'
import { root } from '../processes.ts'
import { acidTables } from './acid-tables.ts'

describe('the sulfur tables in docs', () => {
  it('are those of the model as it stands, every entry of them', async () => {
    const written = readFileSync(join(root, 'docs', 'acid-tables.md'), 'utf8')
    expect(written).toBe(await format(acidTables(), { parser: 'markdown', printWidth: 100 }))
    expect(written.match(/^\| (vegetable|berry)/gm)).toHaveLength(24)
  })
})
