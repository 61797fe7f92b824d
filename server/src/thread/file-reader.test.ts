import { CoreError } from '@spudder/core/base/error'
import { readStationFile } from '@spudder/core/days/station'
import { describe, expect, it } from 'vitest'
import { readInThread } from './file-reader.ts'
import { unpackedDays } from './packed-days.ts'

const hour = (number: number) => {
  const at = new Date(Date.UTC(2020, 0, 1, number)).toISOString().slice(0, 16).replace('T', ' ')
  return `${at},${(number % 30) - 4},${number % 7 === 0 ? 0.4 : 0},${number % 9}`
}
const station = (hours: number) =>
  ['Time,Temperature (°C),Rain (mm),Wind (m/s)', ...Array.from({ length: hours }, (_, at) => hour(at))].join('\n') // prettier-ignore

const inThread = (text: string) => readInThread('station', {}, Buffer.from(text))

describe('a file read in a thread', () => {
  it('comes to the same as in place', async () => {
    const text = station(24 * 40)
    const { packed, errors, assumed } = await inThread(text)
    expect({ days: unpackedDays(packed, 0), errors, assumed }).toEqual(readStationFile(text))
    // A part of them, as they are stored.
    expect(unpackedDays(packed, 30, 33)).toEqual(readStationFile(text).days.slice(30, 33))
  })

  it('is refused with the same words', async () => {
    const text = 'a,b\n1,2\n'
    const words = (error: unknown) =>
      error instanceof CoreError ? error.sentence() : String(error)
    const here = (() => {
      try {
        return readStationFile(text)
      } catch (error) {
        return words(error)
      }
    })()
    await expect(inThread(text).catch(words)).resolves.toBe(here)
  })

  it('keeps nobody waiting: others are served while a long one is read', async () => {
    let turns = 0
    const turn = setInterval(() => (turns += 1), 1)
    const { packed } = await inThread(station(100_000))
    clearInterval(turn)
    expect(packed.count).toBe(4166)
    expect(turns).toBeGreaterThan(20)
  })

  it('of several parts is whole, and is still there to be read again', async () => {
    const text = station(120_000)
    const bytes = Buffer.from(text)
    expect(bytes.length).toBeGreaterThan(2 ** 21)
    for (let time = 0; time < 2; time += 1) {
      expect((await readInThread('station', {}, bytes)).packed.count).toBe(5000)
    }
  })

  it('waits its turn behind another, and each gets its own', async () => {
    const files = [24, 48, 72].map((hours) => station(hours))
    const read = await Promise.all(files.map((text) => inThread(text)))
    expect(read.map(({ packed }) => packed.count)).toEqual([1, 2, 3])
  })
})
