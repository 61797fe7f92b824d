<script setup lang="ts">
import { strengthWords, type RankedCause, type Verdict } from '@spudder/core/diagnosis'
import { computed, ref } from 'vue'

/** Causes as bars, each opening to its reasons. */
const props = defineProps<{
  verdict: Verdict
  /** How many causes stand before "more". */
  shown?: number
  /** Opens the leading cause to begin with. */
  isOpen?: boolean
}>()

const all = ref(false)
const causes = computed(() => props.verdict.ranked.slice(0, all.value ? undefined : (props.shown ?? 5)))
const percent = (share: number) => (share < 0.005 ? '< 1 %' : `${Math.round(share * 100)} %`)

/** Reasons worth a line, strongest first. */
const worthSaying = ({ reasons }: RankedCause) =>
  reasons.filter(({ weightDb }) => strengthWords(weightDb) !== 'hardly')
</script>

<template>
  <ol class="causes">
    <li v-for="(ranked, index) in causes" :key="ranked.cause.id">
      <details :open="isOpen && index === 0">
        <summary>
          <span class="line">
            <span class="name">{{ ranked.cause.name }}</span>
            <span class="share">{{ percent(ranked.probability) }}</span>
          </span>
          <span class="track"><i :style="{ width: `${ranked.probability * 100}%` }" /></span>
        </summary>
        <div class="opened">
          <p>{{ ranked.cause.mechanism }}</p>
          <ul>
            <li v-for="reason in worthSaying(ranked)" :key="reason.label + reason.words">
              <span :class="['sign', { against: reason.weightDb < 0 }]">
                {{ reason.weightDb > 0 ? 'for' : 'against' }}
              </span>
              <span>
                <b>{{ reason.words }}</b> {{ strengthWords(reason.weightDb) }}
                <template v-if="reason.why && reason.weightDb > 0">: {{ reason.why }}</template>
              </span>
            </li>
          </ul>
          <p v-if="worthSaying(ranked).length === 0" class="faint">Nothing found speaks for or against it yet.</p>
          <p v-if="ranked.cause.remedy === 'not-iron'" class="no-iron">Not iron: do not buy iron for this.</p>
          <p class="advice">{{ ranked.cause.advice }}</p>
        </div>
      </details>
    </li>
  </ol>
  <button v-if="!all" type="button" class="more" @click="all = true">
    {{ verdict.ranked.length - causes.length }} less likely causes
  </button>
</template>

<style scoped>
.causes {
  list-style: none;
  display: grid;
  gap: 9px;
}
summary {
  cursor: pointer;
  list-style: none;
  display: grid;
  gap: 3px;
}
.line {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  align-items: baseline;
}
.name {
  font-weight: 560;
  line-height: 1.25;
}
li:first-child > details > summary .name {
  font-size: 1.12rem;
  font-weight: 660;
}
.share {
  font-weight: 620;
}
.track {
  height: 7px;
  background: var(--sunken);
  border-radius: 2px;
}
.track i {
  display: block;
  height: 100%;
  min-width: 1px;
  background: var(--slate);
  border-radius: 2px;
  transition: width 0.18s;
}
li:first-child > details > summary .track i {
  background: var(--rust);
}
@media (prefers-reduced-motion: reduce) {
  .track i {
    transition: none;
  }
}
.opened {
  padding: 7px 0 4px 10px;
  border-left: 2px solid var(--line);
  margin-top: 6px;
  display: grid;
  gap: 6px;
  font-size: 0.88rem;
}
.opened li {
  display: grid;
  grid-template-columns: 54px 1fr;
  gap: 6px;
  padding: 2px 0;
}
.sign {
  font-weight: 620;
}
.sign.against {
  color: var(--slate);
  font-style: italic;
}
.no-iron {
  font-weight: 620;
  color: var(--rust);
}
.advice {
  color: var(--slate);
}
.more {
  margin-top: 10px;
  border: 0;
  background: none;
  color: var(--rust);
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  padding: 4px 0;
  font-size: 0.86rem;
}
</style>
