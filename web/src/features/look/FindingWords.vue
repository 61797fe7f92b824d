<script setup lang="ts">
import {
  findingVocabulary,
  findingsAsked,
  valuesOf,
  type FindingName,
  type Findings,
} from '@spudder/core/seen/finding'
import type { Context } from '@spudder/core/stand/plant'
import { computed } from 'vue'
import FindingGroup from './FindingGroup.vue'

const props = defineProps<{ context: Context; findings: Findings }>()
const emit = defineEmits<{ say: [name: FindingName, value: string | undefined] }>()

const groupWords = {
  leaf: 'Leaves',
  plant: 'Plant',
  ground: 'Ground',
  story: 'Story',
  test: 'Tests by hand',
} as const
type Group = keyof typeof groupWords
const groupNames = Object.keys(groupWords) as readonly Group[]

/** Said by painting; the words for them stand with the brush. */
const painted: readonly FindingName[] = ['pattern', 'severity', 'oldPattern']
/** Asked openly; the others wait behind "more". */
const first: ReadonlySet<FindingName> = new Set([
  'tier',
  'newestLeaves',
  'whereOnPlant',
  'growth',
  'roots',
  'whereOnGround',
  'wetness',
  'feed',
  'onset',
])

const groups = computed(() =>
  groupNames
    .map((group) => {
      const names = findingsAsked(props.context).filter(
        (name) => findingVocabulary[name].group === group && !painted.includes(name),
      )
      return {
        group,
        names,
        open: names.filter((name) => first.has(name)),
        more: names.filter((name) => !first.has(name)),
      }
    })
    .filter(({ names }) => names.length > 0),
)
/**
 * What is said of each kind. A kind of which nothing changed keeps its own, so that a tap, or a
 * stroke of the brush, draws the chips of that kind alone.
 */
const saidOf = computed<ReadonlyMap<Group, Findings>>(
  (before) =>
    new Map(
      groups.value.map(({ group, names }) => {
        const now: Findings = Object.fromEntries(names.map((name) => [name, props.findings[name]]))
        const last = before?.get(group)
        return [group, last && names.every((name) => last[name] === now[name]) ? last : now]
      }),
    ),
)
const leafWords = computed(() => {
  const { pattern, severity, oldPattern } = props.findings
  if (!pattern || !severity) return 'Paint a leaf to say how pale and which pattern.'
  const old = oldPattern ? `; the oldest leaves ${valuesOf('oldPattern')[oldPattern]}` : ''
  return `Painted: ${valuesOf('pattern')[pattern]}, severity ${valuesOf('severity')[severity]}${old}.`
})
</script>

<template>
  <div class="words gap-16">
    <section v-for="{ group, open, more } in groups" :key="group">
      <h2>{{ groupWords[group] }}</h2>
      <p v-if="group === 'leaf'" class="painted text-small text-slate">{{ leafWords }}</p>
      <FindingGroup
        :open="open"
        :more="more"
        :findings="saidOf.get(group) ?? {}"
        @say="(name, value) => emit('say', name, value)"
      />
    </section>
  </div>
</template>

<style scoped>
.words,
section {
  display: grid;
  gap: 11px;
}
/* What is off a phone's screen is not drawn anew with each tap. */
@media (width < 700px) {
  section {
    content-visibility: auto;
    contain-intrinsic-height: auto 400px;
    /* Room for the ring about a chip, which would be cut off at the edge. */
    margin-inline: -4px;
    padding-inline: 4px;
  }
}
</style>
