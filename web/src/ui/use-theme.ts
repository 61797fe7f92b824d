import { usePreferredDark, useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, watchEffect } from 'vue'
import type { Scheme } from './tokens.ts'

/** The colours of the page: what the person chose last, else what their system prefers. */
export const useTheme = defineStore('theme', () => {
  const chosen = useLocalStorage<Scheme | ''>('spudder:theme', '')
  const prefersDark = usePreferredDark()
  const scheme = computed<Scheme>(() => chosen.value || (prefersDark.value ? 'dark' : 'light'))
  const isDark = computed(() => scheme.value === 'dark')
  watchEffect(() => {
    document.documentElement.dataset['theme'] = scheme.value
  })
  const choose = (wanted: Scheme): void => {
    chosen.value = wanted
  }
  const toggle = (): void => choose(isDark.value ? 'light' : 'dark')
  return { scheme, isDark, choose, toggle }
})
