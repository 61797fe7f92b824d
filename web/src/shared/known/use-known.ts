import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { useLearning } from '../../api/learning.ts'
import { usePlace } from '../../api/places.ts'
import { useEyes } from '../eye/use-eyes.ts'
import { today } from '../units/today.ts'
import { useWorker } from '../worker/use-worker.ts'
import { nothingKnown, type Known, type Learnt, type LearningQuestion } from './known.ts'

/** What the place at work knows of itself: worked out once, and anew where its record changes. */
export const useKnown = defineStore('known', () => {
  const { place } = usePlace()
  const settings = computed(() => place.value?.settings)
  const putsRight = computed(() => settings.value !== undefined && !settings.value.takesAsSaid)
  const learns = computed(() => settings.value?.learns === true)
  /** Whether somebody wants to see what would be learnt, though it does not count. */
  const isLookedAt = ref(false)
  const isAsked = computed(() => learns.value || isLookedAt.value)
  const { eyes } = useEyes(() => (putsRight.value ? place.value?.id : undefined))
  const eyesThatCount = computed(() =>
    putsRight.value ? (eyes.value ?? nothingKnown.eyes) : nothingKnown.eyes,
  )

  const { data: record } = useLearning(() => (isAsked.value ? place.value?.id : undefined))
  const learning = useWorker<LearningQuestion, number, Learnt>({
    what: 'What this place taught',
    open: () => new Worker(new URL('./learn.worker.ts', import.meta.url), { type: 'module' }),
    inPlace: async (question) => (await import('./learn.ts')).learnFrom(question),
  })
  function learn(): void {
    if (!record.value) return
    const { stands, colours, treatments, measures } = record.value
    void learning.ask({
      record: { stands, colours, treatments, measures },
      eyes: eyesThatCount.value,
      latitude: settings.value?.latitude,
      on: today(),
    })
  }
  watch([record, eyesThatCount, () => settings.value?.latitude], learn, { immediate: true })

  const known = computed<Known>(() => ({
    eyes: eyesThatCount.value,
    learnt: (learns.value ? learning.answer.value?.responses : undefined) ?? nothingKnown.learnt,
    ways: (learns.value ? learning.answer.value?.ways : undefined) ?? nothingKnown.ways,
  }))
  return {
    known,
    record,
    putsRight,
    learns,
    isLookedAt,
    /** What was learnt, whether or not it counts; undefined: not yet. */
    learnt: computed(() => learning.answer.value?.responses),
    /** What was learnt of leaves that nobody treated. */
    untreated: computed(() => learning.answer.value?.untreated),
    /** How instruments read beside a laboratory, whether or not it counts. */
    ways: computed(() => learning.answer.value?.ways ?? nothingKnown.ways),
    /** How far it is, 0 to 1; undefined: it does not learn just now. */
    progress: computed(() =>
      learning.isRunning.value ? (learning.progress.value ?? 0) : undefined,
    ),
    failure: learning.failure,
    again: learning.again,
    cancel: learning.cancel,
  }
})
