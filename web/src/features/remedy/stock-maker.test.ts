import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import StockMaker from './StockMaker.vue'

beforeEach(() => localStorage.clear())

async function stockFor(change: object = {}) {
  const maker = mount(StockMaker, {
    props: {
      standId: 'loop',
      sourceId: 'fe-eddha',
      sourceName: 'Fe-EDDHA',
      contentShare: 0.06,
      wantedMgPerL: 2.5,
      system: 'metric',
      ...change,
    },
  })
  // The fields hand on what they read after they are there.
  await flushPromises()
  return maker
}

describe('stock for an injector', () => {
  it('asks which 1:100 is meant, and tells the two apart', async () => {
    const maker = await stockFor()
    expect(maker.text()).toContain('83.33 g')
    expect(maker.text()).toContain('2,000 L of feed')
    await maker.find('input[value=into]').setValue(true)
    expect(maker.text()).toContain('84.17 g')
  })

  it('says what does not dissolve, and what is no ratio', async () => {
    expect((await stockFor({ wantedMgPerL: 50 })).text()).toMatch(
      /83 g in a litre of stock; at most\s*60 g dissolve/,
    )
    const maker = await stockFor()
    await maker.findAll('input')[1]?.setValue('0')
    expect(maker.text()).toContain('Give a number from 2 to 2000.')
    await maker.findAll('input')[0]?.setValue('much')
    expect(maker.text()).not.toContain('in the stock; it makes')
  })

  it('keeps calcium and chelate apart from what falls out with them', async () => {
    const maker = await stockFor()
    const tick = (name: string) => maker.find(`input[value=${name}]`).setValue(true)
    await tick('magnesium-sulfate')
    await tick('monopotassium-phosphate')
    expect(maker.text()).toContain('Tank A: calcium nitrate, iron chelate')
    expect(maker.text()).toContain('Tank B: magnesium sulfate, monopotassium phosphate')
    expect(maker.text()).not.toContain('third tank')
  })
})
