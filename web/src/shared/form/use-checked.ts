import { checkDto } from '@spudder/contract/validation'
import type { ClassConstructor } from 'class-transformer'
import { ref } from 'vue'
import { fieldMessage } from '../../api/api-problem.ts'
import { checkCount, leadToFirstWrong } from '../../ui/form-checks.ts'

/**
 * Checks a request before it is sent, by the same class as the server does, and finds the message
 * for each field whichever of the two had something against it.
 */
export function useChecked<Dto extends object>(dto: ClassConstructor<Dto>, problem: () => unknown) {
  const messages = ref<Readonly<Record<string, string>>>({})

  /** The checked request; undefined, with messages set, when a field is wrong. */
  function checked(plain: object): Dto | undefined {
    const result = checkDto(dto, plain)
    messages.value = result.ok
      ? {}
      : Object.fromEntries(result.fields.map(({ field, message }) => [field, message]))
    if (!result.ok) {
      void leadToFirstWrong()
      return undefined
    }
    checkCount.value += 1
    return result.value
  }
  const messageFor = (field: string): string | undefined =>
    messages.value[field] ?? fieldMessage(problem(), field)
  return { checked, messageFor }
}
