<script setup lang="ts">
import { useMay } from '../../api/me.ts'
import { useHelp } from '../../shared/help/use-help.ts'
import type { EstateRowDto } from '@spudder/contract/stand'
import { Alert, Button, Segmented, Skeleton } from 'ant-design-vue'
import { computed, defineAsyncComponent, ref, watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { usePlace } from '../../api/places.ts'
import SpanChoice from '../../shared/ribbon/SpanChoice.vue'
import { useTimeWindow } from '../../shared/ribbon/use-time-window.ts'
import LinkButton from '../../ui/LinkButton.vue'
import { useNarrow } from '../../ui/use-narrow.ts'
import EstateRibbons from './EstateRibbons.vue'

// The ribbons come first; the list and the map with what they are drawn by when they are asked for.
const EstateStands = defineAsyncComponent(() => import('./EstateStands.vue'))
const EmptyState = defineAsyncComponent(() => import('../../ui/EmptyState.vue'))
const FirstTour = defineAsyncComponent(() => import('../../shared/help/FirstTour.vue'))

const time = useTimeWindow()
const { place, isPending, error, refetch } = usePlace()
const { may } = useMay()
const router = useRouter()
const route = useRoute()
/** Without a place there is nothing to show: the first thing asked is where one grows. */
watchEffect(() => {
  if (!isPending.value && !error.value && !place.value) void router.replace({ name: 'new-place' })
})
/** The same stands in three shapes; Back goes to the one before. */
const views = [
  { value: 'ribbons', label: 'Ribbons' },
  { value: 'table', label: 'Table' },
  { value: 'map', label: 'Map' },
] as const
type View = (typeof views)[number]['value']
const view = computed<View>(
  () => views.find(({ value }) => value === route.query['view'])?.value ?? 'ribbons',
)
const show = (wanted: string | number) =>
  router.push({ name: 'estate', query: wanted === 'ribbons' ? {} : { view: wanted } })

const isNarrow = useNarrow()
const help = useHelp()
const isTourWanted = computed(() => help.isTouring || !help.wasShownAround)
const known = ref<readonly EstateRowDto[]>([])
const total = ref<number>()
function read(rows: readonly EstateRowDto[], of: number | undefined): void {
  known.value = rows
  total.value = of
}
const dueToday = computed(() =>
  known.value.flatMap(({ stand, ribbon }) =>
    ribbon.jobs
      .filter(({ dueOn }) => dueOn <= time.today)
      .map((job) => ({ ...job, standName: stand.name })),
  ),
)
/** Said of the stands that were read; a large estate is read as it comes into view. */
const nothingDue = computed(() =>
  known.value.length === total.value
    ? 'Nothing is due today.'
    : `Nothing is due today in the ${known.value.length} of ${total.value} stands seen so far.`,
)
</script>

<template>
  <Alert v-if="error" type="error" show-icon :message="error.message">
    <template #action><Button size="small" @click="refetch()">Try again</Button></template>
  </Alert>
  <section v-else-if="place" class="estate">
    <div class="head lined items-center wrapped">
      <h1>Estate</h1>
      <Segmented :value="view" :options="[...views]" aria-label="Shape" @update:value="show" />
      <p v-if="view === 'ribbons'" class="due text-slate lined gap-10 wrapped">
        <template v-if="total === undefined">Looking for what is due today …</template>
        <RouterLink v-else-if="dueToday.length > (isNarrow ? 1 : 2)" :to="{ name: 'day' }">
          Today: {{ dueToday.length }} jobs
        </RouterLink>
        <template v-else-if="dueToday.length > 0">
          Today:
          <RouterLink
            v-for="job in dueToday"
            :key="job.id"
            :to="{ name: 'jobs', params: { standId: job.standId } }"
          >
            {{ job.title }}, {{ job.standName }}
          </RouterLink>
        </template>
        <template v-else-if="total > 0">{{ nothingDue }}</template>
      </p>
      <SpanChoice v-if="view === 'ribbons'" class="span-choice" />
      <LinkButton v-if="may('plan')" class="add" :to="{ name: 'new-stand' }"
        >Add a stand</LinkButton
      >
    </div>
    <template v-if="view === 'ribbons'">
      <EmptyState
        v-if="total === 0"
        title="No stand yet"
        words="A stand is one planting that you treat as one: a lawn, a row of trees, a bench of pots, a raft loop. Add the one that worries you most; its ribbon starts with your first look."
        ><LinkButton v-if="may('plan')" :to="{ name: 'new-stand' }"
          >Add a stand</LinkButton
        ></EmptyState
      >
      <EstateRibbons v-show="total !== 0" :place="place" @read="read" />
      <FirstTour v-if="known.length > 0 && isTourWanted" is-ready />
    </template>
    <EstateStands v-else :place="place" :view="view" />
  </section>
  <Skeleton v-else active :paragraph="{ rows: 8 }" />
</template>

<style scoped>
.estate {
  --name-width: 226px;
  --state-width: 206px;
}
.head {
  gap: 8px 16px;
  padding: 4px 0 10px;
}
.due a {
  color: var(--rust);
  font-weight: 600;
  text-underline-offset: 3px;
}
.add {
  margin-left: auto;
}
@media (width >= 1000px) {
  .head {
    flex-wrap: nowrap;
  }
  .head > * {
    flex: none;
  }
  /* What is due gives way; all of it stands on the day. */
  .head .due {
    flex: 1 1 0;
    min-width: 0;
    flex-wrap: nowrap;
    overflow: hidden;
  }
  .due a {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
}
@media (width < 700px) {
  .estate {
    --name-width: 0px;
    --state-width: 0px;
  }
  .due,
  .add {
    order: 3;
  }
  .span-choice {
    order: 4;
  }
}
</style>
