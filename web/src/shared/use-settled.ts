import { useTimeoutFn } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'

/** Long enough for a hand on a slider to come to rest [ms]. */
const restMs = 180

/**
 * A value that is dear to work out, worked out once its facts have come to rest; the last one
 * stands until then.
 */
export function useSettled<Facts, Value>(
  facts: () => Facts,
  workOut: (facts: Facts) => Value,
  atFirst: Value,
): Ref<Value> {
  const value = ref(atFirst) as Ref<Value>
  const resting = useTimeoutFn((now: Facts) => (value.value = workOut(now)), restMs, {
    immediate: false,
  })
  watch(facts, (now) => resting.start(now), { immediate: true })
  return value
}
