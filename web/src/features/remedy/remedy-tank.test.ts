import { unfold } from '../../tests/folds.ts'
import { choiceOf } from '../../tests/choices.ts'
import { recorded } from '../../tests/recorded.ts'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { looked, onIron, openPanel, tub } from './tests/open-panel.ts'

beforeEach(() => {
  localStorage.clear()
  vi.useRealTimers()
})

/** A backpack that was measured at 0.9 gal/1000 ft². */
const backpack = {
  id: '6e0a4c1e-5a0c-4e51-9a34-0b1d6a5d9f01',
  placeId: 'place',
  name: 'Blue backpack',
  setup: { kind: 'backpack', tankL: 15.1416 },
  calibration: { measuredOn: '2026-05-01', rateLPerM2: 0.0366712, how: 'walked' },
  isRetired: false,
  ...recorded,
}

describe('the tank of a spray', () => {
  async function openTank(jarTests: readonly object[] = []) {
    const opened = await openPanel(onIron, [], { '/sprayers': [backpack], '/jar-tests': jarTests })
    const { panel } = opened
    await unfold(panel.find('.tank'))
    const button = (words: string) => panel.findAll('button').find((each) => each.text() === words)
    return { ...opened, button }
  }

  it('takes its size and its water from the sprayer that was measured', async () => {
    const { field, panel } = await openTank()
    await choiceOf(panel, 'Sprayer').choose(backpack.id)
    expect(field('Tank, backpack or bucket').find('input').element.value).toBe('4 gal')
    expect(field('Water').find('input').element.value).toBe('39.2 gal/acre')
  })

  it('takes a partner only after its jar test, which is recorded where it is asked for', async () => {
    const { panel, sent, button, submit } = await openTank()
    await button('Add something else to the tank')?.trigger('click')
    expect(panel.text()).toContain(
      'No jar test of urea with Ferrous sulfate, spray grade is recorded here',
    )
    expect(submit()?.attributes('disabled')).toBeDefined()
    await panel.find('.jar input[value=clear]').setValue(true)
    await button('Record the jar test')?.trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      path: '/places/place/jar-tests',
      body: { sourceId: 'ferrous-sulfate', kindId: 'urea', partnerName: 'urea', outcome: 'clear' },
    })
  })

  it('says that some things never go together, and splits what must be watered in', async () => {
    const { panel, button } = await openTank()
    await button('Add something else to the tank')?.trigger('click')
    await choiceOf(panel, 'What it is').choose('phosphates')
    expect(panel.text()).toContain('Never together: iron phosphate falls out')
    await choiceOf(panel, 'What it is').choose('grub-control')
    expect(panel.text()).toContain(
      'must stay on the leaf, grub or soil insect control must be watered in',
    )
    expect(panel.text()).toContain('Or in one tank, watered in after so many hours')
  })

  it('says what washing the leaf costs, where somebody chooses to', async () => {
    const { panel, sent } = await openTank()
    await panel.find('input[value=hour]').setValue(true)
    expect(panel.text()).toContain(
      'Watered in after 1 h: 60-90 % of the iron is washed off the leaf',
    )
    await panel.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({ waterInAfterH: 1 })
  })

  it('is sent with sprayer, partner and the water that was brought down, which the place keeps', async () => {
    const made = { id: 'jar', placeId: 'place', sourceId: 'ferrous-sulfate', kindId: 'urea', partnerName: 'urea', testedOn: looked, outcome: 'clear', note: '', ...recorded }
    const { panel, sent, button, field, submit } = await openTank([made])
    await choiceOf(panel, 'Sprayer').choose(backpack.id)
    await button('Add something else to the tank')?.trigger('click')
    await choiceOf(panel, /water/i).choose('citric')
    await field('Alkalinity, mg/L CaCO3').find('input').setValue('250')
    await field('pH of the water').find('input').setValue('8.2')
    expect(panel.text()).toMatch(/oz citric acid, powder into the water of a fill/)
    expect(submit()?.attributes('disabled')).toBeUndefined()
    await panel.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({
      sprayerId: backpack.id,
      partners: [{ kindId: 'urea', name: 'urea', dose: '' }],
      conditioning: { acidId: 'citric', alkalinityMgPerLCaCO3: 250, pH: 8.2, targetPH: 5.5 },
    })
    expect(sent[1]).toMatchObject({ path: '/places/place/settings', body: { sprayWater: { pH: 8.2 } } })
  }) // prettier-ignore
})

describe('a season that has had enough', () => {
  it('is said, and may be put right by the rule of the place', async () => {
    const { panel, sent } = await openPanel()
    const sums = () => panel.find('.sums')
    expect(sums().text()).toMatch(/On this ground in \d{4}, with what is planned/)
    expect(sums().find('li').text()).toMatch(/^iron.*of at most 22 lb\/acre/)
    await sums().find('input').setValue('0.2')
    await sums().find('li button').trigger('click')
    await flushPromises()
    const { path, body } = sent[0] ?? {}
    expect(path).toBe('/places/place/settings')
    // 0.2 lb/acre are 0.224 kg/ha.
    expect((body as { seasonLimits: { Fe: number } }).seasonLimits.Fe).toBeCloseTo(0.2242, 3)
  })
})

describe('the rate on the label', () => {
  it('is offered first, may be typed over, and taken again', async () => {
    const labelRate = { value: 2, unit: 'oz/1000 ft2' }
    const { panel, field, chip } = await openPanel(onIron, [{ ...tub, labelRate }])
    await chip('into the soil')
    const rate = () => field('Product per area').find('input')
    expect(rate().element.value).toBe('2 oz product/1000 ft2')
    expect(panel.text()).toContain('says to use 2 oz/1000 ft2 and allows at most 3 oz/1000 ft2')
    const again = () => panel.findAll('button').find((each) => each.text().includes('label’s rate'))
    expect(again()).toBeUndefined()
    await rate().setValue('1 oz/1000 ft2')
    await again()?.trigger('click')
    expect(rate().element.value).toBe('2 oz product/1000 ft2')
  })
})

describe('a label that counts by volume', () => {
  it('is held to a spoon that was weighed, not to what its form usually weighs', async () => {
    const poured = { ...tub, labelMaximum: { value: 4, unit: 'fl oz/1000 ft2' } }
    const { panel, chip, field, submit } = await openPanel(onIron, [poured])
    await chip('into the soil')
    expect(panel.text()).toContain('cannot be compared yet. Give the weight of a level spoon')
    expect(submit()?.attributes('disabled')).toBeDefined()
    await field('Of it weighs').find('input').setValue('0.5 oz')
    expect(panel.text()).not.toContain('cannot be compared yet')
    expect(submit()?.attributes('disabled')).toBeUndefined()
    await field('Product per area').find('input').setValue('4.5 oz/1000 ft2')
    expect(panel.text()).toContain(
      'Over the label: it allows at most 4 fl oz/1000 ft2, this is 4.5',
    )
  })
})
