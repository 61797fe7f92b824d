import { Slider } from 'ant-design-vue'
import { foldsOf, unfold } from '../../tests/folds.ts'
import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { ligandIds } from '@spudder/core/material/source'
import ChoiceCharts from './ChoiceCharts.vue'
import StabilityChart from './StabilityChart.vue'
import SoilWater from './SoilWater.vue'
import { brackets, curvePHs, curvesInSoil, curvesInSolution, nameCurves } from './curve-chart.ts'
import { offersFor, type OfferFacts } from './offers.ts'
import { soilOf, usualSoilWater } from './soil-water.ts'

const curves = curvesInSoil(soilOf(usualSoilWater), 1e-4)
const facts: OfferFacts = {
  nutrient: 'Fe',
  context: 'turf',
  growth: 'lawn turf',
  route: 'soil',
  aimId: 'season',
  medium: { pH: 7.8, doubt: 0.2, soil: soilOf(usualSoilWater) },
  size: { kind: 'area', areaM2: 100 },
  shelf: [],
  presentIronMgPerL: undefined,
  isPHKnown: true,
  plantPH: { low: 6, high: 7 },
}

describe('the curves of the chart', () => {
  it('are of every ligand and of the salt, over 141 pH values, with the line inside its band', () => {
    expect(curves).toHaveLength(ligandIds.length + 1)
    expect(curvePHs).toHaveLength(141)
    for (const { low, usual, high } of curves) {
      usual.forEach((share, index) => {
        expect(low[index]).toBeLessThanOrEqual(share + 1e-9)
        expect(share).toBeLessThanOrEqual((high[index] ?? 0) + 1e-9)
      })
    }
    expect(curvesInSolution()).toHaveLength(ligandIds.length)
  })

  it('have names that do not lie on one another', () => {
    const names = nameCurves(curves, 10).filter(({ holds }) => !holds)
    names.forEach((one, index) => {
      for (const other of names.slice(index + 1)) {
        const isApart =
          Math.abs(one.pH - other.pH) > 0.46 || Math.abs(one.share - other.share) > 0.1
        expect([one.id, other.id, isApart]).toEqual([one.id, other.id, true])
      }
    })
    expect(
      nameCurves(curves, 10)
        .filter(({ holds }) => holds)
        .map(({ id }) => id),
    ).toEqual(expect.arrayContaining(['eddha', 'hbed']))
  })

  it('carry the ceilings of the schools as brackets', () => {
    const of = (id: string) => brackets.find((each) => each.id === id)
    expect(of('edta')).toMatchObject({ from: 6, to: 7, isOpen: false })
    expect(of('eddha')).toMatchObject({ from: 9, isOpen: true })
    expect(of('citrate')).toBeUndefined()
    // One ceiling that is not passed: of use below it, and not beyond.
    expect(of('idha')).toMatchObject({ from: 5.5, to: 5.5, isOpen: false })
  })
})

describe('the chart', () => {
  it('says in words what it shows at the pH of the stand, which stands across it', () => {
    const chart = mount(StabilityChart, {
      props: { curves, pH: { pH: 7.8, doubt: 0.2 }, chosenId: 'eddha', hasBrackets: true },
    })
    const words = chart.find('svg').attributes('aria-label') ?? ''
    expect(words).toMatch(/At pH 7\.8: .*EDTA (under|<)? ?\d/)
    expect(words).toContain('EDDHA 100 %')
    expect(chart.text()).toContain('pH 7.8 here')
    expect(chart.findAll('.stretch')).toHaveLength(1)
    expect(chart.text()).toContain('schools use it in soil up to pH')
    expect(chart.find('.band').exists()).toBe(true)
    expect(chart.findAll('.line')).toHaveLength(curves.length)
  })

  it('without a pH shows the curves alone', () => {
    const chart = mount(StabilityChart, {
      props: { curves, pH: undefined, chosenId: undefined, hasBrackets: false },
    })
    expect(chart.findAll('.line')).toHaveLength(curves.length)
    expect(chart.text()).not.toContain('here')
    expect(chart.text()).not.toContain('schools')
  })
})

describe('the sliders of the soil water', () => {
  it('set calcium by hand, by the salts of a lime soil, and the chelate', async () => {
    const sliders = mount(SoilWater, { props: { modelValue: usualSoilWater, pH: 7.8 } })
    const [calcium, salts, chelate] = sliders.findAllComponents(Slider)
    expect(sliders.text()).not.toContain('Back to this soil')
    calcium?.vm.$emit('update:value', -1)
    salts?.vm.$emit('update:value', 10)
    chelate?.vm.$emit('update:value', -3)
    await flushPromises()
    expect(sliders.emitted('update:modelValue')?.map(([value]) => value)).toEqual([
      { ...usualSoilWater, calciumFrom: 'measured', calciumMmolPerL: 0.1 },
      { ...usualSoilWater, calciumMmolPerL: 0.1, otherAnionsMeqPerL: 10 },
      { ...usualSoilWater, calciumMmolPerL: 0.1, otherAnionsMeqPerL: 10, logLigandM: -3 },
    ])
  })

  it('go back to the soil of the stand', async () => {
    const moved = { ...usualSoilWater, calciumFrom: 'sodic' as const }
    const sliders = mount(SoilWater, { props: { modelValue: moved, pH: 8.6 } })
    await sliders.find('button').trigger('click')
    expect(sliders.emitted('update:modelValue')?.[0]).toEqual([usualSoilWater])
  })
})

describe('the charts beside the choice', () => {
  const chartsFor = (change: Partial<OfferFacts>, index = 0) => {
    const all = { ...facts, ...change }
    const offer = offersFor(all)[index]
    if (!offer) throw new Error('nothing offered')
    return mount(ChoiceCharts, {
      props: {
        modelValue: usualSoilWater,
        route: all.route,
        medium: all.medium,
        pH: all.medium,
        offer,
        aimId: all.aimId,
      },
    })
  }

  it('show what is left over the days, and when it is due again', () => {
    const course = chartsFor({ route: 'leaf', aimId: 'season' }).find('svg')
    expect(course.attributes('aria-label')).toMatch(
      /Iron of Ferrous sulfate, spray grade at work: 90 % on the day, \d+ % after 42 days/,
    )
    expect(course.text()).toContain('again')
  })

  it('open to how, and to where calculation and trade differ', async () => {
    const charts = chartsFor({})
    await unfold(foldsOf(charts)[0])
    expect(charts.text()).toContain('none fitted')
    expect(charts.text()).toMatch(/Differs\. HEDTA/)
  })
})
