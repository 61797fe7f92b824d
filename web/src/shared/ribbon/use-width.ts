import { useElementSize } from '@vueuse/core'
import { useTemplateRef, type Ref } from 'vue'

/** Before it is laid out, and where nothing ever is [px]. */
const usualWidth = 800

/** Width of an element as it is laid out [px], followed as it comes, changes and goes. */
export function useWidth(name: string): Readonly<Ref<number>> {
  const element = useTemplateRef<HTMLElement>(name)
  return useElementSize(element, { width: usualWidth, height: 0 }).width
}
