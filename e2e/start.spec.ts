import { test as base, expect } from '@playwright/test'
import { spawn, type ChildProcess } from 'node:child_process'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { stripVTControlCharacters } from 'node:util'
import { root } from '../scripts/processes.ts'

const dataRoot = join(root, '.data', 'test-start')
const placeBody = {
  id: '11111111-1111-4111-8111-111111111111',
  name: 'Kept through a restart',
  unitSystem: 'metric',
  climate: 'temperate',
}

interface Started {
  readonly url: string
  readonly said: () => string
  readonly stop: () => Promise<number | null>
}

/** Runs a command of the README and waits for the address it prints. */
async function start(name: string, ...flags: string[]): Promise<Started> {
  const child: ChildProcess = spawn('node', [join(root, 'scripts/run.mjs'), name, ...flags], {
    cwd: root,
    env: { ...process.env, SPUDDER_DATA: dataRoot },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  let said = ''
  const ended = new Promise<number | null>((resolve) => child.once('exit', resolve))
  const url = await new Promise<string>((resolve, reject) => {
    const hear = (part: Buffer) => {
      said += stripVTControlCharacters(part.toString())
      const address = /http:\/\/127\.0\.0\.1:\d+/.exec(said)?.[0]
      if (address) resolve(address)
    }
    child.stdout?.on('data', hear)
    child.stderr?.on('data', hear)
    void ended.then((code) => reject(new Error(`ended with ${code}: ${said}`)))
  })
  const stop = () => {
    child.kill('SIGINT')
    return ended
  }
  return { url, said: () => said, stop }
}

const placesAt = async (url: string): Promise<string[]> => {
  const places = (await (await fetch(`${url}/api/places`)).json()) as { name: string }[]
  return places.map(({ name }) => name)
}

base(
  'demo starts, keeps its data over a restart, starts fresh when asked, and stops cleanly',
  async () => {
    rmSync(dataRoot, { recursive: true, force: true })

    const first = await start('demo')
    expect(await placesAt(first.url)).toEqual(['Vennlow Estate'])
    expect((await fetch(first.url)).headers.get('content-type')).toMatch(/text\/html/)
    const stored = await fetch(`${first.url}/api/places`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(placeBody),
    })
    expect(stored.status).toBe(201)

    const second = await start('demo')
    expect(second.said()).toContain('Already running')
    expect(second.url).toBe(first.url)

    // A server of its own beside the demo, with nothing in it.
    const own = await start('start')
    expect(own.url).not.toBe(first.url)
    expect(await placesAt(own.url)).toEqual([])
    expect(await own.stop()).toBe(0)

    expect(await first.stop()).toBe(0)
    await expect(fetch(first.url)).rejects.toThrow()

    const again = await start('demo')
    expect(await placesAt(again.url)).toEqual(['Vennlow Estate', 'Kept through a restart'])
    expect(await again.stop()).toBe(0)

    const fresh = await start('demo', '--fresh')
    expect(await placesAt(fresh.url)).toEqual(['Vennlow Estate'])
    expect(await fresh.stop()).toBe(0)
  },
)

base('dev serves the interface from its source, with the API behind it', async () => {
  const dev = await start('dev')
  expect(await placesAt(dev.url)).toEqual(['Vennlow Estate'])
  expect(await (await fetch(`${dev.url}/src/main.ts`)).text()).toContain('createApp')
  expect(await dev.stop()).toBe(0)
  await expect(fetch(dev.url)).rejects.toThrow()
})
