<script setup lang="ts">
import { percent } from '@spudder/core/base/quantity'
import { settlingOf, type Verdict } from '@spudder/core/verdict/diagnosis'
import { Alert } from 'ant-design-vue'
import { computed } from 'vue'
import { midSentence } from '@spudder/core/base/writing'

/** Whether a verdict is settled enough to act on, wherever somebody is about to. */
const props = defineProps<{
  verdict: Verdict
  /** Where the checks are: "beside this", "on the verdict". */
  checksAt: string
}>()
const settling = computed(() => settlingOf(props.verdict))
const second = computed(() => props.verdict.ranked[1])
const note = computed(() => {
  if (settling.value.state === 'open' && second.value) {
    return {
      type: 'error',
      words: `Not settled: ${midSentence(second.value.name)} may as well be it (${percent(second.value.probability)}). Make the first check ${props.checksAt} before you buy anything.`,
    } as const
  }
  if (settling.value.state === 'leaning') {
    return {
      type: 'warning',
      words: `Likely, not settled. The first check ${props.checksAt} may still change what to do.`,
    } as const
  }
  return {
    type: 'info',
    words: `Settled enough to act on. The checks ${props.checksAt} would hardly change what to do.`,
  } as const
})
</script>

<template>
  <Alert :type="note.type" :message="note.words" role="note" />
</template>
