import { useElementBounding, useWindowSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { useNarrow } from '../../ui/use-narrow.ts'
import { rowHeights } from './use-estate-rows.ts'

/** What of the list of stands is in view; the page names its element "list". */
export function useEstateView() {
  const list = useTemplateRef<HTMLElement>('list')
  const { top } = useElementBounding(list)
  const { height: viewHeight } = useWindowSize()
  const isNarrow = useNarrow()
  return {
    list,
    viewHeight,
    scrollTop: computed(() => Math.max(0, -top.value)),
    rowHeight: computed(() => (isNarrow.value ? rowHeights.narrow : rowHeights.wide)),
  }
}
