import { useMediaQuery } from '@vueuse/core'

/** Widths at which a page changes its shape; styles say the same. */
const widths = {
  /** A phone held upright. */
  phone: '(width < 700px)',
  /** Too narrow for all screens of the menu in one line. */
  menu: '(width < 1000px)',
} as const

/** Whether the page is narrower than a width at which it changes its shape. */
export const useNarrow = (width: keyof typeof widths = 'phone') => useMediaQuery(widths[width])
