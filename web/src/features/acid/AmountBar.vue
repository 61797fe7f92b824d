<script setup lang="ts">
import { whyTablesDiffer, type AcidNeed } from '@spudder/core/soil/acid-plan'
import { kgLimePerMol } from '@spudder/core/material/source'
import { amountRange } from '@spudder/core/base/quantity'
import { textures } from '@spudder/core/soil/soil'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import HowGot from '../../shared/how/HowGot.vue'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import { groundRange, groundUnit, inGroundUnit } from '../../shared/units/ground-rate.ts'
import { useAcidStore } from './acid-store.ts'

/** How much: our range, and the published tables as ticks on the same line. */
const props = defineProps<{ need: AcidNeed }>()
const { system, draft, tables, ground, groundM2 } = useAcidStore()
const width = useWidth('line')
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
/** Letters that would write over each other are moved apart [px]. */
const leastApart = 11
const letters = computed(() => {
  let last = -Infinity
  return ticks.value.map(({ value }) => (last = Math.max(x.value(value), last + leastApart)))
})
const shown = computed(() => ({
  low: inGroundUnit(pure.value.low, unit.value),
  usual: inGroundUnit(pure.value.usual, unit.value),
  high: inGroundUnit(pure.value.high, unit.value),
}))
const x = computed(() =>
  scaleLinear(
    [0, Math.max(shown.value.high, ...ticks.value.map(({ value }) => value)) * 1.08],
    [2, Math.max(180, width.value) - 8],
  ),
)
const total = computed(() =>
  groundM2 === undefined
    ? undefined
    : amountRange('mass', pure.value.low * groundM2, pure.value.high * groundM2, system.value),
)
const what = computed(() => (isUp.value ? 'lime, as pure CaCO₃' : 'pure sulfur'))
</script>

<template>
  <section class="amount" aria-label="How much">
    <p>
      <b class="big">{{ groundRange(pure, unit) }}</b> <span class="what">{{ what }}</span>
    </p>
    <p v-if="total" class="faint-note">
      {{ total }} for the whole ground; 8 of 10 such soils want an amount in this range. Not an
      exact science: in steps, and test between.
    </p>
    <div ref="line" class="line">
      <svg
        :width="Math.max(180, width)"
        height="46"
        role="img"
        :aria-label="`${groundRange(pure, unit)} ${what}`"
      >
        <line :x1="x(0)" :x2="x.range()[1]" y1="20" y2="20" class="axis" />
        <rect
          :x="x(shown.low)"
          :width="Math.max(2, x(shown.high) - x(shown.low))"
          y="13"
          height="14"
          rx="3"
          class="range"
        />
        <line :x1="x(shown.usual)" :x2="x(shown.usual)" y1="9" y2="31" class="usual" />
        <g v-for="(tick, index) in ticks" :key="`${tick.table.id} ${tick.column}`">
          <path :d="`M${x(tick.value)},${13}l-4,-8h8z`" :class="['tick', { own: tick.isOwn }]" />
          <text :x="letters[index]" y="43" text-anchor="middle">{{ 'abcdef'[index] }}</text>
        </g>
      </svg>
    </div>
    <ul v-if="ticks.length > 0" class="legend">
      <li v-for="(tick, index) in ticks" :key="`${tick.table.id} ${tick.column}`">
        <b>{{ 'abcdef'[index] }}</b> {{ tick.value.toPrecision(2) }}: {{ tick.table.name }},
        {{ tick.column }}
      </li>
    </ul>
    <details v-if="ticks.length > 0 && ground" class="faint-note">
      <summary>Why they differ</summary>
      {{ whyTablesDiffer(ground) }}
    </details>
    <div class="hows">
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
.amount {
  display: grid;
  gap: 5px;
  min-width: 0;
}
.big {
  font-size: 1.75rem;
  letter-spacing: -0.015em;
  line-height: 1.1;
}
.what {
  color: var(--slate);
  font-size: 0.9rem;
}
.line {
  overflow: hidden;
}
svg {
  display: block;
}
.axis {
  stroke: var(--strong-line);
}
.range {
  fill: var(--strong-line);
}
.usual {
  stroke: var(--ink);
  stroke-width: 2.4;
}
.tick {
  fill: var(--slate);
}
.own {
  fill: var(--rust);
}
text {
  font-size: 11.5px;
  fill: var(--slate);
}
summary {
  cursor: pointer;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
.hows {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 1px 14px;
  font-size: 0.82rem;
  color: var(--slate);
}
</style>
