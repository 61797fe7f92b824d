import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import { noFilter, type Filter, type Grouping } from './estate-list.ts'

/** A filter under a name, to be used again. */
interface SavedFilter {
  readonly name: string
  readonly filter: Filter
}

/** Which stands are listed and how they are grouped; named filters stay on this device. */
export const useEstateFilter = defineStore('estate-filter', () => {
  const filter = ref<Filter>(noFilter)
  const grouping = useLocalStorage<Grouping>('spudder:estate-grouping', 'none')
  const saved = useLocalStorage<SavedFilter[]>('spudder:estate-filters', [])
  function save(name: string): void {
    const others = saved.value.filter((each) => each.name !== name)
    saved.value = [...others, { name, filter: filter.value }]
  }
  function remove(name: string): void {
    saved.value = saved.value.filter((each) => each.name !== name)
  }
  const change = (part: Partial<Filter>) => (filter.value = { ...filter.value, ...part })
  return { filter, grouping, saved, save, remove, change }
})
