import { flushPromises, type VueWrapper } from '@vue/test-utils'
import { Select } from 'ant-design-vue'

interface Choice {
  readonly value: string
  readonly options: readonly { readonly value: string; readonly words: string }[]
  readonly choose: (value: string) => Promise<void>
}

/** What a field is called, by the label that belongs to it. */
const nameOf = (page: VueWrapper, id: string): string =>
  page.find(`label[for="${id}"]`).exists() ? page.find(`label[for="${id}"]`).text() : ''

/**
 * A choice of a page by its label, as a person has it: what is chosen, what there is, choosing.
 * @param nth where several are called so
 */
export function choiceOf(page: VueWrapper, label: string | RegExp, nth = 0): Choice {
  const found = page.findAllComponents(Select).filter((each) => {
    const name = nameOf(page, String(each.props('id')))
    return typeof label === 'string' ? name === label : label.test(name)
  })[nth]
  if (!found) throw new Error(`no choice ${String(label)}`)
  const options = (found.props('options') ?? []).map(({ value, label: words }) => ({
    value: String(value),
    words: String(words),
  }))
  return {
    value: String(found.props('value')),
    options,
    async choose(value) {
      if (!options.some((each) => each.value === value)) throw new Error(`no ${value} to choose`)
      found.vm.$emit('update:value', value)
      await flushPromises()
    },
  }
}
