<script setup lang="ts">
import type { Review } from '@spudder/core/verdict/review'

/** Why it may have done nothing: the questions in their order, as far as the record answers them. */
defineProps<{ review: Review }>()
const signs = { yes: 'yes', no: 'no', 'not known': '?' } as const
</script>

<template>
  <section class="review stack gap-8" aria-label="Why did nothing come of it?">
    <h2>Why did nothing come of it?</h2>
    <p class="conclusion text-body">{{ review.conclusion }}</p>
    <ol>
      <li v-for="step in review.steps" :key="step.id" :class="step.answer.replace(' ', '-')">
        <b class="answer">{{ signs[step.answer] }}</b>
        <div>
          <strong>{{ step.question }}</strong>
          <p>{{ step.because }}</p>
          <p v-if="step.then && step.answer !== 'no'" class="text-rust">{{ step.then }}</p>
        </div>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.conclusion {
  max-width: 70ch;
}
ol {
  list-style: none;
  padding: 0;
  display: grid;
  border-top: 1px solid var(--line);
}
li {
  display: grid;
  grid-template-columns: 42px minmax(0, 1fr);
  gap: 10px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
  font-size: var(--text-small);
}
.answer {
  align-self: start;
  text-align: center;
  padding: 2px 0;
  border: 1px solid var(--strong-line);
  border-radius: 4px;
}
.yes .answer {
  background: var(--rust);
  border-color: var(--rust);
  color: var(--on-rust);
}
.not-known .answer {
  border-style: dashed;
}
.no {
  color: var(--slate);
}
</style>
