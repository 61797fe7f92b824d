import { expect, type Locator, type Page } from '@playwright/test'

/**
 * Somebody who has one way of working a screen alone. Every press of a control and every field that
 * is written in is counted; choosing from a list counts twice, opening it and taking from it.
 */
export interface Hands {
  /** So far. */
  readonly done: () => number
  /** Presses a button, follows a link, chooses a chip, paints a leaf. */
  act(target: Locator): Promise<void>
  write(field: Locator, text: string): Promise<void>
  choose(field: Locator, words: string): Promise<void>
}

/** More stops than any screen has. */
const mostStops = 250

/** Whether the focus stands on an element, or on another one of its group of radios. */
const hasFocus = (target: Locator) =>
  target.evaluate((element) => {
    const focused = document.activeElement
    if (focused === element) return true
    const [mine, theirs] = [element, focused].map((each) => each?.getAttribute('name'))
    return element.getAttribute('type') === 'radio' && mine !== null && mine === theirs
  })

async function tabTo(page: Page, target: Locator): Promise<void> {
  await expect(target).toBeVisible()
  for (let stops = 0; stops < mostStops && !(await hasFocus(target)); stops += 1) {
    await page.keyboard.press('Tab')
  }
  if (!(await hasFocus(target))) throw new Error(`the keyboard never comes to ${target}`)
}

/** In a group of radios arrows move; the first press takes the one that has the focus. */
async function arrowTo(page: Page, radio: Locator): Promise<void> {
  await page.keyboard.press('Space')
  for (let steps = 0; steps < 40 && !(await radio.isChecked()); steps += 1) {
    await page.keyboard.press('ArrowDown')
  }
  await expect(radio).toBeChecked()
}

/** A keyboard and no pointer: Tab to everything, the focus seen on it before it is used. */
export function keyboard(page: Page): Hands {
  let done = 0
  return {
    done: () => done,
    act: async (target) => {
      done += 1
      await tabTo(page, target)
      if ((await target.getAttribute('type')) === 'radio') return arrowTo(page, target)
      await expect(target).toBeFocused()
      await page.keyboard.press('Enter')
    },
    write: async (field, text) => {
      done += 1
      await tabTo(page, field)
      await expect(field).toBeFocused()
      await page.keyboard.press('ControlOrMeta+a')
      await page.keyboard.type(text)
      await expect(field).toHaveValue(text)
    },
    choose: async (field, words) => {
      done += 2
      await tabTo(page, field)
      await expect(field).toBeFocused()
      await page.keyboard.type(words)
      await expect(page.locator('.ant-select-item-option-active')).toContainText(words)
      await page.keyboard.press('Enter')
    },
  }
}

/** Chips and switches are pressed on their words; the input itself lies under them. */
const pressable = async (target: Locator): Promise<Locator> =>
  (await target.getAttribute('type')) === 'radio' ? target.locator('xpath=ancestor::label') : target

/** A thumb and no keyboard but the one of the phone. */
export function thumb(page: Page): Hands {
  let done = 0
  return {
    done: () => done,
    act: async (target) => {
      done += 1
      await (await pressable(target)).tap()
    },
    write: async (field, text) => {
      done += 1
      await field.tap()
      await expect(field).toBeFocused()
      await page.keyboard.type(text)
      await expect(field).toHaveValue(text)
    },
    choose: async (field, words) => {
      done += 2
      // What is chosen lies over the field.
      await field.locator('xpath=ancestor::*[contains(@class, "ant-select-selector")]').tap()
      await page.keyboard.type(words)
      await page.locator('.ant-select-item-option', { hasText: words }).first().tap()
    },
  }
}
