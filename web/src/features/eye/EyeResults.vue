<script setup lang="ts">
import {
  between,
  biasInMiddle,
  isStale,
  staleAfter,
  type Eye,
  type KeptSitting,
} from '@spudder/core/seen/eye'
import { daysBetween } from '@spudder/core/base/calendar'
import { computed, ref } from 'vue'
import { useMe } from '../../api/me.ts'
import {
  apartWords,
  biasWords,
  driftWords,
  eyeDerivation,
  screenWords,
  spreadWords,
} from '../../shared/eye/eye-words.ts'
import HowGot from '../../shared/how/HowGot.vue'
import { today } from '../../shared/units/today.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'
import EyeChart from './EyeChart.vue'

/** The eyes of a place on one scale, side by side, and one of them close by. */
const props = defineProps<{ eyes: readonly Eye[]; sittings: readonly KeptSitting[] }>()
const { me } = useMe()

const chosen = ref('')
const names = computed(() => props.eyes.map(({ person }) => person))
/** One's own eye first; whoever never sat sees the first of the others. */
const person = computed({
  get: () =>
    [chosen.value, me.value?.name ?? ''].find((name) => names.value.includes(name)) ??
    names.value[0] ??
    '',
  set: (name: string) => (chosen.value = name),
})
const eye = computed(() => props.eyes.find((each) => each.person === person.value))
const others = computed(() =>
  eye.value
    ? props.eyes
        .filter((other) => other !== eye.value)
        .map((other) => ({
          name: other.person,
          apart: between(other, eye.value as Eye),
          screens: screenWords(other, eye.value as Eye),
        }))
    : [],
)
const lastWords = (each: Eye) => {
  const days = daysBetween(each.lastOn, today())
  const ago = days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`
  return isStale(each, today()) ? `${ago}: due again` : ago
}
const columns: readonly Column<Eye>[] = [
  { key: 'person', title: 'Who', isHead: true, text: (each) => each.person },
  {
    key: 'bias',
    title: 'Against the truth',
    text: (each) => biasWords(biasInMiddle(each)),
    sortBy: (each) => each.bias.middle.mean,
  },
  {
    key: 'spread',
    title: 'Single ratings stray',
    text: spreadWords,
    sortBy: (each) => each.spread.mean,
  },
  { key: 'drift', title: 'Over time', text: driftWords },
  { key: 'last', title: 'Last sitting', text: lastWords, sortBy: (each) => each.lastOn },
]
</script>

<template>
  <section class="stack gap-16" aria-label="How eyes rate">
    <DataTable
      label="Eyes"
      :columns="columns"
      :rows="eyes"
      :row-key="(each) => each.person"
      :row-class="(each) => (isStale(each, today()) ? 'stale' : '')"
    />
    <p class="faint-note">
      In the middle of the scale; brackets hold the truth nine times in ten. An eye is due again
      after {{ staleAfter.value }} days. A screen that was not measured is part of the eye: compare
      people who rated on the same one.
    </p>
    <template v-if="eye">
      <ChoiceField
        v-if="names.length > 1"
        v-model="person"
        label="Eye of"
        :options="names.map((value) => ({ value, words: value }))"
      />
      <EyeChart :eye="eye" :sittings="sittings" />
      <p class="faint-note">
        Points: what was said of each picture. Thin line: the truth. Thick line: this eye, with its
        doubt.
      </p>
      <HowGot :derivation="eyeDerivation(eye)" />
      <ul v-if="others.length > 0" class="plain stack gap-4">
        <li v-for="{ name, apart, screens } in others" :key="name">
          Of the same turf or leaf {{ name }} says <b>{{ apartWords(apart) }}</b> than
          {{ eye.person }}. <span v-if="screens !== ''" class="text-rust">{{ screens }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
:deep(.stale td) {
  color: var(--rust);
}
</style>
