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
  <div class="acid">
    <AcidQuestions class="questions" />
    <div class="answer">
      <p v-for="problem in problems" :key="problem" class="stop" role="alert">{{ problem }}</p>
      <RouterLink v-if="groundM2 === undefined" :to="{ name: 'size' }"
        >Measure the ground</RouterLink
      >
      <template v-if="need && verdict">
        <div class="top">
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
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 22px 30px;
  align-items: start;
}
.answer {
  display: grid;
  gap: 14px;
}
.top {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: 26px;
  align-items: start;
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
