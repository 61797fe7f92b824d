<script setup lang="ts">
import type { JobDto } from '@spudder/contract/job'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { usePlace } from '../../api/places.ts'
import { useOutbox } from '../../offline/outbox.ts'
import type { plannedOf } from '../../shared/record/record-draft.ts'
import RecordForm from '../../shared/record/RecordForm.vue'

/** Under the sheet: the job is recorded, or says that it was. */
const props = defineProps<{
  job: JobDto
  /** What its record is begun with. */
  planned: ReturnType<typeof plannedOf> | undefined
}>()
const { place } = usePlace()
const outbox = useOutbox()
const isWaiting = computed(() =>
  outbox.shown.some(({ name, asked }) => name === 'entry' && asked['jobId'] === props.job.id),
)
/** Who comes from the day is done, and records at once. */
const isRecording = ref(useRoute().query['record'] === 'yes')
</script>

<template>
  <section class="done ruled inside-12">
    <p v-if="job.status === 'done'" role="status">
      {{
        isWaiting
          ? 'Recorded on this device; it goes out by itself when the signal is back.'
          : 'Recorded.'
      }}
      <RouterLink :to="{ name: 'jobs', params: { standId: job.standId } }">To the jobs</RouterLink>
    </p>
    <template v-else-if="planned && place">
      <Button v-if="!isRecording" type="primary" size="large" @click="isRecording = true"
        >Done: record it</Button
      >
      <RecordForm v-else :job="job" :planned="planned" :system="place.unitSystem" />
    </template>
  </section>
</template>

<style scoped>
@media (width < 700px) {
  .done > :deep(.ant-btn) {
    width: 100%;
    height: 56px;
  }
}
</style>
