<script setup lang="ts">
import { percent } from '@spudder/core/base/quantity'
import type { CheckAnswer } from '@spudder/core/verdict/diagnosis'
import { computed } from 'vue'
import { midSentence } from '@spudder/core/base/writing'

/** Single answers that would put another cause on top. */
const props = defineProps<{ changers: readonly CheckAnswer[]; shown?: number }>()
const told = computed(() => props.changers.slice(0, props.shown ?? 5))
</script>

<template>
  <section class="stack gap-4" aria-label="What would change my mind">
    <h3>What would change my mind</h3>
    <ul v-if="told.length > 0">
      <li v-for="answer in told" :key="answer.words">
        <b>{{ answer.words }}</b> ({{ percent(answer.chance) }} likely): then
        {{ midSentence(answer.leads) }}, {{ percent(answer.probability) }}.
      </li>
    </ul>
    <p v-else class="faint-note">No single finding would put another cause on top.</p>
  </section>
</template>

<style scoped>
li {
  font-size: var(--text-small);
  padding: 2px 0;
}
</style>
