import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import SizePanel from './SizePanel.vue'

beforeEach(() => localStorage.clear())

async function openPanel(given: Parameters<typeof mountOnStand>[1] = {}) {
  const { panel, sent } = await mountOnStand(SizePanel, given)
  const field = (label: string) => {
    const found = panel.findAll('.field').find((each) => each.find('label').text() === label)
    if (!found) throw new Error(`no field ${label}`)
    return found
  }
  const keep = () => panel.findAll('button').find((each) => each.text() === 'Save')
  const submit = async () => {
    await panel.find('form').trigger('submit')
    await flushPromises()
  }
  return { panel, sent, field, keep, submit }
}

describe('measuring a stand again', () => {
  it('says how it stands, and waits for a measure', async () => {
    const { panel, keep } = await openPanel()
    expect(panel.text()).toContain('1,076 ft²')
    expect(panel.text()).toContain('Nobody drew it yet')
    expect(keep()?.attributes('disabled')).toBeDefined()
  })

  it('sends area and edge of what was measured by tape', async () => {
    const { panel, sent, field, submit } = await openPanel()
    await panel.find('input[value=sides]').setValue(true)
    await field('Length').find('input').setValue('40 m')
    await field('Width').find('input').setValue('25 m')
    await submit()
    expect(sent[0]).toMatchObject({
      method: 'PATCH',
      path: '/stands/green',
      body: { size: { kind: 'area', areaM2: 1000 }, measures: { outline: [[0, 0], [40, 0], [40, 25], [0, 25]] } }, // prettier-ignore
    })
    expect(panel.text()).toContain('Saved. New plans count on it.')
  })

  it('sends what was counted alone, beside what is known', async () => {
    const { sent, field, submit } = await openPanel()
    await field('Plants on it, if counted').find('input').setValue('4 x 12')
    await submit()
    expect(sent[0]?.body).toEqual({ version: 1, measures: { plantCount: 48 } })
  })

  it('keeps what is half typed through a reload, and sends nothing unreadable', async () => {
    const { sent, field, submit } = await openPanel()
    await field('Area').find('input').setValue('-4 ft2')
    await submit()
    expect(sent).toEqual([])
    const again = await openPanel()
    expect(again.field('Area').find('input').element.value).toBe('-4 ft2')
    expect(again.field('Area').text()).toContain('Give an area such as')
  })

  it('calculates a loop by its parts', async () => {
    const { panel, sent, field, submit } = await openPanel({
      context: 'aquaponic',
      plantId: 'lettuce',
    })
    await panel
      .findAll('button')
      .find((each) => each.text() === 'Work it out by its parts')
      ?.trigger('click')
    await field('Length').find('input').setValue('4 m')
    await field('Width').find('input').setValue('1.2 m')
    await field('Depth of the water').find('input').setValue('0.3 m')
    expect(panel.text()).toContain('380 gal')
    await submit()
    expect(sent[0]?.body).toMatchObject({ size: { kind: 'solution', volumeL: 1440 } })
    await panel
      .findAll('button')
      .find((each) => each.text() === 'Remove part 1')
      ?.trigger('click')
    expect(panel.text()).toContain('Solution in the loop')
  })
})
