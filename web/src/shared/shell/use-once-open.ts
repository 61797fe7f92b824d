import { ref, watch, type Ref } from 'vue'

/** Whether something was ever open: what is shown only then need not be loaded before. */
export function useOnceOpen(isOpen: Ref<boolean> | (() => boolean)): Readonly<Ref<boolean>> {
  const wasOpen = ref(false)
  watch(isOpen, (isNow) => (wasOpen.value ||= isNow), { immediate: true })
  return wasOpen
}
