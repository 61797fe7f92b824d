import { onScopeDispose, readonly, ref, type Ref } from 'vue'

/** Whether the device has a network at all. */
export function useSignal(): Readonly<Ref<boolean>> {
  const hasSignal = ref(navigator.onLine)
  const online = () => (hasSignal.value = true)
  const offline = () => (hasSignal.value = false)
  window.addEventListener('online', online)
  window.addEventListener('offline', offline)
  onScopeDispose(() => {
    window.removeEventListener('online', online)
    window.removeEventListener('offline', offline)
  })
  return readonly(hasSignal)
}
