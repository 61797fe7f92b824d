import { computed, nextTick, shallowRef, watch, type ComputedRef } from 'vue'
import { afterPaint } from '../../ui/after-paint.ts'
import type { LookDraft } from './look-drafts.ts'

/** So long everything that follows a finding may take to be drawn with it; what takes longer comes after it [ms]. */
const atOnceMs = 25

/**
 * A look as verdict and checks take it. Where they are slow to draw, on a phone in the field, what
 * the finger did is painted first and they follow: a tap is never answered late.
 */
export function useSettledLook(look: ComputedRef<LookDraft>): ComputedRef<LookDraft> {
  const followed = shallowRef(look.value)
  let lastTookMs = Infinity
  let isDue = false
  async function follow(): Promise<void> {
    isDue = false
    const from = performance.now()
    followed.value = look.value
    await nextTick()
    lastTookMs = performance.now() - from
  }
  watch(
    look,
    ({ id }) => {
      if (id !== followed.value.id || lastTookMs <= atOnceMs) void follow()
      else if (!isDue) {
        isDue = true
        afterPaint(() => void follow())
      }
    },
    { flush: 'sync' },
  )
  // Another look is another stand or another case: nothing of the last one is shown with it.
  return computed(() => (followed.value.id === look.value.id ? followed.value : look.value))
}
