import { describe, expect, it } from 'vitest'
import { findRate } from '../../material/source/index.ts'
import {
  densityOfProduct,
  planApplication,
  calculatedDensity,
  sameAmount,
  type ApplicationFacts,
  type ChosenApplication,
} from './index.ts'

const spray: ChosenApplication = {
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  rate: findRate('leaf-sulfate-turf-summer'),
  rateValue: 2,
  carrierValue: 1,
  contentShare: 0.2,
  weighedKgPerL: undefined,
  scoopKg: undefined,
  tankL: 20,
  conditioning: undefined,
  partners: [],
  waterInAfterH: undefined,
  presentIronMgPerL: undefined,
  doseDays: undefined,
  why: undefined,
}
const onLawn = (
  change: Partial<ChosenApplication> = {},
  rest: Partial<ApplicationFacts> = {},
): ApplicationFacts => ({
  stand: {
    context: 'turf',
    growth: 'lawn turf',
    size: { kind: 'area', areaM2: 1000 },
    measures: {},
  },
  ground: { pH: 6.5, plantPH: { low: 6, high: 7 }, takesIronEasily: false },
  product: undefined,
  drop: undefined,
  jarTests: [],
  loop: {},
  maxC: undefined,
  ...rest,
  chosen: { ...spray, ...change },
})
const told = (facts: ApplicationFacts) =>
  planApplication(facts).problems.map(({ id, stops }) => `${id}${stops ? '!' : ''}`)

describe('an application', () => {
  it('has its amount, fills, every other way to say it, and what stays on the leaf', () => {
    const work = planApplication(onLawn())
    // 2 oz/1000 ft² is 6.1031 kg/ha; 1 gal/1000 ft² is 40.746 L on 1000 m² (derived).
    expect(work.amount.value?.productKg).toBeCloseTo(0.6103, 3)
    expect(work.fills.value?.fullFills).toBe(2)
    expect(work.fills.value?.part?.waterL).toBeCloseTo(0.746, 2)
    expect(work.usual?.low.productKg).toBe(work.usual?.high.productKg)
    expect(work.retention?.usual).toBeGreaterThan(0)
    expect(sameAmount(work, 'us')?.said.length).toBeGreaterThan(1)
    expect(work.problems.map(({ id }) => id)).toEqual(['runs-off'])
  })

  it('says beside each part why it cannot be had, and never throws for a figure', () => {
    const bad = planApplication(
      onLawn({
        tankL: 0.0001,
        conditioning: { acidId: 'citric', alkalinityMgPerLCaCO3: 100, pH: 7, targetPH: 9 },
      }),
    )
    expect(bad.amount.error).toBeUndefined()
    expect(bad.fills.error?.parameter).toBe('tankL')
    expect(bad.acid.error).toBeDefined()
    expect(planApplication(onLawn({ rateValue: -1 })).amount.error?.code).toBe('out-of-range')
    const unmeasured = onLawn({ rate: findRate('soil-eddha-trunk'), carrierValue: 5 })
    expect(planApplication(unmeasured).amount.error?.expected).toMatch(/a size by trunks/)
  })

  it('waits for what was not given yet', () => {
    const work = planApplication(onLawn({ rateValue: undefined }))
    expect(work.amount).toEqual({})
    expect(work.rateFacts.value?.contentShare).toBe(0.2)
    expect(planApplication(onLawn({ carrierValue: undefined })).rateFacts).toEqual({})
  })

  it('puts acid into a fill where there is a tank, into all the water where there is none', () => {
    const conditioning = { acidId: 'citric', alkalinityMgPerLCaCO3: 200, pH: 7.6, targetPH: 6 }
    const kg = (tankL: number | undefined) =>
      planApplication(onLawn({ conditioning, tankL })).acid.value?.kg ?? 0
    expect(kg(undefined) / kg(20)).toBeCloseTo(40.746 / 20, 2)
    // Smaller than the tank: the part fill is all there is.
    expect(kg(100)).toBeCloseTo(kg(undefined), 9)
  })
})

describe('weighed and usual density', () => {
  const byVolume = {
    name: 'My liquid',
    labelMaximum: { value: 400, unit: 'fl oz/1000 ft2' },
    weighedKgPerL: undefined,
  }

  it('are two facts: amounts take either, a label by volume takes what was weighed', () => {
    const usual = onLawn({}, { product: byVolume })
    expect(densityOfProduct(usual)).toEqual({ weighedKgPerL: undefined, usualKgPerL: 1 })
    expect(planApplication(usual).densityKgPerL).toBe(1)
    expect(told(usual)).toContain('label-unknown!')
    expect(told(onLawn({ weighedKgPerL: 1.1 }, { product: byVolume }))).not.toContain('label-unknown!') // prettier-ignore
    const shelf = onLawn({}, { product: { ...byVolume, weighedKgPerL: 1.2 } })
    expect(told(shelf)).not.toContain('label-unknown!')
    expect(planApplication(shelf).densityKgPerL).toBe(1.2)
  })

  it('are unknown together where neither is stated', () => {
    const zinc = onLawn({ sourceId: 'zinc-sulfate' })
    expect(calculatedDensity(densityOfProduct(zinc))).toBeUndefined()
  })
})

describe('a dose', () => {
  const loop = (change: Partial<ChosenApplication> = {}) =>
    onLawn(
      {
        route: 'solution',
        sourceId: 'fe-dtpa',
        rate: findRate('solution-aquaponic'),
        rateValue: 2,
        contentShare: 0.1,
        presentIronMgPerL: 0.4,
        ...change,
      },
      {
        stand: {
          context: 'aquaponic',
          growth: 'vegetable',
          size: { kind: 'solution', volumeL: 2000 },
          measures: {},
        },
        loop: { ammoniumMgPerLN: 5 },
      },
    )

  it('is shared over days, looks at the loop, and stops a salt beside fish', () => {
    const work = planApplication(loop())
    expect(work.steps).toBe(3)
    expect(work.dose?.value?.steps).toHaveLength(3)
    expect(told(loop())).toContain('ammonium')
    expect(told(loop({ sourceId: 'ferrous-sulfate' }))).toContain('salt-with-fish!')
    expect(planApplication(onLawn()).dose).toBeUndefined()
  })

  it('says why its days cannot be', () => {
    expect(planApplication(loop({ doseDays: 40 })).dose?.error?.parameter).toBe('days')
  })
})
