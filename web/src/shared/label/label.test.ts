import { mount } from '@vue/test-utils'
import { emptyLabelDraft, readLabelText, type LabelDraft } from '@spudder/core/material/label'
import { describe, expect, it } from 'vitest'
import { defineComponent, h, ref } from 'vue'
import LabelBounds from './LabelBounds.vue'
import LabelFields from './LabelFields.vue'

/** The fields with something that holds what is typed. */
function fields(isFresh = true) {
  const draft = ref<LabelDraft>(emptyLabelDraft)
  const mounted = mount(
    defineComponent(
      () => () =>
        h(LabelFields, {
          modelValue: draft.value,
          isFresh,
          'onUpdate:modelValue': (value: LabelDraft) => (draft.value = value),
        }),
    ),
  )
  const field = (label: string) => {
    const found = mounted
      .findAll('.field')
      .find((each) => each.find('label').text().startsWith(label))
    if (!found) throw new Error(`no field ${label}`)
    return found
  }
  return { mounted, draft, field }
}

describe('the fields of a label', () => {
  it('are filled from what is pasted; what was not understood is said', async () => {
    const { mounted, draft } = fields()
    await mounted.find('textarea').setValue('N 5, Fe 9 (all chelated by EDTA), shake well')
    await mounted.find('textarea').trigger('blur')
    expect(draft.value).toMatchObject({ analysis: { N: '5', Fe: '9' }, chelated: 'all' })
    expect(mounted.find('[role=status]').text()).toContain('Not read: shake well')
  })

  it('are not wrong before anybody touched them', () => {
    expect(fields().mounted.findAll('[role=alert]')).toHaveLength(0)
    expect(fields(false).mounted.find('[role=alert]').text()).toContain('total of iron')
  })

  it.each([
    ['Fe, total', '120', /A bag holds 100/],
    ['Fe, total', 'nine', /as a number/],
    ['N', '-5', /from 0 to 100/],
    ['Mg', '3', /^$/],
  ])('%s of %s is told so beside the field and stays as typed', async (label, text, words) => {
    const { field } = fields()
    await field(label).find('input').setValue(text)
    expect(field(label).find('input').element.value).toBe(text)
    const message = field(label).find('.message')
    expect(message.exists() ? message.text() : '').toMatch(words)
  })

  it('ask for the total where only a part is given', async () => {
    const { field } = fields()
    await field('N').find('input').setValue('5')
    expect(field('Fe, total').find('.message').text()).toContain('Give the total of iron')
  })
})

describe('what a label can be', () => {
  const boundsOf = (text: string, pH = 7.6) =>
    mount(LabelBounds, {
      props: {
        draft: readLabelText(text).draft,
        pH: { pH, doubt: 0.1 },
        routes: ['leaf', 'soil'],
      },
    })
  const blend = 'N 5, Mg 1, S 7, Mn 2, Fe 9 (all chelated by EDDHA, EDTA, citrate)'

  it('is bounds by source, and that it cannot all be EDDHA', () => {
    const bounds = boundsOf(blend)
    expect(bounds.text()).toContain('It cannot all be Fe-EDDHA: at most 29.9 % of the iron.')
    const rows = bounds.findAll('tbody tr').map((row) => row.text())
    expect(rows[0]).toMatch(/Fe-EDDHA ?0 % to 29\.9 %0-2\.69 g0 % to 100 %/)
    expect(rows).toHaveLength(3)
    expect(bounds.text()).toContain('at least 26.5 of 100 g')
  })

  it('ranks the leaf over the soil at pH 7.6, with what the schools would say', () => {
    const ways = boundsOf(blend)
      .findAll('.routes li')
      .map((way) => way.text())
    expect(ways[0]).toMatch(/^onto the leaf/)
    expect(ways[1]).toMatch(/^into the soil.*schools keep: 0 % to 30 %/)
  })

  it('is narrower where all sulfur is from sulfates', async () => {
    const bounds = boundsOf(blend)
    await bounds.find('input[value=sulfates]').setValue(true)
    expect(bounds.text()).toContain('at most 24.8 % of the iron')
    expect(bounds.text()).toMatch(/Iron citrate ?4\.37 % to 100 %/)
  })

  it('is mostly salt where little of it is chelated', () => {
    for (const text of ['Fe 9, of which 2 chelated by EDTA', 'Fe 9, of which 2 chelated']) {
      expect(boundsOf(text).text()).toContain(
        'Mostly salt: at least 77.8 % of the iron is not chelated',
      )
    }
  })

  it('cannot be, and which figure is why', () => {
    const alert = boundsOf('Fe 9 all chelated by EDDHA').find('[role=alert]')
    expect(alert.text()).toMatch(/This label cannot be\. 9 % iron cannot be/)
  })

  it('waits for figures that can be read', () => {
    expect(boundsOf('nothing yet').text()).toContain('Once iron and the other figures')
  })
})
