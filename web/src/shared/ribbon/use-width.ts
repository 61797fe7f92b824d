import { onBeforeUnmount, onMounted, ref, useTemplateRef } from 'vue'

/** Width of an element as it is laid out [px], followed as it changes. */
export function useWidth(name: string) {
  const element = useTemplateRef<HTMLElement>(name)
  const width = ref(800)
  let observer: ResizeObserver | undefined
  onMounted(() => {
    if (!element.value) return
    width.value = element.value.clientWidth
    observer = new ResizeObserver(([entry]) => {
      width.value = entry?.contentRect.width ?? width.value
    })
    observer.observe(element.value)
  })
  onBeforeUnmount(() => observer?.disconnect())
  return width
}
