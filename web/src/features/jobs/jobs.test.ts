import { said } from '../../shared/units/said.ts'
import { mount } from '@vue/test-utils'
import { cautionsFor } from '@spudder/core/apply/caution'
import { planFills } from '@spudder/core/apply/mix'
import { amountFor } from '@spudder/core/material/rate'
import { findRate } from '@spudder/core/material/source'
import { sizeWords } from '@spudder/core/stand/plant'
import { describe, expect, it } from 'vitest'
import CautionList from '../../shared/case/CautionList.vue'
import FillList from '../../shared/case/FillList.vue'
import HowGot from '../../shared/how/HowGot.vue'
import { amountRange, amountWords } from '@spudder/core/base/quantity'

describe('what is taken outside', () => {
  it('tells full fills and the part fill apart', () => {
    const plan = planFills({ productKg: 2, waterL: 100, tankL: 15 })
    const list = mount(FillList, { props: { plan, system: 'metric' } })
    expect(list.findAll('li').map((item) => item.text().replace(/\s+/g, ' '))).toEqual([
      '6 × full tank of 15 L with 300 g',
      'then part fill of 10 L with 200 g',
    ])
  })

  it('calls a job that needs less than a tank one part fill', () => {
    const plan = planFills({ productKg: 0.1, waterL: 5, tankL: 15 })
    const list = mount(FillList, { props: { plan, system: 'metric' } })
    expect(list.text().replace(/\s+/g, ' ')).toBe('one part fill of 5 L with 100 g')
  })

  it('carries the cautions of the work, the label first', () => {
    const work = { context: 'turf', route: 'leaf', sourceId: 'ferrous-sulfate' } as const
    const list = mount(CautionList, { props: work })
    const words = list.findAll('li').map((item) => item.text())
    expect(words).toEqual(cautionsFor(work).map((caution) => said(caution.words)))
    expect(words[0]).toMatch(/label is the law/)
  })

  it('opens an amount to how it was got, with its source and mark', () => {
    const { derivation } = amountFor({
      rate: findRate('solution-aquaponic'),
      rateValue: 2,
      size: { kind: 'solution', volumeL: 400 },
      contentShare: 0.1,
    })
    const text = mount(HowGot, { props: { derivation } }).text()
    expect(text).toContain('product = (wanted − present) × volume ÷ iron in the product')
    // 400 L, said where gallons are counted.
    expect(text).toContain('105.7 gal')
    expect(text).toContain('common practice')
  })
})

describe('amounts in words', () => {
  it.each([
    ['mass', 0.0851, 'us', '3 oz'],
    ['mass', 5, 'us', '11 lb'],
    ['mass', 0.0851, 'metric', '85.1 g'],
    ['volume', 3, 'us', '0.793 gal'],
    ['volume', 0.059, 'us', '2 fl oz'],
    ['area', 1444, 'us', '15,543 ft²'],
    ['area', 64000, 'us', '15.8 acre'],
  ] as const)('%s of %d in %s is %s', (dimension, value, system, words) => {
    expect(amountWords(dimension, value, system)).toBe(words)
  })

  it('give both ends of a range in one unit', () => {
    expect(amountRange('mass', 0.1, 2, 'us')).toBe('0.22-4.41 lb')
  })

  it.each([
    [{ kind: 'trunks', count: 24, diameterM: 0.31 }, '24 trunks of 12 in'],
    [{ kind: 'trunks', count: 1, diameterM: 0.31 }, '1 trunk of 12 in'],
    [{ kind: 'pots', count: 180, potL: 3 }, '180 pots of 0.79 gal'],
    [{ kind: 'solution', volumeL: 5200 }, '1,374 gal'],
  ] as const)('say a size as people do: %j', (size, words) => {
    expect(sizeWords(size, 'us')).toBe(words)
  })
})
