import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { holdFolder } from './holding.ts'
import { root } from './processes.ts'

const folder = mkdtempSync(join(tmpdir(), 'spudder-held-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

describe('a data folder', () => {
  it('is held by one, who tells the others where it runs, once it runs', async () => {
    const held = await holdFolder(folder)
    if (typeof held === 'string') throw new Error('somebody else has it')
    let told: unknown
    const other = holdFolder(folder).then((answer) => (told = answer))
    await new Promise((resolve) => setTimeout(resolve, 30))
    expect(told).toBeUndefined()
    held.runsAt('http://127.0.0.1:5190')
    expect(await other).toBe('http://127.0.0.1:5190')
    expect(await holdFolder(folder)).toBe('http://127.0.0.1:5190')
    held.letGo()
    const next = await holdFolder(folder)
    expect(typeof next).toBe('object')
    if (typeof next !== 'string') next.letGo()
  })

  it('is free again when its holder is killed, whatever he was at', async () => {
    const code = `import('${join(root, 'scripts/holding.ts')}').then(({ holdFolder }) => holdFolder('${folder}')).then(() => { process.stdout.write('held'); setInterval(() => {}, 1000) })`
    const holder = spawn(process.execPath, ['--import', 'tsx', '-e', code], { cwd: root })
    await new Promise<void>((resolve) => holder.stdout.once('data', () => resolve()))
    const waits = holdFolder(folder)
    holder.kill('SIGKILL')
    const mine = await waits
    expect(typeof mine).toBe('object')
    if (typeof mine !== 'string') mine.letGo()
  })
})
