<script setup lang="ts">
import type { JobDto } from '@spudder/contract/job'
import type { RemedyDto } from '@spudder/contract/remedy'
import { findSource } from '@spudder/core/source'
import { mixingOrder, planFills } from '@spudder/core/mix'
import type { Derivation } from '@spudder/core/reference'
import { computed } from 'vue'
import CautionList from '../../shared/case/CautionList.vue'
import FillList from '../../shared/case/FillList.vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import HowGot from '../../shared/how/HowGot.vue'
import { amountWords } from '@spudder/core/quantity'

/** What is taken outside: amounts, fills, order, cautions. */
const props = defineProps<{ job: JobDto; remedy: RemedyDto }>()
const { stand, system } = useStandCase()

const source = computed(() => findSource(props.remedy.sourceId))
const productKg = computed(() => props.remedy.productKg * props.job.share)
const waterL = computed(() => props.remedy.carrierL * props.job.share)
const fills = computed(() =>
  props.remedy.tankL && waterL.value > 0
    ? planFills({ productKg: productKg.value, waterL: waterL.value, tankL: props.remedy.tankL })
    : undefined,
)
const order = computed(() =>
  mixingOrder(source.value, props.remedy.route, waterL.value > 0 ? 'water' : 'dry'),
)
</script>

<template>
  <div class="job-sheet">
    <div class="amounts">
      <p class="big">
        {{ amountWords('mass', productKg, system) }}<span class="unit">{{ source.name }}</span>
      </p>
      <p v-if="waterL > 0" class="big second">
        {{ amountWords('volume', waterL, system) }}<span class="unit">water</span>
      </p>
      <FillList v-if="fills" :plan="fills" :system="system" />
      <p v-if="job.share < 1" class="part">
        {{ Math.round(job.share * 100) }} % of the whole dose.
      </p>
      <HowGot :derivation="remedy.derivation as Derivation" />
    </div>
    <div>
      <h3>In this order</h3>
      <ol>
        <li v-for="step in order" :key="step">{{ step }}</li>
      </ol>
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
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 26px;
}
.amounts {
  display: grid;
  gap: 6px;
  align-content: start;
}
.big {
  font-size: 1.8rem;
  font-weight: 660;
  letter-spacing: -0.018em;
  line-height: 1.15;
}
.big .unit {
  font-size: 0.86rem;
}
.second {
  font-size: 1.3rem;
}
ol {
  padding-left: 18px;
  font-size: 0.9rem;
  display: grid;
  gap: 3px;
  margin-top: 3px;
}
.wide {
  grid-column: 1 / -1;
}
.part {
  color: var(--slate);
  font-size: 0.88rem;
}
@media (width < 700px) {
  .job-sheet {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
