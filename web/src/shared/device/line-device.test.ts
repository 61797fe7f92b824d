import { afterEach, describe, expect, it, vi } from 'vitest'
import { hasBluetooth, openBluetooth } from './bluetooth-device.ts'
import { linesOf, type LineDevice } from './line-device.ts'
import { openMadeUp } from './made-up-device.ts'
import { hasSerial, openSerial } from './serial-device.ts'

afterEach(() => vi.unstubAllGlobals())

async function first(device: LineDevice, count: number): Promise<string[]> {
  const read: string[] = []
  for await (const line of device.lines) {
    read.push(line)
    if (read.length === count) break
  }
  await device.close()
  return read
}
const bytes = (text: string) => new TextEncoder().encode(text)

describe('text in pieces', () => {
  it('is cut into its lines wherever it was broken', async () => {
    async function* pieces() {
      yield* ['pH 6.', '8', '1\r\npH 6.8', '2\n\npH 6.83']
      await Promise.resolve()
    }
    const read: string[] = []
    for await (const line of linesOf(pieces())) read.push(line)
    expect(read).toEqual(['pH 6.81', 'pH 6.82', 'pH 6.83'])
  })
})

describe('a pen by cable', () => {
  it('gives its lines at the usual speed, and is closed', async () => {
    const close = vi.fn(() => Promise.resolve())
    const open = vi.fn(() => Promise.resolve())
    const readable = new ReadableStream<Uint8Array>({
      start: (to) => void ['pH 6.', '84 21.3 C\r\npH 6.85 21.3 C\r\n'].forEach((text) => to.enqueue(bytes(text))), // prettier-ignore
    })
    vi.stubGlobal('navigator', { serial: { requestPort: () => Promise.resolve({ readable, open, close }) } }) // prettier-ignore
    expect(hasSerial()).toBe(true)
    expect(await first(await openSerial(), 2)).toEqual(['pH 6.84 21.3 C', 'pH 6.85 21.3 C'])
    expect(open).toHaveBeenCalledWith({ baudRate: 9600 })
    expect(close).toHaveBeenCalled()
  })

  it('that nobody chose says what to do', async () => {
    const requestPort = () => Promise.reject(new DOMException('none', 'NotFoundError'))
    vi.stubGlobal('navigator', { serial: { requestPort } })
    await expect(openSerial()).rejects.toThrow(/No cable was chosen. Switch it on/)
  })
})

describe('a pen over the air', () => {
  it('gives its lines as it notifies of them', async () => {
    const sends = Object.assign(new EventTarget(), {
      value: undefined as DataView | undefined,
      startNotifications: () => Promise.resolve(sends),
    })
    const disconnect = vi.fn()
    const service = { getCharacteristic: () => Promise.resolve(sends) }
    const gatt = { connect: () => Promise.resolve({ getPrimaryService: () => Promise.resolve(service) }), disconnect } // prettier-ignore
    const device = Object.assign(new EventTarget(), { name: 'Pen 7', gatt })
    vi.stubGlobal('navigator', { bluetooth: { requestDevice: () => Promise.resolve(device) } })
    expect(hasBluetooth()).toBe(true)
    const open = await openBluetooth()
    const read = first(open, 1)
    for (const text of ['pH 7.', '02\n']) {
      sends.value = new DataView(bytes(text).buffer)
      sends.dispatchEvent(new Event('characteristicvaluechanged'))
      await Promise.resolve()
    }
    expect([open.name, await read]).toEqual(['Pen 7', ['pH 7.02']])
    expect(disconnect).toHaveBeenCalled()
  })
})

describe('the stand-in', () => {
  it('says of itself that it is simulated, and settles', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout'] })
    const device = openMadeUp(6.5)
    const read = first(device, 12)
    await vi.advanceTimersByTimeAsync(60_000)
    expect(device.name).toContain('simulated')
    expect((await read).at(-1)).toBe('pH 6.50 21.0 C')
    vi.useRealTimers()
  })
})
