import type { Page } from '@playwright/test'

/** Whatever is pressed or typed into. */
const pressed = 'a[href], button, [role=button], summary, input:not([type=hidden], [type=file]), textarea, [role=tab], label.ant-radio-button-wrapper, label.ant-checkbox-wrapper, .ant-segmented-item' // prettier-ignore
/** What an input is part of: the whole of it is pressed. */
const wholes = 'label, .ant-select-selector, .ant-picker, .ant-input-number, .ant-input-affix-wrapper, .ant-input-wrapper' // prettier-ignore

/**
 * What is smaller than 44 px either way of all that is pressed on a page, and how far the page is wider than its
 * screen [px]. Links in a sentence are as large as its letters, as WCAG 2.2 has it (2.5.8, inline).
 */
export const tooSmall = (
  page: Page,
): Promise<{ readonly small: string[]; readonly over: number }> =>
  page.evaluate(
    ([all, around]) => {
      const small = [...document.querySelectorAll(all)].flatMap((element) => {
        const style = getComputedStyle(element)
        const text = (element.textContent ?? '').trim()
        const isInSentence = element.tagName === 'A' && style.display === 'inline' && (element.parentElement?.textContent ?? '').trim() !== text // prettier-ignore
        const own = element.getBoundingClientRect()
        const isSeen = own.width > 1 && own.height > 1 && style.visibility === 'visible' && style.opacity !== '0' // prettier-ignore
        if (isInSentence || !isSeen || element.classList.contains('skip')) return []
        const { width, height } = (element.closest(around) ?? element).getBoundingClientRect()
        if (Math.min(width, height) >= 43.5) return []
        return [`${element.getAttribute('aria-label') ?? text} (${Math.round(width)} x ${Math.round(height)})`] // prettier-ignore
      })
      return { small, over: document.documentElement.scrollWidth - window.innerWidth }
    },
    [pressed, wholes] as const,
  )
