import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { describe, expect, it } from 'vitest'
import { freePort } from './ports.ts'
import { isAlive, isProcessOf, run, stopProcess, until } from './processes.ts'

const sleeper = (script: string) => spawn(process.execPath, ['-e', script, 'a-word-of-its-own'])
const idle = 'setInterval(() => {}, 1000); process.stdout.write("up")'
const heard = (child: ReturnType<typeof sleeper>) =>
  new Promise<void>((resolve) => child.stdout.once('data', () => resolve()))

describe('a port', () => {
  it('is the one wished for when nobody listens there, else another', async () => {
    const port = await freePort(0)
    expect(await freePort(port)).toBe(port)
    const server = createServer()
    await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', () => resolve()))
    const other = await freePort(port)
    expect(other).not.toBe(port)
    expect(other).toBeGreaterThan(1023)
    await new Promise((resolve) => server.close(resolve))
  })
})

describe('a process', () => {
  it('is known by a word of its command line while it lives', async () => {
    const child = sleeper(idle)
    await heard(child)
    const pid = child.pid ?? 0
    expect(isProcessOf(pid, 'a-word-of-its-own')).toBe(true)
    expect(isProcessOf(pid, 'another word')).toBe(false)
    await stopProcess(child)
    expect(isAlive(pid)).toBe(false)
    expect(isProcessOf(pid, 'a-word-of-its-own')).toBe(false)
  })

  it('is given time to stop in its own way', async () => {
    const child = sleeper(
      `process.on('SIGTERM', () => setTimeout(() => process.exit(7), 300)); ${idle}`,
    )
    await heard(child)
    await stopProcess(child)
    expect(child.exitCode).toBe(7)
  })

  it('that has stopped already is left alone', async () => {
    const child = sleeper('')
    await new Promise((resolve) => child.once('exit', resolve))
    await stopProcess(child)
    expect(child.exitCode).toBe(0)
  })
})

describe('waiting', () => {
  it('goes on until it is so', async () => {
    let asked = 0
    await until('counting', () => (asked += 1) === 3)
    expect(asked).toBe(3)
  })

  it('gives up, saying what it waited for', async () => {
    await expect(until('the moon', () => false, 0.2)).rejects.toThrow(/the moon took more than/)
  })
})

describe('run', () => {
  it('fails when the command does, naming it', async () => {
    await run('true', [])
    await expect(run('sh', ['-c', 'exit 3'], { isQuiet: true })).rejects.toThrow(
      /sh -c exit 3 ended with 3/,
    )
    await expect(run('no-such-command', [])).rejects.toThrow(/ENOENT/)
  })
})
