import type { Ref } from 'vue'
import { useTimeWindow } from '../../shared/ribbon/use-time-window.ts'

/**
 * Moves the estate through time by arrow keys and by dragging.
 * @param width of the ribbons [px]
 */
export function useTimeDrag(width: Readonly<Ref<number>>) {
  const time = useTimeWindow()
  function onKey(event: KeyboardEvent): void {
    const steps: Readonly<Record<string, number>> = { ArrowLeft: -1 / 12, ArrowRight: 1 / 12 }
    const step = steps[event.key]
    if (step === undefined) return
    event.preventDefault()
    time.shift(step * time.days)
  }
  const drag = { x: 0, isOn: false }
  function startDrag(event: PointerEvent): void {
    Object.assign(drag, { x: event.clientX, isOn: event.button === 0 })
  }
  function moveDrag(event: PointerEvent): void {
    if (!drag.isOn) return
    const days = ((drag.x - event.clientX) / width.value) * time.days
    if (Math.abs(days) < 1) return
    drag.x = event.clientX
    time.shift(days)
  }
  const endDrag = () => {
    drag.isOn = false
  }
  return { onKey, startDrag, moveDrag, endDrag }
}
