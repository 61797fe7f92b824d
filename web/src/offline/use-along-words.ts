import { useOnline } from '@vueuse/core'
import { computed } from 'vue'
import { useTakenAlong } from './taken-along.ts'

/** Whether the pages of a stand open without signal, in words. */
export function useAlongWords(standId: () => string) {
  const along = useTakenAlong()
  const hasSignal = useOnline()
  return computed(() => {
    if (!hasSignal.value) return 'No signal: this works on'
    return along.isAlong(standId())
      ? 'Taken along: opens without signal'
      : 'Stays without signal while it is open'
  })
}
