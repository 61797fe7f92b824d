import { nextTick, ref } from 'vue'

/** Counts how often a form was checked: what was said of a field holds until it is typed in again. */
export const checkCount = ref(0)

/** Leads to the first field that something is wrong with, once it says so. */
export async function leadToFirstWrong(): Promise<void> {
  checkCount.value += 1
  await nextTick()
  document.querySelector<HTMLElement>('form [aria-invalid=true], [aria-invalid=true]')?.focus()
}
