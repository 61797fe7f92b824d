import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { RouteLocationRaw } from 'vue-router'

/** Something the palette can do: go somewhere, or act. */
export interface Command {
  readonly words: string
  readonly hint: string
  readonly to?: RouteLocationRaw
  readonly act?: () => void
}

/** The palette; screens add their own commands while they are open. */
export const usePalette = defineStore('palette', () => {
  const isOpen = ref(false)
  const local = ref<readonly Command[]>([])
  /** Opened, and its field not there yet. */
  const isAwaited = ref(false)
  /** What was typed in between. */
  const typedAhead = ref('')
  const isEnteredAhead = ref(false)
  const open = () => (isOpen.value = isAwaited.value = true)
  const close = () => (isOpen.value = isAwaited.value = false)
  /** What was typed ahead; asked for once, by the field. */
  function takeAhead(): { readonly text: string; readonly isEntered: boolean } {
    const ahead = { text: typedAhead.value, isEntered: isEnteredAhead.value }
    typedAhead.value = ''
    isEnteredAhead.value = isAwaited.value = false
    return ahead
  }
  return { isOpen, isAwaited, local, typedAhead, isEnteredAhead, open, close, takeAhead }
})
