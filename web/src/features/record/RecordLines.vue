<script setup lang="ts">
import type { RecordLineDto } from '@spudder/contract/entry'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { computed } from 'vue'
import { dayWords } from '../../shared/units/today.ts'
import { correctionWords, isStruckThrough, lineWords } from './record-rows.ts'

/** Lines of the record as an inspector reads them, the newest first. */
const props = defineProps<{
  lines: readonly RecordLineDto[]
  system: UnitSystem
  /** Whether whoever reads it may go on to the stands. */
  canOpenStands: boolean
}>()
const shown = computed(() =>
  props.lines.map((line) => ({
    ...line,
    said: lineWords(line, props.system),
    isOff: isStruckThrough(line),
    correction: correctionWords(line),
  })),
)
</script>

<template>
  <ol>
    <li
      v-for="{ entry, standName, isCorrected, isOff, correction, said } in shown"
      :key="entry.id"
      :class="{ corrected: isOff }"
    >
      <span class="day">
        <b>{{ dayWords(entry.happenedOn) }}</b>
        <span v-if="said.clock" class="part text-small text-slate">{{ said.clock }}</span>
      </span>
      <span>
        <RouterLink
          v-if="canOpenStands"
          :to="{ name: 'jobs', params: { standId: entry.standId } }"
          >{{ standName }}</RouterLink><b v-else>{{ standName }}</b
        >: <span class="what text-strong">{{ said.what }}</span>
        <span class="part text-small text-slate">
          {{ said.who }}<template v-if="said.weather">; {{ said.weather }}</template
          ><template v-if="said.partners">; with {{ said.partners }}</template
          ><template v-if="said.besides.length > 0">; {{ said.besides.join('; ') }}</template>
        </span>
        <span v-if="entry.note" class="part text-small text-slate">“{{ entry.note }}”</span>
        <span v-if="correction" class="part text-small text-slate">{{ correction }}</span>
        <span v-if="isCorrected" class="part text-small text-slate"
          >Line {{ entry.id.slice(0, 8) }}, corrected by a later one; kept as it was.</span
        >
      </span>
      <span class="amount">
        <b>{{ said.used }}</b>
        <span class="part text-small text-slate">
          planned {{ said.planned }}<template v-if="said.water"><br />in {{ said.water }}</template>
        </span>
      </span>
    </li>
  </ol>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  border-top: 1px solid var(--line);
  padding: 8px 0;
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr) 150px;
  gap: 14px;
}
.day,
.amount {
  display: grid;
  align-content: start;
}
.amount {
  justify-items: end;
  text-align: right;
}
.part {
  display: block;
}
.corrected .what,
.corrected b {
  text-decoration: line-through;
  color: var(--slate);
}
@media (width < 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 4px 12px;
  }
  .day {
    grid-column: 1 / -1;
    grid-template-columns: auto auto;
    justify-content: start;
    gap: 10px;
    align-items: baseline;
  }
}
</style>
