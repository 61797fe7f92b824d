<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { formatNumber } from '@spudder/core/base/writing'
import type { ReadingDto } from '@spudder/contract/reading'
import { readRight, wayOf } from '@spudder/core/seen/instrument'
import {
  doubtOf,
  readingKinds,
  readingMedia,
  readingMethods,
  readingPlaces,
  type ReadingKind,
  type ReadingMedium,
} from '@spudder/core/seen/reading'
import { computed, ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import MendButton from '../../shared/history/MendButton.vue'
import MadeUpTag from '../../shared/practice/MadeUpTag.vue'
import { dayWords } from '../../shared/units/today.ts'

/** What was measured, the newest first, by what it was measured in. */
const { whole, stand, known } = useStandCase()
const all = ref(false)
const shownEach = 7
const media = ['soil', 'tissue', 'water'] as const satisfies readonly ReadingMedium[]
/** In a loop the pH is that of the water. */
const mediumOf = (kind: ReadingKind): ReadingMedium =>
  kind === 'pH' && stand.value?.size.kind === 'solution' ? 'water' : readingKinds[kind].medium
const groups = computed(() =>
  media
    .map((medium) => ({
      medium,
      readings: (whole.value?.readings ?? [])
        .filter(({ kind }) => mediumOf(kind) === medium)
        .toReversed(),
    }))
    .filter(({ readings }) => readings.length > 0),
)
const isCut = computed(() => groups.value.some(({ readings }) => readings.length > shownEach))
const aboutOf = (each: ReadingDto) =>
  `${readingKinds[each.kind].label} ${formatNumber(each.value, 3)}, ${dayWords(each.takenOn)}`
const placeWords = ({ place }: ReadingDto) =>
  place && place !== 'whole' ? `, of ${readingPlaces[place]}` : ''
/** What a reading counts as by what its instrument showed beside a laboratory. */
function countedAs(each: ReadingDto): string {
  const { ways } = known.value
  if (!wayOf(ways, each)) return ''
  const right = readRight(ways, each)
  return `; counts as ${formatNumber(right.value, 3)} ± ${formatNumber(doubtOf(right), 2)}`
}
</script>

<template>
  <section aria-label="Readings">
    <h2 class="minor">Readings</h2>
    <p v-if="groups.length === 0" class="faint-note">Nothing measured yet.</p>
    <template v-for="{ medium, readings } in groups" :key="medium">
      <h3>{{ readingMedia[medium] }}</h3>
      <ul>
        <li v-for="each in all ? readings : readings.slice(0, shownEach)" :key="each.id">
          <span>{{ readingKinds[each.kind].label }}</span>
          <b>
            {{ formatNumber(each.value, 3) }}
            <span class="unit text-tiny"
              >± {{ formatNumber(doubtOf(each), 2) }} {{ readingKinds[each.kind].unit }}</span
            >
          </b>
          <span class="about all-columns text-tiny text-slate">
            {{ dayWords(each.takenOn) }}, {{ each.instrument || readingMethods[each.method].label
            }}{{ placeWords(each) }}{{ countedAs(each) }}
            <MadeUpTag :came="each.came" />
            <MendButton :id="each.id" kind="reading" :about="aboutOf(each)" />
          </span>
        </li>
      </ul>
    </template>
    <Button v-if="isCut && !all" class="more" type="link" size="small" @click="all = true">
      All readings
    </Button>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 5px;
}
h3 {
  margin: 6px 0 0;
  font-size: var(--text-tiny);
  font-weight: 600;
  color: var(--slate);
}
li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 10px;
  padding: 3px 0;
  border-top: 1px solid var(--line);
  font-size: var(--text-small);
}
b {
  font-variant-numeric: tabular-nums;
}
.more {
  justify-self: start;
}
</style>
