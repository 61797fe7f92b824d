<script setup lang="ts">
import { putsOut } from '@spudder/core/days/plan'
import { buildSheet } from '@spudder/core/days/sheet'
import { fillEnds, type Outline } from '@spudder/core/stand/ground'
import { Button } from 'ant-design-vue'
import { computed, ref, watch, watchEffect } from 'vue'
import { usePlace } from '../../api/places.ts'
import { useShelf } from '../../api/shelf.ts'
import { useSprayers } from '../../api/sprayers.ts'
import { useStory } from '../../api/stands.ts'
import { keepForOutside } from '../../offline/keep-for-outside.ts'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../shared/form/ProblemNote.vue'
import OutlineSketch from '../../shared/ground/OutlineSketch.vue'
import { plannedOf } from '../../shared/record/record-draft.ts'
import RecordForm from '../../shared/record/RecordForm.vue'
import { sheetInputOf } from '../../shared/sheet/sheet-of-job.ts'
import { today } from '../../shared/units/today.ts'
import SheetFills from './SheetFills.vue'
import TickBox from './TickBox.vue'
import { useSignal } from './use-signal.ts'

/** The page that is taken outside for one job: on a phone with gloves, or on paper. */
const props = defineProps<{ standId: string; jobId: string }>()
const query = useStory(() => props.standId)
const { place } = usePlace()
const shelf = useShelf(() => place.value?.id)
const sprayers = useSprayers(() => place.value?.id)
const hasSignal = useSignal()

const job = computed(() => query.data.value?.jobs.find(({ id }) => id === props.jobId))
const remedy = computed(() =>
  query.data.value?.remedies.find(({ id }) => id === job.value?.remedyId),
)
const input = computed(() => {
  if (!place.value || !query.data.value || !job.value || !remedy.value) return undefined
  // A sheet half made would leave out the sprayer or the lot.
  if (shelf.status.value === 'pending' || sprayers.status.value === 'pending') return undefined
  return sheetInputOf({
    place: place.value,
    story: query.data.value,
    job: job.value,
    remedy: remedy.value,
    products: shelf.data.value ?? [],
    sprayers: sprayers.data.value ?? [],
    today: today(),
  })
})
const sheet = computed(() => input.value && buildSheet(input.value))
const outline = computed<Outline>(() => input.value?.stand.outline ?? [])
const ends = computed(() => {
  const boxes = sheet.value?.boxes ?? []
  const { tankL, waterL } = input.value?.work ?? {}
  if (outline.value.length < 3 || !tankL || !waterL || boxes.length > 8) return []
  return fillEnds(
    outline.value,
    boxes.map(({ number }) => Math.min(1, (number * tankL) / waterL)),
  )
})
/** What its record is begun with. */
const planned = computed(
  () =>
    job.value &&
    plannedOf(job.value, remedy.value, {
      products: shelf.data.value ?? [],
      sprayers: sprayers.data.value ?? [],
    }),
)
const isRecording = ref(false)
const { value: ticks } = useKept(`ticks:${props.jobId}`, () => ({
  fills: [] as number[],
  steps: [] as number[],
}))
const isMissing = computed(
  () => query.status.value === 'success' && (!job.value || !putsOut(job.value.kind)),
)
/** A sheet with much on it is set smaller on paper, so that it stays one page. */
const isDense = computed(() => {
  if (!sheet.value) return false
  const { boxes, order, sprayer, cautions } = sheet.value
  const longest = Math.max(order.length, sprayer.length * 1.5 + 5)
  return Math.ceil(boxes.length / 3) + longest + cautions.length > 20
})
const print = () => window.print()

/** Whether the sheet opens again without signal, and not only stays while it is open. */
const isKept = ref(false)
watch(
  () => sheet.value !== undefined && hasSignal.value,
  async (isReady) => {
    const placeId = place.value?.id
    if (!isReady || !placeId) return
    isKept.value = await keepForOutside([
      '/places',
      `/stands/${props.standId}`,
      `/places/${placeId}/products`,
      `/places/${placeId}/sprayers`,
    ])
  },
  { immediate: true },
)
const signalWords = computed(() => {
  if (!hasSignal.value) return 'No signal: this sheet still works'
  return isKept.value
    ? 'Kept for outside: works without signal'
    : 'Stays without signal while it is open'
})

watchEffect(() => {
  if (sheet.value) document.title = `${sheet.value.title}, ${sheet.value.when} · Spudder`
})
</script>

<template>
  <div class="bar no-print">
    <RouterLink :to="{ name: 'jobs', params: { standId } }">Back to the jobs</RouterLink>
    <span role="status">{{ signalWords }}</span>
    <Button @click="print">Print or save as PDF</Button>
  </div>
  <ProblemNote v-if="!sheet" :problem="query.error.value" />
  <p v-if="isMissing" class="stop">
    There is no such job any more, or nothing to put out with it. Go back to the jobs.
  </p>
  <article v-if="sheet" class="paper" :class="{ dense: isDense }">
    <header>
      <div>
        <h1>{{ sheet.product }}</h1>
        <p class="where">{{ sheet.where }}</p>
      </div>
      <p class="when">{{ sheet.when }}</p>
    </header>

    <SheetFills v-model="ticks.fills" :sheet="sheet" :is-dense="isDense" />

    <div class="columns">
      <section>
        <h2>In this order</h2>
        <ol>
          <li v-for="(step, index) in sheet.order" :key="index">
            <TickBox v-model="ticks.steps" :value="index">{{ step }}</TickBox>
          </li>
        </ol>
        <h2 class="after">After</h2>
        <p v-for="line in sheet.after" :key="line" class="line">{{ line }}</p>
      </section>
      <div class="side">
        <section v-if="ends.length > 0" class="ground">
          <h2>Where each fill ends</h2>
          <OutlineSketch
            :outline="outline"
            :ends="ends"
            label="Where on the ground each fill ends"
          />
        </section>
        <section v-if="sheet.sprayer.length > 0">
          <h2>Sprayer</h2>
          <p v-for="line in sheet.sprayer" :key="line" class="line">{{ line }}</p>
        </section>
        <section>
          <h2>Only when</h2>
          <p v-for="line in sheet.weather" :key="line" class="line">{{ line }}</p>
        </section>
      </div>
    </div>

    <section class="cautions">
      <h2>Boots, gloves, goggles on</h2>
      <ul>
        <li v-for="caution in sheet.cautions" :key="caution">{{ caution }}</li>
      </ul>
    </section>
    <section class="done no-print">
      <p v-if="job?.status === 'done'" role="status">
        Recorded. <RouterLink :to="{ name: 'jobs', params: { standId } }">To the jobs</RouterLink>
      </p>
      <template v-else-if="job && planned && place">
        <Button v-if="!isRecording" type="primary" size="large" @click="isRecording = true"
          >Done: record it</Button
        >
        <RecordForm v-else :job="job" :planned="planned" :system="place.unitSystem" />
      </template>
    </section>
    <p class="write">
      <span>Done on</span><span>from</span><span>to</span><span>by</span><span>wind</span
      ><span>really used</span>
    </p>
  </article>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  flex-wrap: wrap;
  margin-bottom: 12px;
  font-size: 0.88rem;
  color: var(--slate);
}
.paper {
  max-width: 820px;
  margin: 0 auto;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 22px 26px;
  display: grid;
  gap: 16px;
}
header {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  align-items: start;
  border-bottom: 2px solid var(--ink);
  padding-bottom: 8px;
}
h1 {
  font-size: 1.6rem;
}
.where {
  color: var(--slate);
}
.when {
  font-size: 1.6rem;
  font-weight: 660;
  white-space: nowrap;
}
h2 {
  font-size: 0.95rem;
  margin-bottom: 4px;
}
.columns {
  display: grid;
  grid-template-columns: 1.25fr 1fr;
  gap: 26px;
}
.side {
  display: grid;
  gap: 12px;
  align-content: start;
}
ol {
  padding: 0;
  list-style: none;
  display: grid;
  gap: 2px;
}
.line {
  font-size: 0.93rem;
}
.line::first-letter {
  text-transform: uppercase;
}
.line + .line {
  margin-top: 2px;
}
.after {
  margin-top: 12px;
}
.ground > :deep(svg) {
  max-height: 130px;
}
.cautions {
  border-left: 4px solid var(--rust);
  padding-left: 12px;
}
.cautions ul {
  columns: 2;
  column-gap: 26px;
  font-size: 0.85rem;
}
.cautions li {
  break-inside: avoid;
  padding-bottom: 3px;
}
.write {
  display: none;
}
.done {
  border-top: 1px solid var(--line);
  padding-top: 12px;
}
@media (width < 700px) {
  .done > :deep(.ant-btn) {
    width: 100%;
    height: 56px;
  }

  .paper {
    padding: 14px;
    border: 0;
  }
  .columns {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
  }
  .cautions ul {
    columns: 1;
    font-size: 0.95rem;
  }
  .line {
    font-size: 1.02rem;
  }
}
@media print {
  @page {
    margin: 11mm;
  }
  .paper {
    --ink: #000;
    --slate: #222;
    --line: #777;
    --sunken: #eee;
    --rust: #7d2d10;
    max-width: none;
    border: 0;
    padding: 0;
    gap: 3.2mm;
    font-size: 11.5pt;
    line-height: 1.28;
    color: #000;
    background: #fff;
  }
  h1,
  .when {
    font-size: 20pt;
  }
  h2 {
    font-size: 12pt;
  }
  .where,
  .line {
    font-size: 11.5pt;
    color: #000;
  }
  .cautions ul {
    font-size: 9.6pt;
  }
  .ground > :deep(svg) {
    max-height: 28mm;
  }
  .dense {
    gap: 2.2mm;
    font-size: 10pt;
    line-height: 1.22;
  }
  .dense .where,
  .dense .line {
    font-size: 10pt;
  }
  .dense h2 {
    font-size: 10.5pt;
    margin-bottom: 0.5mm;
  }
  .dense .side {
    gap: 2mm;
  }
  .dense .cautions ul {
    columns: 3;
    column-gap: 5mm;
    font-size: 8.6pt;
  }
  .dense .ground > :deep(svg) {
    max-height: 24mm;
  }
  .dense .after {
    margin-top: 1.5mm;
  }
  .dense li > :deep(label) {
    padding: 0.25mm 0;
  }
  .dense .write {
    padding-top: 1mm;
  }
  .dense .write span {
    padding-bottom: 4mm;
  }
  .write {
    display: grid;
    grid-template-columns: 1fr 0.7fr 0.7fr 1fr 0.8fr 1.3fr;
    gap: 4mm;
    font-size: 10pt;
    padding-top: 3mm;
  }
  .write span {
    border-bottom: 0.8pt solid #000;
    padding-bottom: 5mm;
  }
}
</style>
