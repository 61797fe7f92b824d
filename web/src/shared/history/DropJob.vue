<script setup lang="ts">
import { jobRoutes, type JobDto } from '@spudder/contract/job'
import { Button, Modal, RadioGroup } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { dayWords } from '../units/today.ts'
import { useUndo } from './use-undo.ts'

/** Drops a job: names what waits for it, asks what becomes of that, and lets it all be taken back. */
const props = defineProps<{ job: JobDto; jobs: readonly JobDto[] }>()
const change = useChange(jobRoutes.change, { told: 'beside' })
const undo = useUndo()
const isAsked = ref(false)
const reason = ref('')
const become = ref<'drop' | 'let-go'>('drop')

/** Planned jobs that wait for it, those that wait for these, and so on, in the order of their days. */
const followers = computed(() => {
  const found = new Map<string, JobDto>()
  const planned = props.jobs.filter(({ status }) => status === 'planned')
  let ids: readonly string[] = [props.job.id]
  while (ids.length > 0) {
    const next = planned.filter(
      ({ id, afterJobId }) => afterJobId !== null && ids.includes(afterJobId) && !found.has(id),
    )
    for (const job of next) found.set(job.id, job)
    ids = next.map(({ id }) => id)
  }
  return [...found.values()].toSorted((a, b) => a.dueOn.localeCompare(b.dueOn))
})
const options = [
  { value: 'drop', label: 'Drop these too' },
  { value: 'let-go', label: 'Keep them on their days; they wait no longer' },
]

async function drop(): Promise<void> {
  const { id, version, title } = props.job
  const stored = await change.send({
    jobId: id,
    dto: {
      version,
      status: 'dropped',
      ...(followers.value.length > 0 ? { followers: become.value } : {}),
      ...(reason.value.trim() === '' ? {} : { reason: reason.value.trim() }),
    },
  })
  if (!stored) return
  isAsked.value = false
  const count = become.value === 'drop' ? followers.value.length : 0
  undo.offer(
    count === 0 ? `${title} is dropped.` : `${title} and ${count} that waited for it are dropped.`,
    change.lastId(),
  )
}
</script>

<template>
  <Button type="text" @click="isAsked = true">Drop the job</Button>
  <Modal
    v-model:open="isAsked"
    :title="`Drop “${job.title}”?`"
    ok-text="Drop it"
    cancel-text="Cancel"
    :width="460"
    :confirm-loading="change.isLoading.value"
    @ok="drop"
  >
    <template v-if="followers.length > 0">
      <p>These wait for it:</p>
      <ul class="plain-list text-small" aria-label="Jobs that wait for it">
        <li v-for="each in followers" :key="each.id">
          <b>{{ dayWords(each.dueOn) }}</b> {{ each.title }}
        </li>
      </ul>
      <RadioGroup v-model:value="become" class="choice" :options="options" />
    </template>
    <p v-else>Nothing waits for it. What is in the history stays there.</p>
    <TextField v-model="reason" label="Why, if it is worth a word" />
    <ProblemNote :problem="change.error.value" />
  </Modal>
</template>

<style scoped>
.choice {
  display: grid;
  gap: 4px;
  margin: 10px 0;
}
</style>
