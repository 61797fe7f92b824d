import { useEventListener } from '@vueuse/core'
import { onBeforeUnmount } from 'vue'
import { afterPaint } from './after-paint.ts'

/**
 * Tells the page of what a finger did once that is on the screen. Of several before then only the last is
 * told; whatever is untold when the screen or the page goes is told at once.
 */
export function useToldAfter<Value>(tell: (value: Value) => void) {
  let untold: { readonly value: Value } | undefined
  function now(): void {
    const said = untold
    untold = undefined
    if (said) tell(said.value)
  }
  function later(value: Value): void {
    const isWaiting = untold !== undefined
    untold = { value }
    if (!isWaiting) afterPaint(now)
  }
  onBeforeUnmount(now)
  useEventListener(window, 'pagehide', now)
  return { later, forget: () => (untold = undefined) }
}
