import { ref, watch, type Ref } from 'vue'
import { ApiProblem } from '../../api/api-problem.ts'

/** What is typed into a form. */
export interface Kept<Value> {
  readonly value: Ref<Value>
  /** It is stored: begin afresh. */
  readonly forget: () => void
  /** It could not be stored; see {@link renewedId}. */
  readonly failed: (error: unknown) => undefined
}

/**
 * The id to send a form under next. After a conflict the old one belongs to what is stored; what is
 * typed stays and would be another record.
 */
export function renewedId(id: string, error: unknown): string {
  const isTaken = error instanceof ApiProblem && error.code === 'conflict'
  return isTaken ? crypto.randomUUID() : id
}

/**
 * Keeps what is typed through a reload of the page; forgets it when it is stored. By hand, since a
 * stored ref writes again whatever it is set back to, and a form that is done must leave nothing.
 */
export function useKept<Value extends object>(key: string, fresh: () => Value): Kept<Value> {
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
  function failed(error: unknown): undefined {
    if ('id' in value.value && typeof value.value.id === 'string') {
      value.value = { ...value.value, id: renewedId(value.value.id, error) }
    }
  }
  return { value, forget, failed }
}
