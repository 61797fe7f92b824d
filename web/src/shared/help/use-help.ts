import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref } from 'vue'

/** Help, and whether somebody was shown around yet. */
export const useHelp = defineStore('help', () => {
  const isOpen = ref(false)
  const isTouring = ref(false)
  const wasShownAround = useLocalStorage('spudder:shown-around', false)
  const open = () => (isOpen.value = true)
  const close = () => (isOpen.value = false)
  function showAround(): void {
    isOpen.value = false
    isTouring.value = true
  }
  function endTour(): void {
    isTouring.value = false
    wasShownAround.value = true
  }
  return { isOpen, isTouring, wasShownAround, open, close, showAround, endTour }
})
