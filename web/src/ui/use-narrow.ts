import { useMediaQuery } from '@vueuse/core'

/** Whether the page is as narrow as a phone held upright; styles say the same: (width < 700px). */
export const useNarrow = () => useMediaQuery('(width < 700px)')
