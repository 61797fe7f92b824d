import { nutrientFor } from '@spudder/core/material/choice'
import type { Cause } from '@spudder/core/verdict/diagnosis'
import { computed, ref } from 'vue'
import { chanceWords } from '../../shared/verdict/cause-chance.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'

/** The cause that the remedy is chosen against, and what it asks for. */
export function useCause() {
  const { verdict } = useStandCase()
  const causeId = ref<string>()
  /** Of a leading pair the cause that iron helps, where one is: that is what is chosen for here. */
  const leading = computed(() => {
    const causes = verdict.value?.ranked[0]?.causes ?? []
    return causes.find(({ remedy }) => remedy === 'iron') ?? causes[0]
  })
  const involved = computed(() => verdict.value?.involved ?? [])
  const cause = computed<Cause | undefined>(
    () => involved.value.find((each) => each.cause.id === causeId.value)?.cause ?? leading.value,
  )
  const causeOptions = computed(() =>
    involved.value.slice(0, 6).map((each) => ({
      value: each.cause.id,
      words: verdict.value
        ? `${each.cause.name}, ${chanceWords(verdict.value, each.cause.id)}`
        : each.cause.name,
    })),
  )
  const nutrient = computed(() => (cause.value ? nutrientFor(cause.value.treatment) : 'Fe'))
  return {
    causeId,
    cause,
    causeOptions,
    ending: computed(() => cause.value?.ending),
    nutrient,
    /** Not iron, and no source of another nutrient would help either. */
    isNothingToBuy: computed(() => cause.value?.remedy === 'not-iron' && nutrient.value === 'Fe'),
  }
}
