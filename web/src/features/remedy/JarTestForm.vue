<script setup lang="ts">
import { jarTestRoutes } from '@spudder/contract/jar-test'
import { useChange } from '../../api/use-change.ts'
import { CreateJarTestDto } from '@spudder/contract/jar-test'
import { jarOutcomes, jarTestSteps, type JarOutcome } from '@spudder/core/apply/mix'
import type { SourceId } from '@spudder/core/material/source'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import { renewedId } from '../../shared/form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'

/** How a jar test is made, and what was seen in it. */
const props = defineProps<{
  placeId: string
  sourceId: SourceId
  /** What it is called on the shelf or in the catalogue. */
  sourceName: string
  kindId: string
  partnerName: string
}>()
const outcome = ref<JarOutcome>()
const id = ref<string>(crypto.randomUUID())
const options = (Object.keys(jarOutcomes) as JarOutcome[]).map((value) => ({
  value,
  words: jarOutcomes[value].words,
}))
const record = useChange(jarTestRoutes.record, { told: 'beside' })
const { checked, messageFor } = useChecked(CreateJarTestDto, () => record.error.value)

async function store(): Promise<void> {
  const { sourceId, kindId, partnerName } = props
  const seen = { id: id.value, sourceId, kindId, partnerName: partnerName.trim() }
  const dto = checked({ ...seen, testedOn: today(), outcome: outcome.value })
  if (!dto) return
  await record.send({ placeId: props.placeId, dto }, (problem) => {
    id.value = renewedId(id.value, problem)
  })
}
</script>

<template>
  <div class="jar stack gap-8 hug">
    <h4>Jar test: {{ partnerName }} with {{ sourceName }}</h4>
    <ol>
      <li v-for="step in jarTestSteps" :key="step">{{ step }}</li>
    </ol>
    <ChipChoice v-model="outcome" label="What you saw" :options="options" />
    <p v-if="messageFor('outcome')" class="stop" role="alert">{{ messageFor('outcome') }}</p>
    <ProblemNote :problem="record.error.value" />
    <Button :loading="record.isLoading.value" @click="store">Record the jar test</Button>
  </div>
</template>

<style scoped>
.jar {
  padding: 10px 12px;
  background: var(--sunken);
  border-radius: var(--radius);
}
h4 {
  margin: 0;
  font-size: var(--text-small);
}
ol {
  padding-left: 18px;
  font-size: var(--text-small);
}
</style>
