import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'

/** A stopwatch: seconds that ran so far, as a person presses start and stop. */
export function useStopwatch() {
  const startedAt = ref(0)
  const seconds = ref(0)
  const read = () => (seconds.value = (performance.now() - startedAt.value) / 1000)
  const ticking = useIntervalFn(read, 100, { immediate: false })
  function start(): void {
    startedAt.value = performance.now()
    read()
    ticking.resume()
  }
  function stop(): void {
    ticking.pause()
    read()
  }
  return { seconds, isRunning: computed(() => ticking.isActive.value), start, stop }
}
