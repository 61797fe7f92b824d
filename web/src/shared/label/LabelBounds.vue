<script setup lang="ts">
import type { Column } from '../../ui/table-columns.ts'
import DataTable from '../../ui/DataTable.vue'
import { formatDecimals, formatNumber } from '@spudder/core/base/writing'
import {
  checkLabel,
  labelBounds,
  labelCourse,
  labelShareBySchools,
  type LabelDraft,
  type LabelShare,
} from '@spudder/core/material/label'
import type { PHBelief } from '@spudder/core/material/persistence'
import { routeWords, type Route } from '@spudder/core/stand/plant'
import { percent } from '@spudder/core/base/quantity'
import { findIronSource } from '@spudder/core/material/source'
import { computed, ref } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'

/** What a label's iron can be made of, and how much of it would work. */
const props = defineProps<{
  draft: LabelDraft
  pH: PHBelief
  routes: readonly Route[]
}>()

const sulfurFrom = ref<'anything' | 'sulfates'>('anything')
const sulfurOptions = [
  { value: 'anything', words: 'may be elemental' },
  { value: 'sulfates', words: 'all from sulfates' },
] as const

const label = computed(() => checkLabel(props.draft).label)
const options = computed(() => ({ sulfurFrom: sulfurFrom.value }))
const bounds = computed(() => label.value && labelBounds(label.value, options.value))
const pure = computed(
  () => label.value && labelBounds(label.value, { ...options.value, richness: 'pure' }),
)
const isWide = computed(() => (label.value?.sourceIds.length ?? 0) === 0)
const rows = computed(() => {
  if (!bounds.value?.possible) return []
  const ofPure = pure.value?.possible ? pure.value.sources : []
  return bounds.value.sources
    .filter(({ mostShare }) => mostShare > 0.0005)
    .map((each) => ({
      ...each,
      name: findIronSource(each.sourceId).name,
      pure: ofPure.find(({ sourceId }) => sourceId === each.sourceId),
    }))
})
const saltShare = computed(() => (bounds.value?.possible ? bounds.value.openLeastShare : 0))
/** Bounds to a tenth, as they are calculated: "29.9 %". */
const exact = (share: number): string => `${formatNumber(share * 100, 3)} %`
/** What the bounds come to, said first. */
const sentences = computed(() => {
  if (!label.value || !bounds.value?.possible) return []
  const said: string[] = []
  const named = rows.value.filter(({ sourceId }) => label.value?.sourceIds.includes(sourceId))
  if (saltShare.value > 0.5) {
    said.push(
      `Mostly salt: at least ${exact(saltShare.value)} of the iron is not chelated, whatever the front of the bag says.`,
    )
  }
  for (const row of named) {
    if (
      named.length > 1 &&
      row.mostShare < 0.995 &&
      findIronSource(row.sourceId).kind === 'chelate'
    ) {
      said.push(`It cannot all be ${row.name}: at most ${exact(row.mostShare)} of the iron.`)
    }
  }
  return said
})
const shareWords = ({ low, high }: LabelShare): string =>
  percent(low) === percent(high) ? percent(low) : `${percent(low)} to ${percent(high)}`
const working = computed(() => {
  const read = label.value
  if (!read || !bounds.value?.possible) return []
  return props.routes
    .map((route) => ({
      route,
      words: routeWords[route],
      share: labelCourse(read, { route, medium: props.pH, ...options.value }).at(0),
      schools: route === 'soil' ? labelShareBySchools(read, props.pH.pH, options.value) : undefined,
    }))
    .filter(({ share }) => share !== undefined)
    .toSorted((a, b) => (b.share?.usual ?? 0) - (a.share?.usual ?? 0))
})
type Carried = (typeof rows.value)[number]
const columns: readonly Column<Carried>[] = [
  { key: 'source', title: 'Iron carried by', isHead: true, text: (row) => row.name },
  { key: 'share', title: 'of the iron', width: 180 },
  {
    key: 'of100',
    title: 'of 100 g',
    text: (row) => `${formatNumber(row.least, 3)}-${formatNumber(row.most, 3)} g`,
  },
  {
    key: 'pure',
    title: 'if pure',
    text: ({ pure: ofPure }) =>
      ofPure ? `${exact(ofPure.leastShare)} to ${exact(ofPure.mostShare)}` : '',
  },
]
</script>

<template>
  <div class="stack gap-8" aria-live="polite">
    <p v-if="!label" class="faint-note">
      Once iron and the other figures can be read, what the iron can be made of stands here.
    </p>
    <p v-else-if="bounds && !bounds.possible" class="stop" role="alert">
      <b>This label cannot be.</b> {{ bounds.words }}
    </p>
    <template v-else-if="bounds?.possible">
      <p v-for="sentence in sentences" :key="sentence" class="text-strong">{{ sentence }}</p>
      <DataTable
        label="Iron that each source can be carrying"
        :columns="columns"
        :rows="rows"
        :row-key="(row) => row.sourceId"
      >
        <template #share="{ row }">
          <span class="bar">
            <i
              :style="{
                left: `${row.leastShare * 100}%`,
                width: `${Math.max(0.8, (row.mostShare - row.leastShare) * 100)}%`,
              }"
            />
          </span>
          {{ exact(row.leastShare) }} to {{ exact(row.mostShare) }}
        </template>
      </DataTable>
      <p v-if="isWide" class="faint-note">
        The label names no source, so it may be any. What it is derived from stands in small print.
      </p>
      <p class="faint-note">
        <template v-if="rows.length > 1">
          The label states a total and not the split: any point between the bounds would be true to
          it.
        </template>
        The other nutrients take at least {{ formatNumber(bounds.othersLeastG, 3) }} of 100 g. “If
        pure” takes compounds richer than is sold.
      </p>
      <ChipChoice
        v-if="(label.totals.S ?? 0) > 0"
        v-model="sulfurFrom"
        label="Its sulfur"
        :options="sulfurOptions"
      />
      <h3>At pH {{ formatDecimals(pH.pH, 1) }} this much of its iron works</h3>
      <ol class="routes stack gap-4 text-body">
        <li v-for="each in working" :key="each.route">
          <b>{{ each.words }}: {{ each.share ? shareWords(each.share) : '' }}</b>
          <span v-if="each.schools">
            by the ceilings that schools keep: {{ shareWords(each.schools) }}
          </span>
        </li>
      </ol>
    </template>
  </div>
</template>

<style scoped>
.bar {
  display: block;
  position: relative;
  height: 7px;
  background: var(--sunken);
  border-radius: 2px;
  margin-bottom: 2px;
}
.bar i {
  position: absolute;
  height: 100%;
  background: var(--ink);
  border-radius: 2px;
}
.routes {
  padding-left: 20px;
}
.routes span {
  display: block;
  font-size: var(--text-small);
  color: var(--slate);
}
h3 {
  font-size: var(--text-body);
}
</style>
