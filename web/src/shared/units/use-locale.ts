import { localeTags, usualLocale, writeAs, type LocaleTag } from '@spudder/core/base/writing'
import { useLocalStorage } from '@vueuse/core'
import { computed, watch, type Ref } from 'vue'
import { usePlace } from '../../api/places.ts'

const isTag = (text: unknown): text is LocaleTag => localeTags.includes(text as LocaleTag)

/**
 * Writes numbers and days as the place at work does; to be called once, by the app, which draws its
 * page anew when it changes. What was chosen last is known before the place has come.
 */
export function useLocale(): Readonly<Ref<LocaleTag>> {
  const kept = useLocalStorage<string>('spudder:locale', usualLocale)
  const { place } = usePlace()
  watch(place, (known) => {
    if (known) kept.value = known.settings.locale ?? usualLocale
  })
  const tag = computed(() => (isTag(kept.value) ? kept.value : usualLocale))
  watch(tag, writeAs, { immediate: true, flush: 'sync' })
  return tag
}
