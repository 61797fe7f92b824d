import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { ApiProblem } from './api-problem.ts'

/** What was not done and has no note of its own: told on top of the page until it is read. */
export const useFailures = defineStore('failures', () => {
  const last = ref<string>()
  const tell = ({ message }: ApiProblem) => {
    last.value = message
  }
  const read = () => {
    last.value = undefined
  }
  return { last, tell, read }
})
