import { defineStore } from 'pinia'
import { shallowRef } from 'vue'

/** What becomes of two changes of one thing: the other's stays, or one's own is stored over it. */
export type Choice = 'theirs' | 'mine'

interface Question {
  /** Who changed what, from what to what. */
  readonly words: string
  readonly answer: (choice: Choice) => void
}

/** Asks whoever changes a thing that somebody else changed meanwhile; the app draws the question. */
export const useMeanwhile = defineStore('meanwhile', () => {
  const question = shallowRef<Question>()
  const ask = (words: string): Promise<Choice> =>
    new Promise((resolve) => {
      question.value = {
        words,
        answer: (choice) => {
          question.value = undefined
          resolve(choice)
        },
      }
    })
  /** What this page itself stored last of each thing. */
  const own = new Map<string, number>()
  const took = (answer: unknown): void => {
    const { id, version } = (answer ?? {}) as { readonly id?: unknown; readonly version?: unknown }
    if (typeof id === 'string' && typeof version === 'number') own.set(id, version)
  }
  return { question, ask, own, took }
})
