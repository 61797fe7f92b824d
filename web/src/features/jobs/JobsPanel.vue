<script setup lang="ts">
import type { JobDto } from '@spudder/contract/job'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import EntryList from './EntryList.vue'
import JobCard from './JobCard.vue'

const { jobs, entries, remedies } = useStandCase()
const planned = computed(() => jobs.value.filter(({ status }) => status === 'planned'))
const remedyOf = ({ remedyId }: JobDto) => remedies.value.find(({ id }) => id === remedyId)
</script>

<template>
  <div class="jobs">
    <section class="planned" aria-label="Planned jobs">
      <JobCard
        v-for="(job, index) in planned"
        :key="job.id"
        :job="job"
        :remedy="remedyOf(job)"
        :is-open="index === 0"
      />
      <div v-if="planned.length === 0" class="empty">
        <h2>Nothing planned</h2>
        <p>A remedy brings its jobs: the application, and the looks that tell whether it worked.</p>
        <RouterLink :to="{ name: 'remedy' }">Choose a remedy</RouterLink>
      </div>
    </section>
    <EntryList v-if="entries.length > 0" :entries="entries" />
  </div>
</template>

<style scoped>
.jobs {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) minmax(280px, 1fr);
  gap: 30px;
  align-items: start;
}
.planned {
  display: grid;
  gap: 12px;
}
.empty {
  display: grid;
  gap: 8px;
  padding: 16px 0;
}
@media (width < 900px) {
  .jobs {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
