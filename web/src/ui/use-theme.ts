import { usePreferredDark, useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, watchEffect } from 'vue'

type Choice = 'light' | 'dark'

/** Light or dark: what the person chose last, else what their system prefers. */
export const useTheme = defineStore('theme', () => {
  const chosen = useLocalStorage<Choice | ''>('spudder:theme', '')
  const prefersDark = usePreferredDark()
  const isDark = computed(() => (chosen.value === '' ? prefersDark.value : chosen.value === 'dark'))
  watchEffect(() => {
    document.documentElement.dataset['theme'] = isDark.value ? 'dark' : 'light'
  })
  function toggle(): void {
    chosen.value = isDark.value ? 'light' : 'dark'
  }
  return { isDark, toggle }
})
