<script setup lang="ts">
import type { StandDto } from '@spudder/contract/stand'
import AcidQuestions from './AcidQuestions.vue'
import AmountBar from './AmountBar.vue'
import FeasibilityNote from './FeasibilityNote.vue'
import MaterialTable from './MaterialTable.vue'
import PathSection from './PathSection.vue'
import StepList from './StepList.vue'
import WaterAcid from './WaterAcid.vue'
import { provideAcidStore } from './acid-store.ts'

/** Can it work, how much, in which steps, and where pH will go. */
const props = defineProps<{ stand: StandDto }>()
const { problems, need, verdict, groundM2 } = provideAcidStore(props.stand)
</script>

<template>
  <div class="acid stack items-start">
    <AcidQuestions class="questions" />
    <div class="answer stack gap-16">
      <p v-for="problem in problems" :key="problem" class="stop" role="alert">{{ problem }}</p>
      <RouterLink v-if="groundM2 === undefined" :to="{ name: 'size' }"
        >Measure the ground</RouterLink
      >
      <template v-if="need && verdict">
        <div class="top stack gap-24 items-start">
          <FeasibilityNote :verdict="verdict" />
          <AmountBar :need="need" />
        </div>
        <PathSection />
        <StepList />
      </template>
    </div>
    <MaterialTable v-if="need" class="wide" />
    <WaterAcid class="wide" />
  </div>
</template>

<style scoped>
.acid {
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 22px 30px;
}
.top {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
}
.wide {
  grid-column: 1 / -1;
}
@media (width < 900px) {
  .acid,
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
