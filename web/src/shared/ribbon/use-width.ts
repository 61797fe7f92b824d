import { onBeforeUnmount, ref, useTemplateRef, watch } from 'vue'

/** Width of an element as it is laid out [px], followed as it comes, changes and goes. */
export function useWidth(name: string) {
  const element = useTemplateRef<HTMLElement>(name)
  const width = ref(800)
  const observer = new ResizeObserver(([entry]) => {
    width.value = entry?.contentRect.width ?? width.value
  })
  watch(
    element,
    (now, before) => {
      if (before) observer.unobserve(before)
      if (!now) return
      width.value = now.clientWidth
      observer.observe(now)
    },
    { flush: 'post', immediate: true },
  )
  onBeforeUnmount(() => observer.disconnect())
  return width
}
