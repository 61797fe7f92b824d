/*
 * Faults that the library's components have for assistive technology, mended in one place: each rule
 * says what it looks for and what is put right. Measured with axe on version 4.2.6.
 */
import { afterPaint } from './after-paint.ts'

const arrows: Readonly<Record<string, string>> = {
  'ant-picker-header-super-prev-btn': 'The year before',
  'ant-picker-header-prev-btn': 'The month before',
  'ant-picker-header-next-btn': 'The month after',
  'ant-picker-header-super-next-btn': 'The year after',
}

/** A field's list is there only while it is open, and is named as the field is. */
function mendCombobox(input: HTMLElement): void {
  const select = input.closest('.ant-select')
  const isOpen = select?.classList.contains('ant-select-open') ?? false
  set(input, 'aria-expanded', String(isOpen))
  set(input, 'aria-haspopup', 'listbox')
  input.removeAttribute('aria-owns')
  const list = document.getElementById(`${input.id}_list`)
  if (isOpen && list) {
    set(input, 'aria-controls', list.id)
    const name = input.getAttribute('aria-label') ?? labelOf(input)
    if (name) set(list, 'aria-label', name)
  } else input.removeAttribute('aria-controls')
  const active = input.getAttribute('aria-activedescendant')
  if (active && !document.getElementById(active)) input.removeAttribute('aria-activedescendant')
}

const labelOf = (input: HTMLElement): string | undefined =>
  (input.id === ''
    ? null
    : document.querySelector(`label[for='${CSS.escape(input.id)}']`)
  )?.textContent?.trim()

/** Written only where it differs, so that mending does not call for mending. */
function set(element: Element, name: string, value: string): void {
  if (element.getAttribute(name) !== value) element.setAttribute(name, value)
}
function remove(element: Element, ...names: readonly string[]): void {
  for (const name of names) if (element.hasAttribute(name)) element.removeAttribute(name)
}

const rules: readonly (readonly [selector: string, mend: (element: HTMLElement) => void])[] = [
  ['.ant-select input[role=combobox]', mendCombobox],
  // Words say what a thing does; the icon beside them says nothing, least of all its file name.
  [
    '.anticon:not(.ant-tag-close-icon, .ant-tour-close)',
    (icon) => {
      set(icon, 'aria-hidden', 'true')
      remove(icon, 'aria-label', 'role')
    },
  ],
  // The button inside is what is pressed.
  [
    '.ant-picker-clear, .ant-select-clear, .ant-input-clear-icon',
    (cross) => {
      set(cross, 'role', 'button')
      set(cross, 'aria-label', 'Clear')
      remove(cross, 'aria-hidden')
    },
  ],
  // A tag is taken away by its cross alone, so that keys have to come to it.
  [
    '.ant-tag-close-icon',
    (cross) => {
      set(cross, 'role', 'button')
      set(cross, 'tabindex', '0')
      set(cross, 'aria-label', `Remove ${cross.closest('.ant-tag')?.textContent?.trim() ?? ''}`)
    },
  ],
  [
    '.ant-tour-content',
    (tour) => {
      set(tour, 'role', 'dialog')
      set(tour, 'aria-label', tour.querySelector('.ant-tour-title')?.textContent ?? 'Shown around')
    },
  ],
  [
    '.ant-tour-close',
    (cross) => {
      set(cross, 'role', 'button')
      set(cross, 'tabindex', '0')
      set(cross, 'aria-label', 'End the tour')
      remove(cross, 'aria-hidden')
    },
  ],
  ['.ant-upload[role=button]', (wrapper) => remove(wrapper, 'role', 'tabindex')],
  [
    '.ant-upload input[type=file]',
    (input) => {
      set(input, 'tabindex', '-1')
      set(input, 'aria-label', input.closest('.ant-upload')?.textContent?.trim() ?? '')
    },
  ],
  [
    '.ant-picker-header button',
    (arrow) => {
      for (const [name, words] of Object.entries(arrows)) {
        if (arrow.classList.contains(name)) set(arrow, 'aria-label', words)
      }
    },
  ],
  [
    '.ant-drawer-content',
    (drawer) => {
      set(drawer, 'role', 'dialog')
      set(drawer, 'aria-modal', 'true')
      set(drawer, 'aria-label', drawer.querySelector('.ant-drawer-title')?.textContent ?? 'Menu')
    },
  ],
  [
    '.ant-table-filter-trigger',
    (trigger) => {
      set(trigger, 'tabindex', '0')
      set(trigger, 'aria-label', `Filter by ${trigger.closest('th')?.textContent?.trim() ?? 'it'}`)
    },
  ],
  // What pops up lies outside of the page's regions and is one of its own while it is there.
  [
    '.ant-select-dropdown, .ant-picker-dropdown',
    (popup) => {
      set(popup, 'role', 'region')
      set(popup, 'aria-label', popup.matches('.ant-picker-dropdown') ? 'Calendar' : 'Choices')
    },
  ],
  // A day can be typed at any time; the library says so only once its field has the focus.
  ['.ant-picker-input input[readonly]', (input) => remove(input, 'readonly')],
  // What scrolls can be reached by keys; the list itself is walked from its field.
  ['.rc-virtual-list-holder:not([tabindex])', (list) => set(list, 'tabindex', '0')],
  ['.ant-select-item:not([role=option])[aria-selected]', (item) => remove(item, 'aria-selected')],
  [
    '[role=progressbar]:not([aria-label])',
    (bar) => set(bar, 'aria-label', bar.dataset['name'] ?? 'How far it is'),
  ],
]

/** What the library draws as a button but lets answer to fewer keys than one. */
const answersTo: readonly (readonly [selector: string, keys: readonly string[]])[] = [
  ['.ant-collapse-header', [' ']],
  ['.ant-table-filter-trigger, .ant-tag-close-icon, .ant-tour-close', [' ', 'Enter']],
]
function answer(event: KeyboardEvent): void {
  const { target, key } = event
  if (!(target instanceof HTMLElement)) return
  if (!answersTo.some(([selector, keys]) => keys.includes(key) && target.matches(selector))) return
  event.preventDefault()
  target.click()
}

/** Mends what is on the page now. */
export function mendAll(root: ParentNode = document): void {
  for (const [selector, mend] of rules) root.querySelectorAll<HTMLElement>(selector).forEach(mend)
}

/**
 * Mends what is on the page and whatever comes, after each time that it was drawn: no tap waits for it.
 * @returns ends it
 */
export function keepMended(): () => void {
  let isDue = false
  const later = () => {
    if (isDue) return
    isDue = true
    afterPaint(() => {
      isDue = false
      mendAll()
      // What was mended is no reason to mend again, least of all for ever.
      observer.takeRecords()
    })
  }
  document.addEventListener('keydown', answer)
  const observer = new MutationObserver(later)
  observer.observe(document.documentElement, {
    subtree: true,
    childList: true,
    characterData: true,
    attributes: true,
    attributeFilter: ['class', 'aria-activedescendant', 'aria-owns', 'role', 'readonly'],
  })
  mendAll()
  return () => {
    document.removeEventListener('keydown', answer)
    observer.disconnect()
  }
}
