<script setup lang="ts">
import type { JobDto } from '@spudder/contract/job'
import type { RemedyDto } from '@spudder/contract/remedy'
import { mixingOrder, planFills } from '@spudder/core/apply/mix'
import { amountWords } from '@spudder/core/base/quantity'
import type { Derivation } from '@spudder/core/base/reference'
import { findSource } from '@spudder/core/material/source'
import { computed } from 'vue'
import CautionList from '../../shared/case/CautionList.vue'
import FillList from '../../shared/case/FillList.vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import HowGot from '../../shared/how/HowGot.vue'

/** What a job puts out, in short; the whole of it stands on its sheet. */
const props = defineProps<{ job: JobDto; remedy: RemedyDto }>()
const { stand, standId, system } = useStandCase()

const source = computed(() => findSource(props.remedy.sourceId))
const productKg = computed(() => props.remedy.productKg * props.job.share)
const waterL = computed(() => props.remedy.carrierL * props.job.share)
const fills = computed(() =>
  props.remedy.tankL && waterL.value > 0
    ? planFills({ productKg: productKg.value, waterL: waterL.value, tankL: props.remedy.tankL })
    : undefined,
)
const partners = computed(() =>
  (props.remedy.partners ?? [])
    .filter(({ isApart }) => !isApart)
    .map(({ name }) => name)
    .join(', '),
)
const lastStep = computed(() =>
  mixingOrder({
    source: source.value,
    route: props.remedy.route,
    carrier: waterL.value > 0 ? 'water' : 'dry',
    waterInAfterH: props.remedy.waterInAfterH ?? undefined,
  }).findLast((step) => !step.startsWith('Rinse the sprayer')),
)
</script>

<template>
  <div class="job-sheet stack halves">
    <div class="amounts">
      <p class="big text-heavy">
        {{ amountWords('mass', productKg, system)
        }}<span class="unit">{{ remedy.appliedName }}</span>
      </p>
      <p v-if="waterL > 0" class="big text-heavy second">
        {{ amountWords('volume', waterL, system) }}<span class="unit">water</span>
      </p>
      <FillList v-if="fills" :plan="fills" :system="system" />
      <p v-if="partners" class="text-slate text-small">with {{ partners }}</p>
      <p v-if="job.share < 1" class="text-slate text-small">
        {{ Math.round(job.share * 100) }} % of the whole dose.
      </p>
      <p v-if="remedy.why" class="stop">
        More than usual, because: <q>{{ remedy.why }}</q>
      </p>
      <HowGot :derivation="remedy.derivation as Derivation" is-stored />
    </div>
    <div class="take">
      <RouterLink
        :to="{ name: 'sheet', params: { standId, jobId: job.id } }"
        class="open text-strong"
      >
        Open the sheet for outside
      </RouterLink>
      <p class="text-slate text-small">
        What to weigh, in which order and when, with boxes to tick off. Open it before you go: it
        stays without signal, and prints on one page.
      </p>
      <p class="text-slate text-small">{{ lastStep }}</p>
    </div>
    <CautionList
      v-if="stand"
      class="wide"
      :context="stand.context"
      :route="remedy.route"
      :source-id="remedy.sourceId"
    />
  </div>
</template>

<style scoped>
.job-sheet {
  gap: 14px 26px;
}
.amounts,
.take {
  display: grid;
  gap: 6px;
  align-content: start;
  justify-items: start;
}
.big {
  font-size: var(--text-huge);
  letter-spacing: -0.018em;
  line-height: 1.15;
}
.big .unit {
  font-size: var(--text-small);
}
.second {
  font-size: var(--text-large);
}
.open {
  background: var(--ink);
  color: var(--paper);
  border-radius: var(--radius);
  padding: 9px 15px;
  text-decoration: none;
}
.wide {
  grid-column: 1 / -1;
}
@media (width < 700px) {
  .job-sheet {
    grid-template-columns: minmax(0, 1fr);
  }
  .open {
    width: 100%;
    text-align: center;
    padding: 14px;
  }
}
</style>
