import { ref, watch, type Ref } from 'vue'

/** Keeps what is typed through a reload of the page; forgets it when it is stored. */
export function useKept<Value>(
  key: string,
  fresh: () => Value,
): { value: Ref<Value>; forget: () => void } {
  const name = `spudder:draft:${key}`
  const stored = localStorage.getItem(name)
  let start: Value = fresh()
  try {
    if (stored !== null) start = { ...start, ...(JSON.parse(stored) as Value) }
  } catch {
    localStorage.removeItem(name)
  }
  const value = ref(start) as Ref<Value>
  watch(value, (now) => localStorage.setItem(name, JSON.stringify(now)), {
    deep: true,
    flush: 'sync',
  })
  function forget(): void {
    value.value = fresh()
    localStorage.removeItem(name)
  }
  return { value, forget }
}
