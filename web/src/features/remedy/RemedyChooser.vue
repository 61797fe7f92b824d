<script setup lang="ts">
import type { StandDto } from '@spudder/contract/stand'
import { useRouter } from 'vue-router'
import ChoiceCharts from './ChoiceCharts.vue'
import RemedyFigures from './RemedyFigures.vue'
import RemedyQuestions from './RemedyQuestions.vue'
import RemedyResult from './RemedyResult.vue'
import { provideRemedyStore } from './remedy-store.ts'

const props = defineProps<{ stand: StandDto }>()
const router = useRouter()
const { against, draft, route, medium, pH, chosen, aimId, save } = provideRemedyStore(props.stand)
const { nutrient } = against

async function plan(): Promise<void> {
  if (await save()) await router.push({ name: 'jobs' })
}
</script>

<template>
  <form class="remedy stack gap-32 items-start" @submit.prevent="plan">
    <RemedyQuestions />
    <section class="stack gap-12 from-top">
      <ChoiceCharts
        v-if="nutrient === 'Fe' && chosen"
        v-model="draft.soilWater"
        :route="route"
        :medium="medium"
        :p-h="pH"
        :offer="chosen"
        :aim-id="aimId"
      />
      <div class="two stack gap-24">
        <RemedyFigures />
        <RemedyResult />
      </div>
    </section>
  </form>
</template>

<style scoped>
.remedy {
  grid-template-columns: minmax(360px, 1fr) minmax(0, 1.55fr);
}
.two {
  grid-template-columns: minmax(0, 0.85fr) minmax(0, 1fr);
}
@media (width < 1080px) {
  .remedy {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (width < 700px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
