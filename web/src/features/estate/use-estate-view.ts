import { onBeforeUnmount, onMounted, ref, useTemplateRef } from 'vue'
import { rowHeights } from './use-estate-rows.ts'

/** What of the list of stands is in view; the page names its element "list". */
export function useEstateView() {
  const scrollTop = ref(0)
  const viewHeight = ref(800)
  const rowHeight = ref<number>(rowHeights.wide)
  const list = useTemplateRef<HTMLElement>('list')
  function measure(): void {
    viewHeight.value = window.innerHeight
    rowHeight.value = window.innerWidth < 700 ? rowHeights.narrow : rowHeights.wide
    scrollTop.value = Math.max(0, -(list.value?.getBoundingClientRect().top ?? 0))
  }
  onMounted(() => {
    measure()
    window.addEventListener('scroll', measure, { passive: true })
    window.addEventListener('resize', measure)
  })
  onBeforeUnmount(() => {
    window.removeEventListener('scroll', measure)
    window.removeEventListener('resize', measure)
  })
  return { list, scrollTop, viewHeight, rowHeight }
}
