import { choosePhotos, type EyeScale, type RatedPhoto } from '@spudder/core/seen/eye'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'

/** A sitting as far as it has come; it survives the page. */
export interface SittingDraft {
  readonly id: string
  readonly scale: EyeScale
  readonly seed: number
  readonly said: readonly number[]
  readonly screen: string
  /** Photos that are shown; absent: drawings are. */
  readonly photos?: readonly RatedPhoto[]
}

/** The sitting under way, if any. */
export const useSittingDraft = defineStore('sitting-draft', () => {
  const kept = useLocalStorage<{ readonly draft: SittingDraft | null }>('spudder:sitting', {
    draft: null,
  })
  /** What was last looked at is what is looked at, as a rule. */
  const lastScreen = useLocalStorage('spudder:screen', '')
  function begin(scale: EyeScale, photos?: readonly RatedPhoto[]): void {
    const seed = Math.random()
    kept.value = {
      draft: {
        id: crypto.randomUUID(),
        scale,
        seed,
        said: [],
        screen: lastScreen.value,
        ...(photos ? { photos: choosePhotos(photos, seed) } : {}),
      },
    }
  }
  function change(part: Partial<SittingDraft>): void {
    const { draft } = kept.value
    if (!draft) return
    kept.value = { draft: { ...draft, ...part } }
    if (part.screen !== undefined) lastScreen.value = part.screen
  }
  const end = () => (kept.value = { draft: null })
  return { kept, lastScreen, begin, change, end }
})
