import { readingRoutes } from '@spudder/contract/reading'
import { useChange } from '../../api/use-change.ts'
import { CreateReadingDto } from '@spudder/contract/reading'
import { questionsAbout, type Doubtful } from '@spudder/core/seen/reading'
import { computed, ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useChecked } from '../../shared/form/use-checked.ts'

/** A reading that is about to be kept. */
export type ReadingGiven = Omit<CreateReadingDto, 'note'>

/**
 * Keeps a reading of the stand. One out of the ordinary is asked about first: kept when it is said
 * to be so, or as what it was read for by mistake.
 */
export function useKeepReading() {
  const { standId, story } = useStandCase()
  const store = useChange(readingRoutes.create, { told: 'beside' })
  const { checked, messageFor } = useChecked(CreateReadingDto, () => store.error.value)
  const questions = ref<readonly Doubtful[]>([])

  /** @returns whether it was stored */
  async function keep(given: ReadingGiven, isSaidToBeSo = false): Promise<boolean> {
    const asked = Number.isFinite(given.value)
      ? questionsAbout(given, story.value?.readings ?? [])
      : []
    // A value read in another unit may lie beyond all bounds: ask for the unit before refusing it.
    const mistaken = asked.filter(({ instead }) => instead !== undefined)
    questions.value = isSaidToBeSo ? [] : mistaken
    if (questions.value.length > 0) return false
    const dto = checked(given)
    if (!dto) return false
    questions.value = isSaidToBeSo ? [] : asked
    if (questions.value.length > 0) return false
    return (await store.send({ standId: standId.value, dto })) !== undefined
  }
  return {
    keep,
    messageFor,
    questions,
    forgetQuestions: () => (questions.value = []),
    problem: computed(() => store.error.value),
    isLoading: computed(() => store.isLoading.value),
  }
}
