<script setup lang="ts">
import { useMay } from '../../api/me.ts'
import type { Right } from '@spudder/contract/access'
import FoldedHead from './FoldedHead.vue'
import TrailLine from '../../shared/shell/TrailLine.vue'
import { useNarrow } from '../../ui/use-narrow.ts'
import { Button, Skeleton } from 'ant-design-vue'
import { toStandSize } from '@spudder/contract/stand'
import { addDays } from '@spudder/core/base/calendar'
import { contexts, findPlant, sizeWords } from '@spudder/core/stand/plant'
import { useElementBounding } from '@vueuse/core'
import { computed, onBeforeUnmount, useTemplateRef, watch, watchEffect } from 'vue'
import TakeAlong from '../../offline/TakeAlong.vue'
import { provideStandCase } from '../../shared/case/stand-case.ts'
import { useRoute } from 'vue-router'
import RoleNote from '../../shared/role/RoleNote.vue'
import { usePalette } from '../../shared/shell/use-palette.ts'
import { ribbonModel } from '../../shared/ribbon/ribbon-model.ts'
import RibbonBand from '../../shared/ribbon/RibbonBand.vue'
import SpanChoice from '../../shared/ribbon/SpanChoice.vue'
import { timeScale } from '../../shared/ribbon/time-axis.ts'
import TimeAxis from '../../shared/ribbon/TimeAxis.vue'
import { useTimeWindow } from '../../shared/ribbon/use-time-window.ts'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import { dayWords } from '../../shared/units/today.ts'
import CaseSteps from './CaseSteps.vue'

const props = defineProps<{ standId: string }>()
const standCase = provideStandCase(computed(() => props.standId))
const { story, stand, system, query } = standCase

const time = useTimeWindow()
const { may } = useMay()
const palette = usePalette()
const width = useWidth('axis')
const scale = computed(() => timeScale(time.window, width.value))
const isNarrow = useNarrow()
/** Who scrolls to the work keeps one line of the head. */
const below = useTemplateRef<HTMLElement>('below')
const { bottom } = useElementBounding(below)
const isFolded = computed(() => stand.value !== undefined && bottom.value < 0)
const model = computed(() => {
  if (!story.value) return undefined
  const until = time.window.to > time.today ? time.window.to : addDays(time.today, 1)
  return ribbonModel(story.value, standCase.known.value, time.today, until)
})
/** While a case is open, its leaves' own time is marked on the ribbon. */
const grewIn = computed(() =>
  standCase.hasFindings.value && standCase.openCase.value
    ? standCase.verdict.value?.window
    : undefined,
)
const route = useRoute()
/** On the look a day pointed at is the day of what is told. */
const isTelling = computed(() => route.name === 'look')
const about = computed(() => {
  if (!stand.value) return ''
  const { plantId, context, size, note } = stand.value
  const parts = [
    findPlant(plantId).name,
    contexts[context].label,
    sizeWords(toStandSize(size), system.value),
    note,
  ]
  return parts.filter((part) => part !== '').join(' · ')
})

const panels = [
  'look',
  'verdict',
  'bench',
  'remedy',
  'acid',
  'jobs',
  'watch',
  'trials',
  'zones',
] as const
/** What one has to be allowed for what is stored there. */
const needsOf: Readonly<Record<(typeof panels)[number], Right | undefined>> = {
  look: 'look',
  verdict: undefined,
  bench: 'look',
  remedy: 'plan',
  acid: 'plan',
  jobs: 'apply',
  watch: 'look',
  trials: 'look',
  zones: 'plan',
}
const needs = computed(() => {
  const panel = panels.find((name) => name === route.name)
  return panel && needsOf[panel]
})
const wordsOf = (name: string): string =>
  name === 'acid' ? 'Acid plan' : `${name[0]?.toUpperCase()}${name.slice(1)}`
const trail = computed(() => {
  const step = panels.find((name) => name === route.name)
  const name = stand.value?.name ?? '…'
  if (!step) return [{ words: name }]
  return [
    { words: name, to: { name: 'stand', params: { standId: props.standId } } },
    { words: wordsOf(step) },
  ]
})
watchEffect(() => {
  if (stand.value) document.title = `${stand.value.name} · Spudder`
})

watch(
  () => stand.value,
  (now) => {
    palette.local = now
      ? panels.map((name) => ({
          words: wordsOf(name),
          hint: now.name,
          to: { name, params: { standId: now.id } },
        }))
      : []
  },
  { immediate: true },
)
onBeforeUnmount(() => (palette.local = []))
</script>

<template>
  <p v-if="query.error.value" class="notice" role="alert">
    {{ query.error.value.message }}
    <Button size="small" @click="query.refetch()">Try again</Button>
    <RouterLink :to="{ name: 'estate' }">Back to the estate</RouterLink>
  </p>
  <TrailLine :steps="trail" />
  <FoldedHead
    v-if="isFolded && model"
    :name="stand?.name ?? ''"
    :model="model"
    :window="time.window"
    :today="time.today"
  />
  <div class="head lined items-center gap-24 wrapped">
    <div class="title shrinks">
      <h1>{{ stand?.name ?? '…' }}</h1>
      <p class="about text-small text-slate">
        {{ about }}
      </p>
      <p v-if="stand" class="lined wrapped items-center gap-12 text-small text-slate">
        <RouterLink v-if="may('plan')" class="reach" :to="{ name: 'size' }"
          >measure, change</RouterLink
        >
        <TakeAlong :stand-id="stand.id" :name="stand.name" />
      </p>
    </div>
    <p v-if="model?.now" class="now stack text-small text-slate">
      <span class="figure">{{ model.now.figure }}</span>
      <span>{{ model.now.words }}, seen {{ dayWords(model.now.day) }}</span>
    </p>
    <SpanChoice v-if="!isNarrow" />
  </div>
  <div ref="axis" class="ribbon above-4">
    <TimeAxis :scale="scale" :today="time.today" />
    <RibbonBand
      v-if="model"
      :model="model"
      :scale="scale"
      :today="time.today"
      :band-height="54"
      :label="stand?.name ?? ''"
      :grew-in="grewIn"
      is-large
      :is-pickable="isTelling"
      @pick="standCase.pickedDay.value = $event"
    />
  </div>
  <span ref="below" />
  <template v-if="story">
    <CaseSteps />
    <RoleNote v-if="needs" :needs="needs" />
    <RouterView />
  </template>
  <Skeleton v-else-if="!query.error.value" active :paragraph="{ rows: 8 }" />
</template>

<style scoped>
.title {
  margin-right: auto;
}
.now {
  text-align: right;
}
.now .figure {
  font-size: var(--text-large);
  font-weight: 650;
  color: var(--ink);
}
.ribbon {
  overflow: hidden;
}
.notice {
  padding: 10px 14px;
  background: var(--rust-wash);
  border-left: 3px solid var(--rust);
}
@media (width < 700px) {
  .head {
    gap: 6px 16px;
  }
  .now {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
}
</style>
