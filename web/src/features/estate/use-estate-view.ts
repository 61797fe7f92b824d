import { useElementBounding, useWindowSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { rowHeights } from './use-estate-rows.ts'

/** What of the list of stands is in view; the page names its element "list". */
export function useEstateView() {
  const list = useTemplateRef<HTMLElement>('list')
  const { top } = useElementBounding(list)
  const { width, height: viewHeight } = useWindowSize()
  return {
    list,
    viewHeight,
    scrollTop: computed(() => Math.max(0, -top.value)),
    rowHeight: computed(() => (width.value < 700 ? rowHeights.narrow : rowHeights.wide)),
  }
}
