<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import FoldBox from '../../ui/FoldBox.vue'
import { figures } from '../../shared/chart/scales.ts'
import { formatNumber } from '@spudder/core/base/writing'
import { whyTablesDiffer, type AcidNeed } from '@spudder/core/soil/acid-plan'
import { kgLimePerMol } from '@spudder/core/material/source'
import { amountRange } from '@spudder/core/base/quantity'
import { textures } from '@spudder/core/soil/soil'
import { bufferWords } from '@spudder/core/outcome/buffering'
import { computed } from 'vue'
import type { Chart } from '../../shared/chart/chart.ts'
import ChartFrame from '../../shared/chart/ChartFrame.vue'
import { inked } from '../../shared/chart/draw-marks.ts'
import HowGot from '../../shared/how/HowGot.vue'
import { groundRange, groundUnit, inGroundUnit } from '../../shared/units/ground-rate.ts'
import { useAcidStore } from './acid-store.ts'

/** How much: our range, and the published tables as ticks on the same line. */
const props = defineProps<{ need: AcidNeed }>()
const { system, draft, tables, ground, figured, groundM2 } = useAcidStore()
const unit = computed(() => groundUnit(system.value, draft.value.situation))
const isUp = computed(() => props.need.direction === 'up')
const pure = computed(() => {
  const { molPerM2, sulfurKgPerM2 } = props.need
  const { low, usual, high } = molPerM2
  return isUp.value
    ? { low: low * kgLimePerMol, usual: usual * kgLimePerMol, high: high * kgLimePerMol }
    : sulfurKgPerM2
})
const column = computed(() => (ground.value ? textures[ground.value.texture].column : 'loam'))
const ticks = computed(() =>
  tables.value
    .map((each) => ({
      ...each,
      value: inGroundUnit(each.sulfurKgPerM2, unit.value),
      isOwn: each.column === column.value,
    }))
    .toSorted((a, b) => a.value - b.value),
)
const shown = computed(() => ({
  low: inGroundUnit(pure.value.low, unit.value),
  usual: inGroundUnit(pure.value.usual, unit.value),
  high: inGroundUnit(pure.value.high, unit.value),
}))
const total = computed(() =>
  groundM2.value === undefined
    ? undefined
    : amountRange(
        'mass',
        pure.value.low * groundM2.value,
        pure.value.high * groundM2.value,
        system.value,
      ),
)
/** What retests at this place make of the buffering, where they count. */
const learnt = computed(() =>
  ground.value && figured.value && ground.value.buffer.mmolPerKg !== figured.value.buffer.mmolPerKg
    ? `As retests here taught, the ground takes ${bufferWords(ground.value.buffer)}; figured from its tests alone ${bufferWords(figured.value.buffer)}.`
    : undefined,
)
const letterOf = (index: number) => String.fromCharCode('a'.charCodeAt(0) + index)
const legend = computed(() =>
  ticks.value.map(({ value, table, column: soil }) => ({
    key: `${table.id} ${soil}`,
    words: `${table.name}, ${soil}: ${formatNumber(value, 2)}`,
  })),
)
const what = computed(() => (isUp.value ? 'lime, as pure CaCO₃' : 'pure sulfur'))
const chart = computed<Chart>(() => {
  const { low, usual, high } = shown.value
  const most = Math.max(high, ...ticks.value.map(({ value }) => value)) * 1.08
  const own = ticks.value.map(({ value, isOwn }, index) => ({
    x: value,
    y: 0.74,
    fill: inked(isOwn ? 'rust' : 'slate'),
    words: legend.value[index]?.words ?? '',
  }))
  return {
    label: `${groundRange(pure.value, unit.value)} ${what.value}`,
    height: 46,
    margin: { top: 4, right: 8, bottom: 16, left: 2 },
    x: { scale: figures(0, most), ticks: [] },
    y: { scale: figures(0, 1), ticks: [] },
    marks: [
      { kind: 'rule', y: 0.4, ink: 'strong-line' },
      { kind: 'stretch', x: [low, high], y: [0.1, 0.7], ink: 'strong-line' },
      { kind: 'rule', x: usual, ink: 'ink', width: 2.4 },
      { kind: 'points', points: own, size: 4, shape: 'pointer' },
      { kind: 'letters', letters: own.map(({ x }, index) => ({ x, words: letterOf(index) })) },
    ],
  }
})
</script>

<template>
  <section class="amount stack gap-4 shrinks" aria-label="How much">
    <p class="lined wrapped items-baseline gap-8">
      <b class="big text-huge">{{ groundRange(pure, unit) }}</b>
      <span class="text-slate text-small">{{ what }}</span>
    </p>
    <p v-if="total" class="faint-note">
      {{ total }} for the whole ground; 8 of 10 such soils want an amount in this range. Not an
      exact science: in steps, and test between.
    </p>
    <p v-if="learnt" class="faint-note">{{ learnt }}</p>
    <ChartFrame :chart="chart" :name="`How much ${what}`" :least-width="180" is-bare />
    <ul v-if="ticks.length > 0" class="legend lined wrapped text-small text-slate">
      <li v-for="(each, index) in legend" :key="each.key">
        <b>{{ letterOf(index) }}</b> {{ each.words }}
      </li>
    </ul>
    <FoldBox
      v-if="ticks.length > 0 && ground"
      class="faint-note"
      tone="word"
      words="Why they differ"
    >
      {{ said(whyTablesDiffer(ground)) }}
    </FoldBox>
    <div class="hows lined wrapped">
      <HowGot :derivation="need.derivation" />
      <HowGot
        v-if="ground"
        :derivation="ground.buffer.derivation"
        words="how the ground holds its pH"
      />
    </div>
  </section>
</template>

<style scoped>
.big {
  letter-spacing: -0.015em;
  line-height: 1.1;
}
.hows {
  gap: 2px 18px;
}
.legend {
  gap: 1px 14px;
}
</style>
