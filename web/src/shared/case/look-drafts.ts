import type { Findings, Paint } from '@spudder/core/seen/finding'
import { defineStore } from 'pinia'
import { ref, watch } from 'vue'

/** A look as far as it is taken. */
export interface LookDraft {
  /** Made once, so that sending it twice stores it once. */
  readonly id: string
  readonly lookedOn: string
  readonly findings: Findings
  readonly paint: Paint
}

const key = 'spudder:look-drafts'

function remembered(): Record<string, LookDraft> {
  try {
    return JSON.parse(localStorage.getItem(key) ?? '{}') as Record<string, LookDraft>
  } catch {
    return {}
  }
}

/** Looks begun and not yet stored, by stand; they survive a reload. */
export const useLookDrafts = defineStore('look-drafts', () => {
  const drafts = ref<Record<string, LookDraft>>(remembered())
  watch(drafts, (now) => localStorage.setItem(key, JSON.stringify(now)), { deep: true })

  function keep(standId: string, draft: LookDraft): void {
    drafts.value = { ...drafts.value, [standId]: draft }
  }
  function forget(standId: string): void {
    drafts.value = Object.fromEntries(Object.entries(drafts.value).filter(([id]) => id !== standId))
  }
  return { drafts, keep, forget }
})
