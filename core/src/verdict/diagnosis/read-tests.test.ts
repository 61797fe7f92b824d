import { describe, expect, it } from 'vitest'
import { findPlant, type Context } from '../../stand/plant/index.ts'
import {
  leafWindow,
  pHExposure,
  type IronSchoolName,
  type Reading,
} from '../../seen/reading/index.ts'
import type { TestName } from './data/features.ts'
import { readTests } from './read-tests.ts'
import { lookDay, readBefore } from './tests/look-at.ts'

const window = leafWindow(lookDay)

/** Everything that the readings say of a plant. */
function readings(
  plantId: string,
  taken: readonly Reading[],
  school: IronSchoolName = 'published',
  context?: Context,
) {
  const exposure = pHExposure(window, { readings: taken, corrections: [] })
  const plant = findPlant(plantId)
  return new Map(
    readTests({
      readings: taken,
      window,
      plant,
      context: context ?? plant.contexts[0] ?? 'turf',
      exposure,
      school,
      lookedOn: lookDay,
      latitude: undefined,
    }).map((test) => [test.name, test]),
  )
}
const likeliest = (plantId: string, name: TestName, ...taken: readonly Reading[]) => {
  const { belief = {} } = readings(plantId, taken).get(name) ?? {}
  return Object.entries(belief).toSorted((a, b) => b[1] - a[1])[0]?.[0]
}
const of = (kind: Reading['kind'], value: number, more: Partial<Reading> = {}) =>
  readBefore(10, { kind, value, ...more })

describe('a test that was read', () => {
  it.each([
    ['mehlichManganese', 4, 'soilManganese', 'low'],
    ['mehlichZinc', 0.8, 'soilZinc', 'low'],
    ['mehlichZinc', 60, 'soilZinc', 'much'],
    ['mehlichCopper', 50, 'soilCopper', 'much'],
    ['mehlichIron', 100, 'soilIron', 'enough'],
  ] as const)('%s of %d counts where no DTPA was taken: %s is %s', (kind, value, test, band) => {
    expect(likeliest('soybean', test, of(kind, value))).toBe(band)
  })

  it('goes by DTPA where both were taken', () => {
    const both = [of('mehlichZinc', 0.5), of('soilZinc', 3)]
    expect(likeliest('soybean', 'soilZinc', ...both)).toBe('enough')
  })

  it.each([
    ['lettuce', 0.5, 'low'],
    ['lettuce', 1.4, 'some'],
    ['lettuce', 3, 'high'],
    ['tomato', 1.2, 'low'],
    ['tomato', 3, 'some'],
    ['strawberry', 2.6, 'high'],
  ] as const)(
    'EC of %s at %d in a channel is %s, by what the crop is run at',
    (plantId, ec, band) => {
      const read = readings(plantId, [of('ecSolution', ec)], 'published', 'hydroponic').get('salt')
      const [first] = Object.entries(read?.belief ?? {}).toSorted((a, b) => b[1] - a[1])
      expect(first?.[0]).toBe(band)
    },
  )

  it('takes the EC of the source water off what a channel is run at, and says so', () => {
    const salt = (others: readonly ReturnType<typeof of>[]) =>
      readings('lettuce', [of('ecSolution', 1.5), ...others], 'published', 'hydroponic').get('salt')
    expect(salt([])?.belief['low'] ?? 0).toBeLessThan(0.01)
    const hard = salt([of('ecSource', 1.1)])
    expect(hard?.belief['low']).toBeGreaterThan(0.99)
    expect(hard?.words).toMatch(/1\.5 dS\/m less 1\.1 dS\/m of the water, low/)
  })

  it.each([
    ['calciumCarbonate', 0.1, 'lime', 'none'],
    ['calciumCarbonate', 22, 'lime', 'much'],
    ['soilManganese', 0.4, 'soilManganese', 'low'],
    ['soilZinc', 60, 'soilZinc', 'much'],
    ['soilNitrate', 3, 'soilNitrate', 'low'],
    ['ecPaste', 6, 'salt', 'high'],
    ['ecPourThrough', 2, 'salt', 'some'],
    ['sodiumAdsorption', 20, 'sodium', 'high'],
    ['alkalinity', 320, 'waterAlkalinity', 'high'],
    ['ironInSolution', 0, 'solutionIron', 'none'],
    ['nitrate', 40, 'solutionNitrate', 'enough'],
    ['magnesium', 60.7, 'solutionMagnesium', 'enough'],
    ['activeIron', 12, 'activeIron', 'low'],
  ] as const)('%s of %d is %s: %s', (kind, value, name, band) => {
    expect(likeliest('soybean', name, of(kind, value))).toBe(band)
  })

  it('spreads its belief over the bands that its doubt reaches, adding up to one', () => {
    const belief = readings('soybean', [of('soilIron', 4.5)]).get('soilIron')?.belief ?? {}
    expect(belief['marginal']).toBeGreaterThan(0.3)
    expect(belief['enough']).toBeGreaterThan(0.3)
    const sum = Object.values(belief).reduce((total, each) => total + each, 0)
    expect(sum).toBeCloseTo(1, 9)
  })

  it('is not read where nothing was measured, nor from readings long past', () => {
    expect([...readings('soybean', []).keys()]).toEqual([])
    const old = readBefore(400, { kind: 'nitrate', value: 0 })
    expect(readings('lettuce', [old]).has('solutionNitrate')).toBe(false)
  })

  it('takes Olsen phosphorus before Bray', () => {
    const both = [of('olsenPhosphorus', 80), of('brayPhosphorus', 5)]
    expect(likeliest('soybean', 'soilPhosphorus', ...both)).toBe('much')
  })
})

describe('a leaf analysis', () => {
  it('is read by the range of the plant: what is enough for one is low for another', () => {
    expect(likeliest('highbush-blueberry', 'leafNitrogen', of('tissueNitrogen', 2))).toBe('enough')
    expect(likeliest('soybean', 'leafNitrogen', of('tissueNitrogen', 2))).toBe('low')
  })

  it('has a marginal band below what is enough', () => {
    expect(likeliest('soybean', 'leafNitrogen', of('tissueNitrogen', 3.4))).toBe('marginal')
  })

  it('is read against a healthy plant where one was sampled', () => {
    const pair = (sick: number, healthy: number) =>
      likeliest(
        'soybean',
        'leafManganese',
        of('tissueManganese', sick, { place: 'sick' }),
        of('tissueManganese', healthy, { place: 'healthy' }),
      )
    // 45 mg/kg is enough for soybean by the handbook, and half of what its neighbour holds.
    expect(pair(45, 90)).toBe('low')
    expect(pair(45, 46)).toBe('enough')
    expect(likeliest('soybean', 'leafManganese', of('tissueManganese', 45))).toBe('enough')
  })
})

describe('soil iron', () => {
  const says = (school: IronSchoolName, iron: number, manganese?: number) => {
    const taken = [of('soilIron', iron)]
    if (manganese !== undefined) taken.push(of('soilManganese', manganese))
    const { belief = {} } = readings('pin-oak', taken, school).get('soilIron') ?? {}
    return Object.entries(belief).toSorted((a, b) => b[1] - a[1])[0]?.[0]
  }

  it('is read by the school that was chosen', () => {
    expect(says('published', 6)).toBe('enough')
    expect(says('high-target', 6)).toBe('low')
  })

  it('below manganese is marked down by the school that asks for it, and told apart', () => {
    expect(says('high-target', 35, 70)).toBe('marginal')
    expect(says('published', 35, 70)).toBe('enough')
    const crowded = readings('pin-oak', [of('soilIron', 6), of('soilManganese', 30)])
    expect(crowded.get('ironToManganese')?.belief['below']).toBeGreaterThan(0.99)
  })
})

describe('pH', () => {
  const alkaline = (plantId: string, value: number, preparation?: Reading['preparation']) => {
    const { belief = {} } = readings(plantId, [of('pH', value, { preparation })]).get('pH') ?? {}
    return (belief['alkaline'] ?? 0) + (belief['strongly-alkaline'] ?? 0)
  }

  it('in calcium chloride is read as water would read it', () => {
    expect(alkaline('pin-oak', 6.9, 'calcium-chloride')).toBeGreaterThan(alkaline('pin-oak', 6.9))
  })

  it('above the range of a lover of acid ground weighs as above that of others', () => {
    expect(alkaline('highbush-blueberry', 6.3)).toBeGreaterThan(0.8)
    expect(alkaline('pin-oak', 6.3)).toBeLessThan(0.05)
  })
})

describe('the date', () => {
  const seasonAt = (plantId: string, lookedOn: string, latitude?: number) => {
    const plant = findPlant(plantId)
    const context = plant.contexts[0] ?? 'turf'
    const facts = { readings: [], window, plant, context, exposure: undefined, school: 'published' } as const // prettier-ignore
    return readTests({ ...facts, lookedOn, latitude }).find(({ name }) => name === 'season')?.words
  }

  it.each([
    ['pin-oak', '2026-10-28', 42, 'its time of rest'],
    ['pin-oak', '2026-06-15', 42, 'summer'],
    ['pin-oak', '2026-05-10', -34, 'its time of rest'],
    ['bermudagrass', '2026-12-10', 35, 'its time of rest'],
    ['kentucky-bluegrass', '2026-12-10', 45, 'winter'],
    ['white-pine', '2026-11-10', 45, 'autumn'],
  ] as const)('%s on %s at %d°: %s', (plantId, day, latitude, words) => {
    expect(seasonAt(plantId, day, latitude)).toBe(words)
  })

  it('says nothing where nobody knows where it is, in the tropics, and of what stands inside', () => {
    expect(seasonAt('pin-oak', '2026-10-28')).toBeUndefined()
    expect(seasonAt('pin-oak', '2026-10-28', 8)).toBeUndefined()
    expect(seasonAt('petunia', '2026-10-28', 42)).toBeUndefined()
  })
})
