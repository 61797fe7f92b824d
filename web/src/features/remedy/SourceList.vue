<script setup lang="ts">
import type { IronSourceId, RankedSource } from '@spudder/core/choice'
import { markWords } from '@spudder/core/reference'
import { formatNumber } from '@spudder/core/quantity'
import type { Rate } from '@spudder/core/rate'
import { percent } from '../../shared/words/percent.ts'

defineProps<{
  ranked: readonly (RankedSource & { readonly rates: readonly Rate[] })[]
  chosenId: IronSourceId | undefined
}>()
const emit = defineEmits<{ choose: [id: IronSourceId] }>()

const fitnessWords = { works: 'works', weak: 'weak here', fails: 'fails here' } as const
const costWords = ({ fitness, relativeCost }: RankedSource) =>
  fitness === 'fails'
    ? 'money put into it here is wasted'
    : `iron that works costs ${formatNumber(relativeCost, 2)} × the price of iron in sulfate`
</script>

<template>
  <ol class="sources">
    <li
      v-for="each in ranked"
      :key="each.source.id"
      :class="[each.fitness, { on: each.source.id === chosenId }]"
    >
      <label>
        <input
          type="radio"
          name="source"
          :value="each.source.id"
          :checked="each.source.id === chosenId"
          :disabled="each.rates.length === 0"
          @change="emit('choose', each.source.id)"
        />
        <span class="name">{{ each.source.name }}</span>
        <span class="fitness">{{ fitnessWords[each.fitness] }}</span>
      </label>
      <div class="bar" :title="`${percent(each.working.low)} to ${percent(each.working.high)}`">
        <i
          class="range"
          :style="{
            left: `${each.working.low * 100}%`,
            width: `${(each.working.high - each.working.low) * 100}%`,
          }"
        />
        <i class="usual" :style="{ left: `${each.working.usual * 100}%` }" />
      </div>
      <p>{{ each.reason }}</p>
      <p class="facts">
        <span>{{ costWords(each) }}</span>
        <span>{{ percent(each.source.ironShare.usual) }} iron</span>
        <span v-if="each.rates.length === 0">no rate known for this kind of stand</span>
      </p>
      <details>
        <summary>how</summary>
        <p>
          {{ each.source.remark }} Share of use: {{ each.working.source }} ({{
            markWords[each.working.mark]
          }}). Cost against a kilogram of iron in ferrous sulfate: price relation
          {{ each.source.relativePrice.value }} ({{ each.source.relativePrice.source }}) divided by
          the share of use. Works from 70 %, where the expected curves give out as the trade says,
          if 25 % stay even in the worst case.
        </p>
      </details>
    </li>
  </ol>
</template>

<style scoped>
.sources {
  list-style: none;
  display: grid;
}
li {
  padding: 9px 10px;
  border-top: 1px solid var(--line);
  display: grid;
  gap: 4px;
  font-size: 0.87rem;
}
.on {
  background: var(--sheet);
  box-shadow: inset 3px 0 0 var(--rust);
}
label {
  display: flex;
  gap: 9px;
  align-items: baseline;
  cursor: pointer;
  min-height: 24px;
}
.name {
  font-weight: 620;
  font-size: 1rem;
}
.fitness {
  margin-left: auto;
  font-weight: 600;
}
.fails .fitness,
.weak .fitness {
  color: var(--slate);
  font-style: italic;
  font-weight: 500;
}
.fails .name {
  color: var(--slate);
}
input {
  accent-color: var(--rust);
}
.bar {
  position: relative;
  height: 8px;
  background: var(--sunken);
  border-radius: 2px;
  margin-right: 4px;
}
.range {
  position: absolute;
  height: 100%;
  min-width: 2px;
  background: var(--strong-line);
}
.usual {
  position: absolute;
  width: 3px;
  height: 14px;
  top: -3px;
  background: var(--ink);
}
.facts {
  display: flex;
  gap: 16px;
  color: var(--slate);
}
summary {
  cursor: pointer;
  color: var(--rust);
  font-size: 0.82rem;
}
details p {
  color: var(--slate);
}
</style>
