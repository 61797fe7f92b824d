import { describe, expect, it } from 'vitest'
import { calibrate } from '@spudder/core/seen/reading'
import { SimulatedMeter, type MeterFault } from './index.ts'

const morning = new Date('2026-06-15T08:00:00Z').getTime()

async function slopeOf(fault: MeterFault, daysOn = 0): Promise<ReturnType<typeof calibrate>> {
  const meter = new SimulatedMeter(fault)
  const read = async (where: 'buffer-4' | 'buffer-7', seconds: number) => {
    const at = new Date(morning + daysOn * 864e5 + seconds * 1000)
    return (await meter.read({ standId: 'a', in: where, lastPH: 7, at })).millivolts
  }
  return calibrate(
    { bufferPH: 7, millivolts: await read('buffer-7', 0) },
    { bufferPH: 4.01, millivolts: await read('buffer-4', 30) },
  )
}

describe('the meter stand-in', () => {
  it('can be calibrated, and loses slope with the weeks', async () => {
    const [start, later] = [await slopeOf('none', 5), await slopeOf('none', 80)]
    expect(start.isFit).toBe(true)
    expect(later.slopePercent).toBeLessThan(start.slopePercent + 1)
  })

  it('with a worn electrode fails the slope, with a dirty one the offset', async () => {
    expect((await slopeOf('worn electrode')).slopePercent).toBeLessThan(92)
    expect(Math.abs((await slopeOf('dirty electrode')).offsetMillivolts)).toBeGreaterThan(30)
  })

  it('never gives quite the same twice', async () => {
    const meter = new SimulatedMeter()
    const values = await Promise.all(
      [0, 1, 2, 3].map((second) =>
        meter.read({
          standId: 'a',
          in: 'sample',
          lastPH: 7.5,
          at: new Date(morning + second * 1000),
        }),
      ),
    )
    expect(new Set(values.map(({ millivolts }) => millivolts)).size).toBeGreaterThan(1)
  })
})

describe('the simulated chlorophyll meter', () => {
  const leaves = async (lastUnits: number | undefined) =>
    Promise.all(
      Array.from({ length: 200 }, (_, index) =>
        new SimulatedMeter().readLeaf({ standId: 'a', lastUnits, at: new Date(index * 1000) }),
      ),
    )

  it('reads leaves about what the stand was last, no two alike, and says that it is simulated', async () => {
    const units = (await leaves(30)).map((each) => each.units)
    const mean = units.reduce((sum, each) => sum + each, 0) / units.length
    expect(Math.abs(mean - 30)).toBeLessThan(1)
    expect(new Set(units).size).toBeGreaterThan(30)
    expect((await leaves(undefined))[0]?.device).toContain('simulated')
  })
})
