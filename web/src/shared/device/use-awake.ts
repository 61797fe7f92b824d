import { useWakeLock } from '@vueuse/core'
import { watch, type WatchSource } from 'vue'

/** Keeps the screen awake while something is timed or read; browsers that cannot let it sleep. */
export function useAwake(isNeeded: WatchSource<boolean>): void {
  const lock = useWakeLock()
  watch(
    isNeeded,
    (needed) => {
      if (!lock.isSupported.value) return
      // Refused where the battery is low: the watch runs on all the same.
      void (needed ? lock.request('screen') : lock.release()).catch(() => undefined)
    },
    { immediate: true },
  )
}
