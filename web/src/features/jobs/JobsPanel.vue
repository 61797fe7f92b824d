<script setup lang="ts">
import { useMay } from '../../api/me.ts'
import LinkButton from '../../ui/LinkButton.vue'
import EmptyState from '../../ui/EmptyState.vue'
import type { JobDto } from '@spudder/contract/job'
import { situations } from '@spudder/core/soil/acid-plan'
import { seasonOf, seasonSums } from '@spudder/core/soil/season'
import { computed } from 'vue'
import { useShelf } from '../../api/shelf.ts'
import { applicationsOf } from '@spudder/core/days/entry'
import SeasonSums from '../../shared/season/SeasonSums.vue'
import { useKeepLimit } from '../../shared/season/use-keep-limit.ts'
import { today } from '../../shared/units/today.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import EntryList from './EntryList.vue'
import JobCard from './JobCard.vue'

const { jobs, entries, remedies, story, stand, place, system } = useStandCase()
const { may } = useMay()
const shelf = useShelf(() => stand.value?.placeId)
/** The whole stand counts, not only the case: a season knows no cases. */
const sums = computed(() => {
  if (!story.value || !stand.value) return []
  const { context, plantId, size, measures } = stand.value
  const sums = seasonSums({
    context,
    plantId,
    on: today(),
    groundM2: size.kind === 'area' ? size.areaM2 : measures?.groundM2,
    ownLimits: place.value?.settings.seasonLimits,
    applications: applicationsOf(story.value, shelf.data.value ?? []),
  })
  // Sulfur worked into bare ground is held to its plan, not to what living roots bear.
  const plan = story.value.acidPlans.at(-1)
  const isBare = plan && !situations[plan.situation].isLiving
  return sums.map((sum) =>
    isBare && sum.nutrient === 'S' ? { ...sum, limit: undefined, isOver: false } : sum,
  )
})
const keepLimit = useKeepLimit()
const planned = computed(() => jobs.value.filter(({ status }) => status === 'planned'))
const remedyOf = ({ remedyId }: JobDto) => remedies.value.find(({ id }) => id === remedyId)
</script>

<template>
  <div class="jobs stack gap-32 items-start">
    <section class="stack gap-12" aria-label="Planned jobs">
      <JobCard
        v-for="(job, index) in planned"
        :key="job.id"
        :job="job"
        :remedy="remedyOf(job)"
        :is-open="index === 0"
      />
      <EmptyState
        v-if="planned.length === 0"
        title="Nothing planned"
        words="A remedy brings its jobs: the application, and the looks that tell whether it worked."
        ><LinkButton v-if="may('plan')" :to="{ name: 'remedy' }"
          >Choose a remedy</LinkButton
        ></EmptyState
      >
    </section>
    <aside class="beside stack gap-16">
      <SeasonSums
        :sums="sums"
        :year="seasonOf(today())"
        :system="system"
        :size-kind="stand?.size.kind ?? 'area'"
        @limit="keepLimit"
      />
      <EntryList v-if="entries.length > 0" :entries="entries" />
    </aside>
  </div>
</template>

<style scoped>
.jobs {
  grid-template-columns: minmax(0, 1.7fr) minmax(280px, 1fr);
}
@media (width < 900px) {
  .jobs {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
