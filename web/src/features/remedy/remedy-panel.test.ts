import { choiceOf } from '../../tests/choices.ts'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { flushPromises } from '@vue/test-utils'
import { addDays } from '@spudder/core/base/calendar'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { today } from '../../shared/units/today.ts'
import RemedyPanel from './RemedyPanel.vue'
import { onIron, openPanel, paleStory, tub } from './tests/open-panel.ts'

beforeEach(() => {
  localStorage.clear()
  vi.useRealTimers()
})

/** The box of a lasting fix. */
const lastingFix = (panel: Awaited<ReturnType<typeof openPanel>>['panel'], words: string) => {
  const found = panel.findAll('.fixes label').find((each) => each.text().startsWith(words))
  if (!found) throw new Error(`no lasting fix ${words}`)
  return found.find('input')
}

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
    await lastingFix(panel, 'Feed ammonium').setValue(true)
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
    await lastingFix(panel, 'No more lime').setValue(true)
    expect(field('In your words').find('input').element.value).not.toBe('')
    await lastingFix(panel, 'No more lime').setValue(false)
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
    const causes = choiceOf(opened.panel, /^cause$/i)
    const cause = causes.options.find((each) => words.test(each.words))
    if (!cause) throw new Error(causes.options.map((each) => each.words).join('; '))
    await causes.choose(cause.value)
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
    expect(panel.text()).toContain('per kg of working magnesium')
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
    await panel.find('textarea').trigger('blur')
    expect(panel.text()).toContain('At pH 7.8 this much of its iron works')
    const shelve = panel.findAll('button').find((each) => each.text() === 'Add product')
    await shelve?.trigger('click')
    expect(localStorage.getItem('spudder:draft:product')).toContain('EDDHA, EDTA')
  })

  it('offers nothing to the shelf that cannot be read', async () => {
    const { panel } = await openPanel()
    const shelve = panel.findAll('button').find((each) => each.text() === 'Add product')
    expect(shelve?.attributes('disabled')).toBeDefined()
  })
})

describe('without a look', () => {
  it('sends one to take it', async () => {
    const { panel } = await mountOnStand(RemedyPanel, {}, { '/products': [] })
    expect(panel.text()).toContain('No case to remedy')
  })
})
