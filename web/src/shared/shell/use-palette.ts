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
  const open = () => (isOpen.value = true)
  const close = () => (isOpen.value = false)
  return { isOpen, local, open, close }
})
