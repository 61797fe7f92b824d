import { usePointerSwipe } from '@vueuse/core'
import type { Ref } from 'vue'
import { useTimeWindow } from '../../shared/ribbon/use-time-window.ts'

/**
 * Moves the estate through time by arrow keys and by dragging it sideways; up and down scrolls.
 * @param grid what is dragged
 * @param width of the ribbons [px]
 */
export function useTimeDrag(grid: Readonly<Ref<HTMLElement | null>>, width: Readonly<Ref<number>>) {
  const time = useTimeWindow()
  function onKey(event: KeyboardEvent): void {
    const steps: Readonly<Record<string, number>> = { ArrowLeft: -1 / 12, ArrowRight: 1 / 12 }
    const step = steps[event.key]
    if (step === undefined) return
    event.preventDefault()
    time.shift(step * time.days)
  }
  /** How far it has been dragged already [px]. */
  let moved = 0
  let wasDragged = false
  const { distanceX } = usePointerSwipe(grid, {
    threshold: 6,
    onSwipeStart: () => {
      moved = 0
      wasDragged = false
    },
    onSwipe: () => {
      wasDragged = true
      const days = ((distanceX.value - moved) / width.value) * time.days
      if (Math.abs(days) < 1) return
      moved = distanceX.value
      time.shift(days)
    },
  })
  /** Letting go over the link that was taken hold of opens nothing. */
  function onClick(event: MouseEvent): void {
    // Keys and screen readers press without a pointer.
    if (!wasDragged || event.detail === 0) return
    event.preventDefault()
    event.stopPropagation()
    wasDragged = false
  }
  return { onKey, onClick }
}
