import type { mountOnStand } from './mount-on-stand.ts'

type Panel = Awaited<ReturnType<typeof mountOnStand>>['panel']

/** The field that a label is of. */
export const fieldOf = (panel: Panel, words: string) => {
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
