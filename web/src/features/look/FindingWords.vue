<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import FoldBox from '../../ui/FoldBox.vue'
import {
  findingNames,
  findingVocabulary,
  findingsAsked,
  valuesOf,
  type FindingName,
  type Findings,
} from '@spudder/core/seen/finding'
import type { Context } from '@spudder/core/stand/plant'
import { computed } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'

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
      const more = names.filter((name) => !first.has(name))
      return {
        group,
        open: names.filter((name) => first.has(name)),
        more,
        known: more.filter((name) => props.findings[name] !== undefined).length,
      }
    })
    .filter(({ open, more }) => open.length + more.length > 0),
)
/** Made once, so that a stroke of the brush leaves the chips that it does not touch alone. */
const options = computed(
  () =>
    new Map(
      findingNames.map((name) => [
        name,
        Object.entries(valuesOf(name)).map(([value, words]) => ({ value, words: said(words) })),
      ]),
    ),
)
const optionsOf = (name: FindingName) => options.value.get(name) ?? []
/** Made once as well: a new one each time would draw every chip anew with every tap. */
const say = Object.fromEntries(
  findingNames.map((name) => [name, (value?: string) => emit('say', name, value)]),
) as Readonly<Record<FindingName, (value?: string) => void>>
const leafWords = computed(() => {
  const { pattern, severity, oldPattern } = props.findings
  if (!pattern || !severity) return 'Paint a leaf to say how pale and which pattern.'
  const old = oldPattern ? `; the oldest leaves ${valuesOf('oldPattern')[oldPattern]}` : ''
  return `Painted: ${valuesOf('pattern')[pattern]}, severity ${valuesOf('severity')[severity]}${old}.`
})
</script>

<template>
  <div class="words gap-16">
    <section v-for="{ group, open, more, known } in groups" :key="group">
      <h2>{{ groupWords[group] }}</h2>
      <p v-if="group === 'leaf'" class="painted text-small text-slate">{{ leafWords }}</p>
      <ChipChoice
        v-for="name in open"
        :key="name"
        :label="findingVocabulary[name].label"
        :options="optionsOf(name)"
        :model-value="findings[name]"
        is-optional
        @update:model-value="say[name]"
      />
      <FoldBox v-if="more.length > 0" :open="known > 0"
        ><template #head
          >{{ open.length > 0 ? 'More' : 'What came out' }} ({{ more.length }})</template
        >
        <div class="more inside-10">
          <ChipChoice
            v-for="name in more"
            :key="name"
            :label="findingVocabulary[name].label"
            :options="optionsOf(name)"
            :model-value="findings[name]"
            is-optional
            @update:model-value="say[name]"
          />
        </div>
      </FoldBox>
    </section>
  </div>
</template>

<style scoped>
.words,
section,
.more {
  display: grid;
  gap: 11px;
}
</style>
