<script setup lang="ts">
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import PlantFigure from '../../shared/figure/PlantFigure.vue'
import OpenQuestions from '../../shared/verdict/OpenQuestions.vue'
import VerdictBars from '../../shared/verdict/VerdictBars.vue'
import { midSentence } from '../../shared/words/sentence.ts'
import { dayWords } from '../../shared/units/today.ts'

const { stand, look, verdict, hasFindings, isDirty, newestLook, openCase, remedies } =
  useStandCase()
const leading = computed(() => verdict.value?.ranked[0])
const second = computed(() => verdict.value?.ranked[1])
const isOpenQuestion = computed(() => (leading.value?.probability ?? 0) < 0.6)
</script>

<template>
  <div v-if="stand && verdict && hasFindings && leading" class="verdict">
    <section class="main">
      <h2 class="cause">{{ leading.cause.name }}</h2>
      <p class="mechanism">{{ leading.cause.mechanism }}</p>
      <p v-if="isOpenQuestion && second" class="stop">
        Not settled: {{ midSentence(second.cause.name) }} is nearly as likely. Look closer before
        you buy anything.
      </p>
      <p v-if="leading.cause.remedy === 'not-iron'" class="stop">
        Not iron: do not buy iron for this.
      </p>
      <VerdictBars :verdict="verdict" :shown="7" is-open is-lead-told />
    </section>
    <aside>
      <PlantFigure
        :context="stand.context"
        :plant-id="stand.plantId"
        :paint="look.paint"
        :roots="look.findings.roots"
      />
      <p class="seen">
        {{
          isDirty
            ? 'A look begun, not stored yet.'
            : newestLook
              ? `Seen ${dayWords(newestLook.lookedOn)}.`
              : ''
        }}
        <RouterLink :to="{ name: 'look' }">Look again</RouterLink>
      </p>
      <p v-if="verdict.exposure" class="seen">
        pH {{ verdict.exposure.pH.toFixed(1) }} ± {{ verdict.exposure.doubt.toFixed(1) }} while the
        leaves grew ({{ dayWords(verdict.exposure.window.from) }} to
        {{ dayWords(verdict.exposure.window.to) }}).
      </p>
      <OpenQuestions :verdict="verdict" />
      <details class="how">
        <summary>how</summary>
        <p>
          Every cause starts from how common it is in this kind of stand. Each finding multiplies it
          by how often that finding is seen under that cause (Bayes' rule); the reasons give the
          weight of each against all other causes together. pH counts as it was while the affected
          leaves grew. Directions are common practice or Marschner's; the sizes are a judgement,
          laid open in the reference data.
        </p>
      </details>
      <RouterLink
        v-if="openCase && !isDirty && remedies.length > 0"
        :to="{ name: 'jobs' }"
        class="onward"
      >
        On to the jobs
      </RouterLink>
      <RouterLink v-else-if="openCase && !isDirty" :to="{ name: 'remedy' }" class="onward">
        {{ leading.cause.remedy === 'iron' ? 'Choose the remedy' : 'What to do instead' }}
      </RouterLink>
      <RouterLink v-else :to="{ name: 'look' }" class="onward">Store the look first</RouterLink>
    </aside>
  </div>
  <div v-else class="empty">
    <h2>No verdict yet</h2>
    <p>Take a look first: paint what the leaves show, and add a pH if you have one.</p>
    <RouterLink :to="{ name: 'look' }" class="onward">Take a look</RouterLink>
  </div>
</template>

<style scoped>
.verdict {
  display: grid;
  grid-template-columns: 1fr 330px;
  gap: 40px;
  align-items: start;
}
.main {
  display: grid;
  gap: 10px;
  max-width: 720px;
}
.cause {
  font-size: 1.7rem;
  letter-spacing: -0.018em;
  line-height: 1.15;
}
.mechanism {
  font-size: 1.05rem;
  color: var(--slate);
  margin-bottom: 8px;
}
aside {
  display: grid;
  gap: 8px;
}
aside > :deep(.figure) {
  max-width: 240px;
  justify-self: center;
}
.seen,
.how {
  font-size: 0.86rem;
  color: var(--slate);
}
.how summary {
  cursor: pointer;
  color: var(--rust);
}
.onward {
  justify-self: start;
  margin-top: 10px;
  background: var(--rust);
  color: var(--on-rust);
  border-radius: var(--radius);
  padding: 9px 16px;
  text-decoration: none;
  font-weight: 580;
}
.empty {
  display: grid;
  gap: 10px;
  padding: 30px 0;
  max-width: 50ch;
}
@media (width < 900px) {
  .verdict {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
}
</style>
