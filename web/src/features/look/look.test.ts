import { mount } from '@vue/test-utils'
import { findingsAsked } from '@spudder/core/seen/finding'
import { eventually } from '../../tests/eventually.ts'
import { describe, expect, it } from 'vitest'
import BrushChoice from './BrushChoice.vue'
import FindingWords from './FindingWords.vue'

describe('the easel', () => {
  const easel = (form: 'blade' | 'ovate') =>
    mount(BrushChoice, {
      props: { form, severity: 3, pattern: 'fine-green-veins' },
      slots: { default: '<b class="plant" />' },
    })

  it('offers stripes on a grass blade only', () => {
    expect(easel('blade').text()).toContain('stripes along the blade')
    expect(easel('ovate').text()).not.toContain('stripes along the blade')
  })

  it('holds the plant between colours and patterns, each a radio with its words', async () => {
    const drawn = easel('ovate')
    expect(drawn.find('.canvas .plant').exists()).toBe(true)
    const severities = drawn.findAll('.severities input')
    expect(severities).toHaveLength(6)
    expect(drawn.find('.severities label').text()).toContain('0, green')
    await severities[5]?.setValue(true)
    await drawn.find('.patterns input[value=mottle]').setValue(true)
    expect(drawn.emitted('update:severity')).toEqual([[5]])
    expect(drawn.emitted('update:pattern')).toEqual([['mottle']])
  })
})

describe('a look in words', () => {
  const words = (context: 'turf' | 'aquaponic', findings = {}) =>
    mount(FindingWords, { props: { context, findings } })

  it('asks what makes sense for the stand, and nothing else', () => {
    for (const context of ['turf', 'aquaponic'] as const) {
      const asked = findingsAsked(context).filter(
        (name) => !['pattern', 'severity', 'oldPattern'].includes(name),
      )
      expect(words(context).findAll('legend')).toHaveLength(asked.length)
    }
    expect(words('aquaponic').text()).not.toContain('Where on the ground')
  })

  it('says what is painted, and hands on what is said or taken back', async () => {
    const said = words('turf', { pattern: 'mottle', severity: '2', roots: 'white' })
    expect(said.text()).toContain('Painted: mottled, severity 2, plainly pale.')
    await said.find('input[value=brown-soft]').setValue(true)
    // The finger sees its chip, and no other, before the page hears of it.
    expect(said.emitted('say')).toBeUndefined()
    const isOn = (value: string) =>
      (said.find(`input[value=${value}]`).element as HTMLInputElement).checked
    expect([isOn('brown-soft'), isOn('white')]).toEqual([true, false])
    await eventually(() => expect(said.emitted('say')).toEqual([['roots', 'brown-soft']]))
    // This page keeps what it had, and so do its chips.
    expect([isOn('brown-soft'), isOn('white')]).toEqual([false, true])
    await said.find('[aria-label="Roots: not looked"]').trigger('click')
    await eventually(() => expect(said.emitted('say')?.[1]).toEqual(['roots', undefined]))
  })

  it('tells what was tapped last before it goes away', async () => {
    const said = words('turf', {})
    await said.find('input[value=brown-soft]').setValue(true)
    said.unmount()
    expect(said.emitted('say')).toEqual([['roots', 'brown-soft']])
  })
})
