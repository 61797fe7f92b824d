import { defineStore } from 'pinia'
import { computed, ref, watchEffect } from 'vue'

const key = 'spudder:theme'
type Choice = 'light' | 'dark'

function remembered(): Choice {
  const stored = localStorage.getItem(key)
  if (stored === 'light' || stored === 'dark') return stored
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light'
}

/** Light or dark: what the person chose last, else what their system prefers. */
export const useTheme = defineStore('theme', () => {
  const choice = ref<Choice>(remembered())
  const isDark = computed(() => choice.value === 'dark')
  watchEffect(() => {
    document.documentElement.dataset['theme'] = choice.value
  })
  function toggle(): void {
    choice.value = isDark.value ? 'light' : 'dark'
    localStorage.setItem(key, choice.value)
  }
  return { isDark, toggle }
})
