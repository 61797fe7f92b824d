import { localeTags, usualLocale, writeAs, type LocaleTag } from '@spudder/core/base/writing'
import { ref, watch, type Ref } from 'vue'
import { usePlace } from '../../api/places.ts'

const key = 'locale'
const isTag = (text: unknown): text is LocaleTag => localeTags.includes(text as LocaleTag)

/**
 * Writes numbers and days as the place at work does; to be called once, by the app, which draws its
 * page anew when it changes. What was chosen last is known before the place has come.
 */
export function useLocale(): Readonly<Ref<LocaleTag>> {
  const kept = localStorage.getItem(key)
  const locale = ref<LocaleTag>(isTag(kept) ? kept : usualLocale)
  writeAs(locale.value)
  const { place } = usePlace()
  watch(place, (known) => {
    if (!known) return
    locale.value = known.settings.locale ?? usualLocale
    writeAs(locale.value)
    localStorage.setItem(key, locale.value)
  })
  return locale
}
