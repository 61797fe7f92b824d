<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed, watchEffect } from 'vue'
import { useMe } from '../../api/me.ts'
import { underWaySince } from '../../shared/hands/hands.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import OutlineSketch from '../../shared/ground/OutlineSketch.vue'
import SheetFills from './SheetFills.vue'
import SheetPace from './SheetPace.vue'
import SheetRecord from './SheetRecord.vue'
import SheetSteps from './SheetSteps.vue'
import { lineStart } from '@spudder/core/base/writing'
import { useJobSheet } from './use-job-sheet.ts'
import { useSheetAlong } from './use-sheet-along.ts'
import { useSheetTicks } from './use-sheet-ticks.ts'

/** The page that is taken outside for one job: on a phone with gloves, or on paper. */
const props = defineProps<{ standId: string; jobId: string }>()
const { query, job, sheet, outline, ends, planned, isDense, isMissing } = useJobSheet(
  () => props.standId,
  () => props.jobId,
)
const signalWords = useSheetAlong(props, () => (sheet.value ? query.data.value?.stand : undefined))
const { me } = useMe()
const {
  fills,
  steps,
  pace,
  last,
  problem: tickProblem,
  tickFill,
  tickStep,
} = useSheetTicks(
  () => props.jobId,
  () => sheet.value?.boxes.length ?? 0,
  () => job.value && underWaySince(job.value, me.value),
)
/** Said once somebody is at it; before that a sheet is only read. */
const isUnderWay = computed(
  () =>
    (job.value?.underWay ?? []).length > 0 || (pace.value.done > 0 && job.value?.status !== 'done'),
)
const print = () => window.print()

watchEffect(() => {
  if (sheet.value) document.title = `${sheet.value.title}, ${sheet.value.when} · Spudder`
})
</script>

<template>
  <div class="bar lined gap-16 items-center apart wrapped text-small text-slate no-print">
    <RouterLink class="reach" :to="{ name: 'jobs', params: { standId } }"
      >Back to the jobs</RouterLink
    >
    <span role="status">{{ signalWords }}</span>
    <Button @click="print">Print or save as PDF</Button>
  </div>
  <ProblemNote v-if="!sheet" :problem="query.error.value" />
  <p v-if="isMissing" class="stop">
    There is no such job any more, or nothing to put out with it. Go back to the jobs.
  </p>
  <article v-if="sheet" class="paper stack gap-16" :class="{ dense: isDense }">
    <header>
      <div>
        <h1>{{ sheet.product }}</h1>
        <p class="where text-slate">{{ sheet.where }}</p>
      </div>
      <p class="when text-huge text-heavy one-line">{{ sheet.when }}</p>
    </header>

    <SheetPace
      v-if="isUnderWay && sheet.boxes.length > 0"
      :count="sheet.boxes.length"
      :pace="pace"
      :last="last"
    />
    <SheetFills :ticked="fills" :sheet="sheet" :is-dense="isDense" @tick="tickFill" />
    <ProblemNote :problem="tickProblem" />

    <p v-for="line in sheet.leaveOff" :key="line" class="leave-off text-body text-strong">
      {{ line }}
    </p>

    <div class="columns stack gap-24">
      <section>
        <h2>In this order</h2>
        <SheetSteps :order="sheet.order" :ticked="steps" @tick="tickStep" />
        <h2 class="after above-12">After</h2>
        <p v-for="line in sheet.after" :key="line" class="line text-body">{{ lineStart(line) }}</p>
      </section>
      <div class="side stack gap-12 from-top">
        <section v-if="ends.length > 0" class="ground">
          <h2>Where each fill ends</h2>
          <OutlineSketch
            :outline="outline"
            :ends="ends"
            label="Where on the ground each fill ends"
          />
        </section>
        <section v-if="sheet.sprayer.length > 0">
          <h2>{{ sheet.tool }}</h2>
          <p v-for="line in sheet.sprayer" :key="line" class="line text-body">
            {{ lineStart(line) }}
          </p>
        </section>
        <section>
          <h2>Only when</h2>
          <p v-for="line in sheet.weather" :key="line" class="line text-body">
            {{ lineStart(line) }}
          </p>
        </section>
      </div>
    </div>

    <section class="cautions">
      <h2>Boots, gloves, goggles on</h2>
      <ul>
        <li v-for="caution in sheet.cautions" :key="caution">{{ caution }}</li>
      </ul>
    </section>
    <SheetRecord v-if="job" class="no-print" :job="job" :planned="planned" />
    <p class="write">
      <span>Done on</span><span>from</span><span>to</span><span>by</span><span>wind</span
      ><span>really used</span>
    </p>
  </article>
</template>

<style scoped>
.bar {
  margin-bottom: 12px;
}
.paper {
  max-width: 820px;
  margin: 0 auto;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 22px 26px;
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
  font-size: var(--text-huge);
}
h2 {
  font-size: var(--text-body);
  margin-bottom: 4px;
}
.columns {
  grid-template-columns: 1.25fr 1fr;
}
.line + .line {
  margin-top: 2px;
}
.ground > :deep(svg) {
  max-height: 130px;
}

.leave-off {
  padding: 6px 12px;
  border: 2px dashed var(--ink);
}
.cautions {
  border-left: 4px solid var(--rust);
  padding-left: 12px;
}
.cautions ul {
  columns: 2;
  column-gap: 26px;
  font-size: var(--text-small);
}
.cautions li {
  break-inside: avoid;
  padding-bottom: 3px;
}
.write {
  display: none;
}
@media (width < 700px) {
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
    font-size: var(--text-body);
  }
  .line {
    font-size: var(--text-body);
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
  .dense :deep(li > label) {
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
