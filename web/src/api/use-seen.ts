import { ref, watch } from 'vue'
import { useMeanwhile } from './meanwhile.ts'

interface Versioned {
  readonly id: string
  readonly version: number
}

/**
 * The state of a thing that a form was filled from: sent with what is changed, so that whoever saw an
 * older one is told before anything is stored. What this page stored itself meanwhile counts as seen.
 * @param of the thing, as soon as it is known; another thing is another form
 */
export function useSeen(of: () => Versioned | undefined): () => number | undefined {
  const meanwhile = useMeanwhile()
  const seen = ref<Versioned>()
  watch(
    of,
    (now) => {
      if (now && now.id !== seen.value?.id) seen.value = now
    },
    { immediate: true },
  )
  return () => seen.value && Math.max(seen.value.version, meanwhile.own.get(seen.value.id) ?? 0)
}
