import { CoreError } from './core-error.ts'

/** A figure, or why it cannot be had; neither while what it wants was not given yet. */
export interface Calculated<Value> {
  readonly value?: Value
  readonly error?: CoreError
}

/** Works a figure out; a refusal of its input becomes part of the answer. */
export function calculate<Value>(work: () => Value): Calculated<Value> {
  try {
    return { value: work() }
  } catch (error) {
    if (error instanceof CoreError) return { error }
    throw error
  }
}
