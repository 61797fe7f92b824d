import type { ProductDto } from '@spudder/contract/shelf'
import type { StandStoryDto } from '@spudder/contract/stand'
import { flushPromises } from '@vue/test-utils'
import { addDays } from '@spudder/core/base/calendar'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { today } from '../../shared/units/today.ts'
import RemedyPanel from './RemedyPanel.vue'

const recorded = { createdBy: 'Marla Quist', createdAt: '2026-06-15T08:00:00.000Z' }
const looked = addDays(today(), -2)

/** A lawn whose youngest leaves are pale at pH 7.8, looked at two days ago. */
const paleStory = (
  findings: StandStoryDto['looks'][number]['findings'],
): Partial<StandStoryDto> => ({
  cases: [
    {
      id: 'case',
      standId: 'green',
      openedOn: looked,
      closedOn: null,
      outcome: null,
      outcomeNote: '',
      closedBy: null,
      closedAt: null,
      ...recorded,
    } as StandStoryDto['cases'][number],
  ],
  looks: [
    {
      id: 'look',
      standId: 'green',
      caseId: 'case',
      lookedOn: looked,
      findings,
      paint: {},
      ...recorded,
    },
  ] as StandStoryDto['looks'],
  readings: [
    {
      id: 'reading',
      standId: 'green',
      kind: 'pH',
      value: 7.8,
      method: 'meter',
      takenOn: addDays(today(), -20),
      preparation: null,
      place: null,
      doubt: null,
      instrument: '',
      note: '',
      ...recorded,
    },
  ] as StandStoryDto['readings'],
})
const onIron = paleStory({
  tier: 'youngest-only',
  pattern: 'fine-green-veins',
  severity: '3',
  roots: 'white',
})

const tub: ProductDto = {
  id: '3f2b7f0e-8a55-4b0e-9d2c-3b1f6c9a7e10',
  placeId: 'place',
  name: 'Red tub',
  sourceId: 'fe-eddha',
  label: { analysis: { Fe: '6' }, chelated: 'all', waterSoluble: '', orthoOrtho: '4.8', derivedFrom: 'EDDHA' },
  packPrice: 58,
  packKg: 2.268,
  densityKgPerL: null,
  stockKg: 1,
  lot: '',
  labelMaximum: { value: 3, unit: 'oz/1000 ft2' },
  stain: 'red',
  organic: 'not',
  hazards: '',
  note: '',
  isRetired: false,
  changedBy: null,
  changedAt: null,
  ...recorded,
} // prettier-ignore

async function openPanel(
  story: Partial<StandStoryDto> = onIron,
  products: readonly ProductDto[] = [tub],
  answers: Readonly<Record<string, unknown>> = {},
) {
  const { panel, sent } = await mountOnStand(
    RemedyPanel,
    { story },
    {
      '/products': products,
      '/weather': { days: [] },
      '/sprayers': [],
      '/jar-tests': [],
      ...answers,
      '/remedies': { id: 'remedy' },
    },
  )
  await flushPromises()
  const field = (label: string) => {
    const found = panel.findAll('.field').find((each) => each.find('label').text() === label)
    if (!found) throw new Error(`no field ${label}`)
    return found
  }
  const rows = () => panel.findAll('[data-group=main] > li').map((row) => row.text())
  const chip = async (words: string) => {
    const found = panel.findAll('label').find((each) => each.text() === words)
    await found?.find('input').setValue(true)
    await flushPromises()
  }
  const submit = () => panel.findAll('button').find((each) => each.attributes('type') === 'submit')
  return { panel, sent, field, rows, chip, submit }
}
beforeEach(() => {
  localStorage.clear()
  vi.useRealTimers()
})

describe('the remedy of a stand on lime', () => {
  it('ranks the shelf beside the catalogue from the first, for the way in', async () => {
    const { rows, chip } = await openPanel()
    expect(rows()[0]).toMatch(/^Ferrous sulfate/)
    await chip('into the soil')
    expect(rows()[0]).toMatch(/^Red tubon the shelf/)
    expect(rows()[1]).toMatch(/^Fe-EDDHA/)
  })

  it('offers aims for the way in, and says when something is too slow', async () => {
    const { panel, chip } = await openPanel()
    await chip('into the soil')
    expect(panel.text()).toContain('colour all season')
    await chip('quick colour')
    expect(panel.find('[data-group=main]').text()).toMatch(/works/)
    expect(panel.text()).not.toContain('recovery of a tree')
  })

  it('goes on without a shelf', async () => {
    const { rows } = await openPanel(onIron, [])
    expect(rows().length).toBeGreaterThan(3)
  })

  it('sends what was chosen: product, aim, both fixes and the day of the test', async () => {
    const { panel, sent, chip, submit } = await openPanel()
    await chip('into the soil')
    const lasting = panel.findAll('button').find((each) => each.text().startsWith('Feed ammonium'))
    await lasting?.trigger('click')
    expect(panel.text()).toContain('Count its nitrogen in the programme')
    await panel.find('form').trigger('submit')
    await flushPromises()
    expect(submit()?.attributes('disabled')).toBeUndefined()
    expect(sent[0]).toMatchObject({
      path: '/cases/case/remedies',
      body: {
        sourceId: 'fe-eddha',
        productId: tub.id,
        aim: 'season',
        contentShare: 0.06,
        lasting: 'Ammonium sulfate as the only nitrogen for a season.',
        retestOn: addDays(today(), 120),
      },
    })
  })

  it('takes a lasting fix out again', async () => {
    const { panel, field } = await openPanel()
    const button = () =>
      panel.findAll('button').find((each) => each.text().startsWith('No more lime'))
    await button()?.trigger('click')
    expect(button()?.attributes('aria-pressed')).toBe('true')
    await button()?.trigger('click')
    expect(field('In your words').find('input').element.value).toBe('')
  })

  it('stops at what the label allows', async () => {
    const { panel, field, chip, submit } = await openPanel()
    await chip('into the soil')
    expect(panel.text()).toContain('allows at most 3 oz/1000 ft2')
    expect(submit()?.attributes('disabled')).toBeUndefined()
    await field('Product per area').find('input').setValue('3.5 oz/1000 ft2')
    expect(panel.text()).toContain('Over the label: it allows at most 3 oz/1000 ft2, this is 3.5')
    expect(submit()?.attributes('disabled')).toBeDefined()
    await field('Product per area').find('input').setValue('9 kg/ha')
    expect(panel.text()).not.toContain('Over the label')
  })
})

/** A backpack that was measured at 0.9 gal/1000 ft². */
const backpack = {
  id: '6e0a4c1e-5a0c-4e51-9a34-0b1d6a5d9f01',
  placeId: 'place',
  name: 'Blue backpack',
  setup: { kind: 'backpack', tankL: 15.1416 },
  calibration: { measuredOn: '2026-05-01', rateLPerM2: 0.0366712, how: 'walked' },
  isRetired: false,
  changedBy: null,
  ...recorded,
}

describe('the tank of a spray', () => {
  async function openTank(jarTests: readonly object[] = []) {
    const opened = await openPanel(onIron, [], { '/sprayers': [backpack], '/jar-tests': jarTests })
    const { panel } = opened
    await panel.find('details.tank summary').trigger('click')
    const button = (words: string) => panel.findAll('button').find((each) => each.text() === words)
    return { ...opened, button }
  }

  it('takes its size and its water from the sprayer that was measured', async () => {
    const { field } = await openTank()
    await field('Sprayer').find('select').setValue(backpack.id)
    expect(field('Tank, backpack or bucket').find('input').element.value).toBe('4 gal')
    expect(field('Water').find('input').element.value).toBe('39.2 gal/acre')
  })

  it('takes a partner only after its jar test, which is recorded where it is asked for', async () => {
    const { panel, sent, button, submit } = await openTank()
    await button('Put something else in the tank')?.trigger('click')
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
    const { panel, button, field } = await openTank()
    await button('Put something else in the tank')?.trigger('click')
    await field('What it is').find('select').setValue('phosphates')
    expect(panel.text()).toContain('Never together: iron phosphate falls out')
    await field('What it is').find('select').setValue('grub-control')
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
    await field('Sprayer').find('select').setValue(backpack.id)
    await button('Put something else in the tank')?.trigger('click')
    await panel.findAll('select').find((each) => each.text().includes('tap'))?.setValue('citric')
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

describe('a cause that is not iron', () => {
  const against = async (words: RegExp) => {
    const opened = await openPanel(
      paleStory({
        tier: 'oldest-spreading-up',
        pattern: 'even-pale',
        severity: '2',
        roots: 'white',
      }),
    )
    const select = opened.field('Against').find('select')
    const option = select.findAll('option').find((each) => words.test(each.text()))
    if (!option) {
      throw new Error(
        select
          .findAll('option')
          .map((each) => each.text())
          .join('; '),
      )
    }
    await select.setValue(option.element.value)
    await flushPromises()
    return opened
  }

  it('is told not to buy iron, and what to do', async () => {
    const { panel } = await against(/Nitrogen short/)
    expect(panel.find('.nothing').text()).toContain('Not iron: do not buy iron for this.')
    expect(panel.find('.nothing').text()).toMatch(/Do not buy: Iron/)
  })

  it('that is magnesium gets sources of its own, without iron’s aims and curves', async () => {
    const { panel, rows, sent } = await against(/Magnesium short/)
    expect(rows()[0]).toMatch(/^Magnesium sulfate, Epsom salt/)
    expect(panel.text()).toContain('a kg of working magnesium')
    expect(panel.text()).not.toContain('How much of its iron')
    expect(panel.text()).not.toContain('colour all season')
    await panel.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({ causeId: 'magnesium-short', sourceId: 'epsom-salt' })
    expect(sent[0]?.body).not.toHaveProperty('aim')
  })
})

describe('the label reader on the remedy', () => {
  it('reads at the pH of the stand and hands the label to the shelf', async () => {
    const { panel } = await openPanel()
    await panel.find('textarea').setValue('Fe 9 (all chelated by EDDHA, EDTA)')
    await panel.find('textarea').trigger('change')
    expect(panel.text()).toContain('At pH 7.8 this much of its iron works')
    const shelve = panel.findAll('button').find((each) => each.text() === 'Put it on the shelf')
    await shelve?.trigger('click')
    expect(localStorage.getItem('spudder:draft:product')).toContain('EDDHA, EDTA')
  })

  it('offers nothing to the shelf that cannot be read', async () => {
    const { panel } = await openPanel()
    const shelve = panel.findAll('button').find((each) => each.text() === 'Put it on the shelf')
    expect(shelve?.attributes('disabled')).toBeDefined()
  })
})

describe('without a look', () => {
  it('sends one to take it', async () => {
    const { panel } = await mountOnStand(RemedyPanel, {}, { '/products': [] })
    expect(panel.text()).toContain('No case to remedy')
  })
})
