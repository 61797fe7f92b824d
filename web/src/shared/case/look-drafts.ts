import type { Findings, Paint } from '@spudder/core/seen/finding'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'

/** A look as far as it is taken. */
export interface LookDraft {
  /** Made once, so that sending it twice stores it once. */
  readonly id: string
  readonly lookedOn: string
  readonly findings: Findings
  readonly paint: Paint
}

/** Looks begun and not yet stored, by stand; they survive a reload. */
export const useLookDrafts = defineStore('look-drafts', () => {
  const drafts = useLocalStorage<Record<string, LookDraft>>('spudder:look-drafts', {})

  function keep(standId: string, draft: LookDraft): void {
    drafts.value = { ...drafts.value, [standId]: draft }
  }
  function forget(standId: string): void {
    drafts.value = Object.fromEntries(Object.entries(drafts.value).filter(([id]) => id !== standId))
  }
  return { drafts, keep, forget }
})
