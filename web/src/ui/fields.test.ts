import { mount } from '@vue/test-utils'
import { Select } from 'ant-design-vue'
import { CreateReadingDto } from '@spudder/contract/reading'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { ApiProblem } from '../api/api-problem.ts'
import AmountField from './AmountField.vue'
import ChipChoice from './ChipChoice.vue'
import ChoiceField from './ChoiceField.vue'
import { useKept } from '../shared/form/kept.ts'
import { numberIn } from '../shared/form/number-text.ts'
import { checkCount, leadToFirstWrong } from './form-checks.ts'
import ProblemNote from './ProblemNote.vue'
import QuantityField from './QuantityField.vue'
import TextField from './TextField.vue'
import { useChecked } from '../shared/form/use-checked.ts'

describe('a text field', () => {
  const field = (message?: string) =>
    mount(TextField, {
      props: { modelValue: 'seven', label: 'pH measured', hint: 'by meter', message },
    })

  it('ties label, hint and what is wrong to the input', () => {
    const fine = field()
    const id = fine.find('input').attributes('id')
    expect(fine.find('label').attributes('for')).toBe(id)
    expect(fine.find('label').text()).toBe('pH measured')
    expect(fine.find('input').attributes('aria-describedby')).toBe(`${id}-hint`)

    const wrong = field('pH: give a number.')
    const wrongId = wrong.find('input').attributes('id')
    expect(wrong.find('[role=alert]').text()).toBe('pH: give a number.')
    expect(wrong.find('[role=alert]').attributes('id')).toBe(`${wrongId}-message`)
    expect(wrong.find('input').attributes('aria-invalid')).toBe('true')
    expect(wrong.text()).not.toContain('by meter')
  })

  it('takes back what was said of it once it is typed in, until it is checked again', async () => {
    const wrong = field('pH: give a number.')
    await wrong.setProps({ modelValue: '7' })
    expect(wrong.find('[role=alert]').exists()).toBe(false)
    checkCount.value += 1
    await nextTick()
    expect(wrong.find('[role=alert]').text()).toBe('pH: give a number.')
  })

  it('is where a form leads to that cannot be sent, the first wrong one', async () => {
    const page = mount(
      { components: { TextField }, template: `<form><TextField v-for="(said, name) in fields" :key="name" model-value="" :label="name" :message="said" /></form>`, props: ['fields'] },
      { props: { fields: { Name: undefined, Area: 'Area: give one.', Depth: 'Depth: give one.' } }, attachTo: document.body },
    ) // prettier-ignore
    await leadToFirstWrong()
    expect(document.activeElement?.id).toBe(page.findAll('label')[1]?.attributes('for'))
    page.unmount()
  })

  it('hands on what is typed', async () => {
    const mounted = field()
    await mounted.find('input').setValue('7.8')
    expect(mounted.emitted('update:modelValue')).toEqual([['7.8']])
  })
})

describe('a quantity field', () => {
  const field = (modelValue: string) =>
    mount(QuantityField, {
      props: {
        modelValue,
        label: 'Rate',
        dimension: 'mass/area' as const,
        unit: 'oz/1000 ft2',
      },
    })

  it('hands the value on in the unit wanted, whatever unit was typed', () => {
    const values = field('6.10304 kg/ha').emitted('value')
    expect(values).toHaveLength(1)
    expect(Number(values?.[0]?.[0])).toBeCloseTo(2, 5)
  })

  it('says what is wrong with what cannot be read, and hands on nothing', async () => {
    const mounted = field('2 oz/1000 ft2')
    await mounted.setProps({ modelValue: '2 gal' })
    expect(mounted.find('[role=alert]').text()).toMatch(/Give a rate such as 2 oz\/1000 ft2/)
    expect(mounted.emitted('value')?.at(-1)).toEqual([undefined])
    await mounted.setProps({ modelValue: '3 oz/1000 ft2' })
    expect(mounted.find('[role=alert]').exists()).toBe(false)
    expect(mounted.emitted('value')?.at(-1)).toEqual([3])
  })

  it('does not complain of a field that nobody has filled in yet', () => {
    const empty = field('')
    expect(empty.find('[role=alert]').exists()).toBe(false)
    expect(empty.emitted('value')).toEqual([[undefined]])
  })

  it('teaches by an example while nothing is wrong', () => {
    expect(field('2 oz/1000 ft2').text()).toContain('for example 2 oz/1000 ft2')
  })
})

describe('an amount by weight or by volume', () => {
  const field = (modelValue: string, densityKgPerL?: number) =>
    mount(AmountField, {
      props: { modelValue, label: 'In stock', densityKgPerL, system: 'metric' },
    })
  const last = (mounted: ReturnType<typeof field>) => mounted.emitted('value')?.at(-1)

  it('is read by weight in any unit', () => {
    expect(last(field('500 g'))).toEqual([0.5])
  })

  it('is read by volume once the density is known, and says what that weighs', async () => {
    const mounted = field('10 L')
    expect(mounted.find('[role=alert]').text()).toMatch(/10 L is a volume: give the density too/)
    expect(last(mounted)).toEqual([undefined])
    await mounted.setProps({ densityKgPerL: 1.25 })
    expect(last(mounted)).toEqual([12.5])
    expect(mounted.text()).toContain('that is 12.5 kg')
  })

  it('says what is wrong with what is neither', () => {
    expect(field('a bucket').find('[role=alert]').text()).toMatch(/Give a mass|such as/)
  })
})

describe('chips', () => {
  const options = [
    { value: 'white', words: 'white' },
    { value: 'tan', words: 'tan' },
  ] as const
  const chips = (modelValue: 'white' | 'tan' | undefined) =>
    mount(ChipChoice, { props: { label: 'Roots', options, modelValue, isOptional: true } })

  it('choose one, and can be taken back to not looked', async () => {
    const mounted = chips(undefined)
    expect(mounted.find('button').exists()).toBe(false)
    await mounted.find('input[value=tan]').setValue(true)
    expect(mounted.emitted('update:modelValue')).toEqual([['tan']])
    const chosen = chips('white')
    await chosen.find('button').trigger('click')
    expect(chosen.emitted('update:modelValue')).toEqual([[undefined]])
  })

  it('are named together', () => {
    expect(chips('white').find('fieldset legend').text()).toBe('Roots')
  })
})

describe('a choice field', () => {
  it('lists the words and hands on the value', async () => {
    const options = [
      { value: 'meter', words: 'by meter' },
      { value: 'strip', words: 'by strip' },
    ]
    const mounted = mount(ChoiceField, { props: { label: 'by', options, modelValue: 'meter' } })
    const select = mounted.findComponent(Select)
    expect(select.props('options')).toEqual([
      { value: 'meter', label: 'by meter' },
      { value: 'strip', label: 'by strip' },
    ])
    select.vm.$emit('update:value', 'strip')
    expect(mounted.emitted('update:modelValue')).toEqual([['strip']])
    // Named as its label says, for those who do not see it.
    const [label, input] = [mounted.find('label'), mounted.find('input[role=combobox]')]
    expect(label.attributes('for')).toBe(input.attributes('id'))
  })
})

describe('the note of a problem', () => {
  it('stands there only when there is one', () => {
    expect(mount(ProblemNote, { props: { problem: null } }).text()).toBe('')
    const problem = new ApiProblem('conflict', 'By Marla.')
    expect(mount(ProblemNote, { props: { problem } }).find('[role=alert]').text()).toBe(
      'Somebody was there before you. By Marla.',
    )
  })
})

describe('what is typed', () => {
  beforeEach(() => localStorage.clear())

  it('survives a reload and is forgotten once it is stored', async () => {
    const first = useKept('pH:a', () => ({ id: 'made-once', value: '' }))
    first.value.value.value = '7.8'
    await nextTick()
    const again = useKept('pH:a', () => ({ id: 'another', value: '' }))
    expect(again.value.value).toEqual({ id: 'made-once', value: '7.8' })
    again.forget()
    const after = useKept('pH:a', () => ({ id: 'fresh', value: '' }))
    expect(after.value.value).toEqual({ id: 'fresh', value: '' })
  })

  it('is kept apart by stand', () => {
    useKept('pH:a', () => ({ value: '' })).value.value.value = '7.8'
    expect(useKept('pH:b', () => ({ value: '' })).value.value.value).toBe('')
  })

  it('goes under a new id once the old one is taken, and under the same one otherwise', () => {
    const kept = useKept('pH:a', () => ({ id: 'made-once', value: '7.8' }))
    kept.failed(new ApiProblem('unreachable'))
    expect(kept.value.value).toEqual({ id: 'made-once', value: '7.8' })
    kept.failed(new ApiProblem('conflict'))
    expect(kept.value.value.value).toBe('7.8')
    expect(kept.value.value.id).not.toBe('made-once')
  })

  it('takes up fields that a newer version added, and survives what it cannot read', () => {
    localStorage.setItem('spudder:draft:pH:a', '{"value":"7.8"}')
    expect(useKept('pH:a', () => ({ value: '', method: 'meter' })).value.value).toEqual({
      value: '7.8',
      method: 'meter',
    })
    localStorage.setItem('spudder:draft:pH:a', 'not JSON')
    expect(useKept('pH:a', () => ({ value: '' })).value.value.value).toBe('')
  })
})

describe('useChecked', () => {
  const reading = {
    id: '3f2b7f0e-8a55-4b0e-9d2c-3b1f6c9a7e10',
    kind: 'pH',
    value: 7.8,
    method: 'meter',
    takenOn: '2025-06-01',
  }

  it('lets a good request through and finds the field of a bad one', () => {
    const { checked, messageFor } = useChecked(CreateReadingDto, () => undefined)
    expect(checked({ ...reading, value: 15 })).toBeUndefined()
    expect(messageFor('value')).toBe('pH: give a number from 2.5 to 11.')
    expect(messageFor('takenOn')).toBeUndefined()
    expect(checked(reading)).toBeInstanceOf(CreateReadingDto)
    expect(messageFor('value')).toBeUndefined()
  })

  it('shows what the server had against a field in the same place', () => {
    const problem = new ApiProblem('invalid-body', '', [{ field: 'value', message: 'Not so.' }])
    const { messageFor } = useChecked(CreateReadingDto, () => problem)
    expect(messageFor('value')).toBe('Not so.')
  })
})

describe('numberIn', () => {
  it.each([
    ['7.8', 7.8],
    [' 7 ', 7],
    ['', Number.NaN],
    ['seven', Number.NaN],
    ['7,8', 7.8],
    ['7,8,9', Number.NaN],
  ])('%j is %d', (text, number) => {
    expect(numberIn(text)).toBe(number)
  })
})
