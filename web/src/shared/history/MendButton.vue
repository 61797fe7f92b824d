<script setup lang="ts">
import { historyRoutes, type MendableKind, type ThingDto } from '@spudder/contract/history'
import { Button, Modal } from 'ant-design-vue'
import { ref } from 'vue'
import { ApiProblem } from '../../api/api-problem.ts'
import { call } from '../../api/call.ts'
import { useFailures } from '../../api/failures.ts'
import MendForm from './MendForm.vue'

/** Beside something that was entered: opens it to be put right or struck out. */
const props = defineProps<{
  kind: MendableKind
  id: string
  /** What it is, as a heading: "pH 7.8, 5 May". */
  about: string
  words?: string
}>()
const failures = useFailures()
const thing = ref<ThingDto>()
const isOpening = ref(false)

/** As it stands now, whatever the page has shown of it. */
async function open(): Promise<void> {
  isOpening.value = true
  try {
    thing.value = await call(historyRoutes.thing, { kind: props.kind, id: props.id })
  } catch (problem) {
    if (!(problem instanceof ApiProblem)) throw problem
    failures.tell(problem)
  }
  isOpening.value = false
}
</script>

<template>
  <Button
    type="link"
    size="small"
    class="mend no-print"
    :loading="isOpening"
    :aria-label="`Correct: ${about}`"
    @click="open"
    >{{ words ?? 'correct' }}</Button
  >
  <Modal
    :open="thing !== undefined"
    :title="about"
    :footer="null"
    :width="560"
    destroy-on-close
    @cancel="thing = undefined"
  >
    <MendForm v-if="thing" :thing="thing" :kind="kind" @done="thing = undefined" />
  </Modal>
</template>

<style scoped>
.mend {
  padding: 0 4px;
  height: auto;
  font-size: inherit;
}
</style>
