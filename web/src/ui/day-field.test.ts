import { mount } from '@vue/test-utils'
import { writeAs } from '@spudder/core/base/writing'
import { afterEach, describe, expect, it } from 'vitest'
import DayField from './DayField.vue'
import { readDay } from './day-writing.ts'

afterEach(() => writeAs('en-GB'))

describe('a day as it is typed', () => {
  it.each([
    ['5 Nov 2026', 'en-GB'],
    ['5.11.2026', 'de-DE'],
    ['5/11/2026', 'fr-FR'],
    ['11/5/2026', 'en-US'],
    ['Nov 5, 2026', 'en-US'],
    ['Nov 5, 2026', 'de-DE'],
    ['2026-11-05', 'en-US'],
  ] as const)('“%s” is read in %s', (text, tag) => {
    expect(readDay(text, tag)).toBe('2026-11-05')
  })

  it('is no day before it is whole, nor one that does not exist', () => {
    for (const text of ['5.11.20', '5 Nov', '31.2.2026', 'soon', '']) {
      expect(readDay(text, 'en-GB'), text).toBeUndefined()
    }
  })
})

describe('the field of a day', () => {
  const field = () => mount(DayField, { props: { modelValue: '2026-11-05', label: 'Looked on' } })

  it('shows the day as people of the place write it, under its label', () => {
    const shown = (tag: 'en-GB' | 'en-US') => {
      writeAs(tag)
      return (field().find('input').element as HTMLInputElement).value
    }
    expect([shown('en-GB'), shown('en-US')]).toEqual(['5 Nov 2026', 'Nov 5, 2026'])
    const mounted = field()
    expect(mounted.find('label').attributes('for')).toBe(mounted.find('input').attributes('id'))
  })

  it('asks about a year that was slipped, and stores it all the same', async () => {
    const mounted = field()
    expect(mounted.text()).not.toContain('is the year right')
    await mounted.setProps({ modelValue: `${new Date().getFullYear() + 30}-01-05` })
    expect(mounted.text()).toMatch(/That is (29|30) years from now: is the year right\?/)
    expect(mounted.find('input').attributes('aria-invalid')).not.toBe('true')
  })

  it('hands on what is typed once it is a day, and nothing when it is emptied', async () => {
    const mounted = field()
    await mounted.find('input').setValue('7.11.20')
    expect(mounted.emitted('update:modelValue')).toBeUndefined()
    await mounted.find('input').setValue('7.11.2026')
    await mounted.find('input').setValue('')
    expect(mounted.emitted('update:modelValue')).toEqual([['2026-11-07'], ['']])
  })

  it('says what it wants of a text that is no day, when the field is left', async () => {
    const mounted = field()
    const input = mounted.find('input')
    ;(input.element as HTMLInputElement).value = 'Guy Fawkes'
    await input.trigger('focusout')
    expect(mounted.find('[role=alert]').text()).toMatch(/“Guy Fawkes” is no day. Give one such as/)
  })

  it('opens its calendar by a press or the arrow down, and not by letters', async () => {
    const mounted = field()
    const isOpen = () => mounted.findComponent({ name: 'ADatePicker' }).props('open')
    await mounted.find('input').trigger('keydown', { key: '7', which: 55 })
    expect(isOpen()).toBe(false)
    await mounted.find('input').trigger('keydown', { key: 'ArrowDown', which: 40 })
    expect(isOpen()).toBe(true)
  })
})
