import { defineStore } from 'pinia'
import { shallowRef } from 'vue'

/** What was done, said for a moment; it can be undone while it is said. */
export interface Toast {
  readonly words: string
  readonly undo?: (() => unknown) | undefined
}

/** Says what was done, wherever on the page that is asked for; the app draws it. */
export const useToasts = defineStore('toasts', () => {
  const last = shallowRef<Toast>()
  const say = (words: string, undo?: () => unknown) => (last.value = { words, undo })
  return { last, say }
})
