import { computed, onScopeDispose, ref } from 'vue'

/** A stopwatch: seconds that ran so far, as a person presses start and stop. */
export function useStopwatch() {
  const startedAt = ref<number>()
  const stood = ref(0)
  const now = ref(0)
  let timer: ReturnType<typeof setInterval> | undefined
  const seconds = computed(
    () => stood.value + (startedAt.value === undefined ? 0 : (now.value - startedAt.value) / 1000),
  )
  function stop(): void {
    clearInterval(timer)
    now.value = performance.now()
    stood.value = seconds.value
    startedAt.value = undefined
  }
  function start(): void {
    stood.value = 0
    startedAt.value = performance.now()
    now.value = startedAt.value
    timer = setInterval(() => (now.value = performance.now()), 100)
  }
  onScopeDispose(() => clearInterval(timer))
  return { seconds, isRunning: computed(() => startedAt.value !== undefined), start, stop }
}
