import { useToasts } from '../../ui/use-toasts.ts'
import { flushPromises, type VueWrapper } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { eventually } from '../../tests/eventually.ts'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import LookPanel from './LookPanel.vue'

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

const paint = (panel: VueWrapper, ...leaves: readonly number[]) =>
  Promise.all(
    leaves.map((leaf) =>
      panel.find(`[data-leaf=leaf-${leaf}]`).trigger('keydown', { key: 'Enter' }),
    ),
  )
const painted = (panel: VueWrapper) => panel.find('.painted').text()
const lead = (panel: VueWrapper) => panel.get('.causes .name').text()

describe('a look', () => {
  it('begins with the brush of an iron leaf, striped where it is a blade', async () => {
    const lawn = await mountOnStand(LookPanel)
    const oak = await mountOnStand(LookPanel, { context: 'tree', plantId: 'pin-oak' })
    const pattern = ({ panel }: typeof lawn) =>
      (panel.find('.patterns input:checked').element as HTMLInputElement).value
    expect([pattern(lawn), pattern(oak)]).toEqual(['stripes', 'fine-green-veins'])
  })

  it('is painted by keys, said in words, and judged along', async () => {
    const { panel } = await mountOnStand(LookPanel)
    expect(panel.text()).toContain('the causes line up here')
    await paint(panel, 13, 12, 11, 10)
    expect(painted(panel)).toBe('Painted: stripes along the blade, severity 3, yellow.')
    await eventually(() => expect(lead(panel)).toMatch(/^Iron/))
  })

  it('tells the old leaves apart where they are painted otherwise', async () => {
    const { panel } = await mountOnStand(LookPanel)
    await paint(panel, 13, 12, 11, 10)
    await panel.find('.patterns input[value=even-pale]').setValue(true)
    await paint(panel, 1, 2, 3)
    expect(painted(panel)).toContain('the oldest leaves evenly pale, veins too')
  })

  it('takes an answer to the next check where it stands', async () => {
    const { panel } = await mountOnStand(LookPanel)
    await panel.find('input[value=all]').setValue(true)
    await panel.find('input[value=patches]').setValue(true)
    const pull = () => panel.findAll('.next li').find((each) => each.text().includes('Pull at'))
    await eventually(() => expect(pull()).toBeDefined())
    await pull()?.find('.fold-head').trigger('click')
    await eventually(() => expect(pull()?.text()).toContain('lifts'))
    const lifts = pull()?.findAll('button').find((each) => each.text().includes('lifts')) // prettier-ignore
    await lifts?.trigger('click')
    await eventually(() => expect(lead(panel)).toMatch(/larvae/))
    expect((panel.find('input[value=lifts]').element as HTMLInputElement).checked).toBe(true)
  })

  it('is stored with paint and findings under an id of its own, and survives a reload until then', async () => {
    const first = await mountOnStand(LookPanel)
    await paint(first.panel, 13)
    first.panel.unmount()
    const { panel, sent } = await mountOnStand(LookPanel)
    expect(painted(panel)).toContain('stripes along the blade')
    await panel.find('.bar .ant-btn-primary').trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      method: 'POST',
      path: '/stands/green/looks',
      body: {
        findings: { pattern: 'stripes', severity: '3' },
        paint: { 'leaf-13': { severity: 3, pattern: 'stripes' } },
      },
    })
  })

  const press = async (panel: VueWrapper, words: string) => {
    await panel
      .findAll('button')
      .find((each) => each.text() === words)
      ?.trigger('click')
    await flushPromises()
  }

  it('that was painted wrong is undone dab by dab', async () => {
    const { panel } = await mountOnStand(LookPanel)
    await paint(panel, 13)
    await panel.find('.severities input[value="5"]').setValue(true)
    await paint(panel, 12)
    await press(panel, 'Undo')
    expect(painted(panel)).toBe('Painted: stripes along the blade, severity 3, yellow.')
    await press(panel, 'Undo')
    expect(painted(panel)).toBe('Paint a leaf to say how pale and which pattern.')
  })

  it('is cleared only when that is confirmed, and even then comes back', async () => {
    const { panel } = await mountOnStand(LookPanel)
    await paint(panel, 13)
    await press(panel, 'Start over')
    expect(painted(panel)).toContain('stripes along the blade')
    const sure = [...document.body.querySelectorAll<HTMLElement>('.ant-modal button')].find(
      (each) => each.textContent === 'Clear it',
    )
    sure?.click()
    await flushPromises()
    expect(painted(panel)).toBe('Paint a leaf to say how pale and which pattern.')
    useToasts(panel.vm.$pinia).last?.undo?.()
    await flushPromises()
    expect(painted(panel)).toContain('stripes along the blade')
  })
})
