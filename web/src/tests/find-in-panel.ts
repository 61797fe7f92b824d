import { flushPromises } from '@vue/test-utils'
import { choiceOf } from './choices.ts'
import type { mountOnStand } from './mount-on-stand.ts'

/** Types into the field of a label, or chooses where it is a choice. */
export async function give(panel: Panel, label: string, value: string): Promise<void> {
  const field = fieldOf(panel, label)
  if (field.attributes('role') === 'combobox') await choiceOf(panel, label).choose(value)
  else await field.setValue(value)
  await flushPromises()
}

type Panel = Awaited<ReturnType<typeof mountOnStand>>['panel']

/** The field that a label is of. */
const fieldOf = (panel: Panel, words: string) => {
  const found = panel.findAll('label').find((each) => each.text() === words)
  return panel.find(`[id="${found?.attributes('for')}"]`)
}

/** The button that says so. */
export const buttonOf = (panel: Panel, words: string | RegExp) => {
  const found = panel
    .findAll('button')
    .find((each) => (words instanceof RegExp ? words.test(each.text()) : each.text() === words))
  if (!found) throw new Error(`no button ${words}`)
  return found
}
