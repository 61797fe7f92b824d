<script setup lang="ts">
import LinkButton from '../../ui/LinkButton.vue'
import EmptyState from '../../ui/EmptyState.vue'
import { Button } from 'ant-design-vue'
import { addDays, daysBetween } from '@spudder/core/base/calendar'
import { computed, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import { usePlace } from '../../api/places.ts'
import { useWeather, useWorkOutlook } from '../../api/weather.ts'
import SpanChoice from '../../shared/ribbon/SpanChoice.vue'
import TimeAxis from '../../shared/ribbon/TimeAxis.vue'
import { timeScale } from '../../shared/ribbon/time-axis.ts'
import { useTimeWindow } from '../../shared/ribbon/use-time-window.ts'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import { dayWords } from '../../shared/units/today.ts'
import StripLabels from '../../shared/weather/StripLabels.vue'
import WeatherStrip from '../../shared/weather/WeatherStrip.vue'
import EstateRow from './EstateRow.vue'
import RibbonLegend from './RibbonLegend.vue'
import { useEstateRows } from './use-estate-rows.ts'
import { useEstateView } from './use-estate-view.ts'
import { useTimeDrag } from './use-time-drag.ts'

const time = useTimeWindow()
const { place, isPending, error, refetch } = usePlace()
const router = useRouter()
/** Without a place there is nothing to show: the first thing asked is where one grows. */
watchEffect(() => {
  if (!isPending.value && !error.value && !place.value) void router.replace({ name: 'new-place' })
})
const placeId = computed(() => place.value?.id)
const width = useWidth('axis')
const scale = computed(() => timeScale(time.window, width.value))

/** Whole years are read, so that moving about within them asks for nothing. */
const from = computed(() => {
  const years = Math.ceil(daysBetween(time.window.from, time.today) / 365)
  return addDays(time.today, -365 * Math.max(1, years) - 40)
})
const until = computed(() => (time.window.to > time.today ? time.window.to : time.today))

const { list, scrollTop, viewHeight, rowHeight } = useEstateView()
const { total, placed, known, problem, retry } = useEstateRows({
  placeId,
  from,
  scrollTop,
  viewHeight,
  rowHeight,
})
const weather = useWeather(
  () => placeId.value,
  () => from.value,
  () => until.value,
)

const outlook = useWorkOutlook(
  () => placeId.value,
  () => time.today,
  () => until.value,
)

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
const { onKey, startDrag, moveDrag, endDrag } = useTimeDrag(width)
</script>

<template>
  <div v-if="error" class="notice" role="alert">
    {{ error.message }} <Button size="small" @click="refetch()">Try again</Button>
  </div>
  <section v-else-if="place" class="estate">
    <div class="head">
      <h1>Estate</h1>
      <p v-if="dueToday.length > 0" class="due">
        Today:
        <RouterLink
          v-for="job in dueToday"
          :key="job.id"
          :to="{ name: 'jobs', params: { standId: job.standId } }"
        >
          {{ job.title }}, {{ job.standName }}
        </RouterLink>
      </p>
      <p v-else-if="total" class="due">{{ nothingDue }}</p>
      <SpanChoice class="span-choice" />
      <RouterLink :to="{ name: 'new-stand' }" class="add">Add a stand</RouterLink>
    </div>

    <div
      class="grid"
      tabindex="0"
      role="group"
      aria-label="Ribbons of leaf colour through time; left and right arrows move in time"
      @keydown="onKey"
      @pointerdown="startDrag"
      @pointermove="moveDrag"
      @pointerup="endDrag"
      @pointerleave="endDrag"
    >
      <div class="top">
        <StripLabels class="strip-labels" :service="weather.data.value?.service ?? ''" />
        <div ref="axis" class="axis">
          <WeatherStrip
            v-if="weather.data.value"
            :days="weather.data.value.days"
            :outlook="outlook.data.value?.days ?? []"
            :scale="scale"
            :today="time.today"
            :system="place.unitSystem"
          />
          <TimeAxis :scale="scale" :today="time.today" />
        </div>
        <span class="side now">{{ dayWords(time.today) }}</span>
      </div>
      <div ref="list" class="list" :style="{ '--rows': total ?? 0, '--row': `${rowHeight}px` }">
        <div
          v-for="{ index, row } in placed"
          :key="row?.stand.id ?? index"
          class="placed"
          :style="{ '--index': index }"
        >
          <EstateRow
            v-if="row"
            :row="row"
            :scale="scale"
            :today="time.today"
            :until="until"
            :system="place.unitSystem"
          />
        </div>
      </div>
    </div>
    <p v-if="problem" class="notice" role="alert">
      {{ problem.message }} <Button size="small" @click="retry()">Try again</Button>
    </p>
    <EmptyState
      v-if="total === 0"
      title="No stand yet"
      words="A stand is one planting that you treat as one: a lawn, a row of trees, a bench of pots, a raft loop. Add the one that worries you most; its ribbon starts with your first look."
      ><LinkButton :to="{ name: 'new-stand' }">Add a stand</LinkButton></EmptyState
    >
    <RibbonLegend v-else />
  </section>
</template>

<style scoped>
.estate {
  --name-width: 226px;
  --state-width: 206px;
}
.head {
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 4px 0 10px;
  flex-wrap: wrap;
}
.due {
  color: var(--slate);
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
.due a {
  color: var(--rust);
  font-weight: 600;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
.span-choice {
  margin-left: auto;
}
.add {
  background: var(--rust);
  color: var(--on-rust);
  border-radius: var(--radius);
  padding: 6px 13px;
  text-decoration: none;
  font-weight: 580;
}
.grid {
  touch-action: pan-y;
  user-select: none;
}
.top {
  display: grid;
  grid-template-columns: var(--name-width) minmax(0, 1fr) var(--state-width);
  align-items: end;
  position: sticky;
  top: 0;
  background: var(--paper);
  z-index: 2;
}
.axis {
  min-width: 0;
  overflow: hidden;
}
.side {
  font-size: 0.8rem;
  color: var(--slate);
  padding-bottom: 26px;
}
.now {
  padding: 0 0 5px 14px;
}
.list {
  position: relative;
  height: calc(var(--rows) * var(--row));
}
.placed {
  position: absolute;
  inset-inline: 0;
  top: calc(var(--index) * var(--row));
  min-height: var(--row);
}
.notice {
  padding: 10px 14px;
  margin: 10px 0;
  background: var(--rust-wash);
  border-left: 3px solid var(--rust);
}
.strip-labels {
  align-self: start;
}
@media (width >= 1000px) {
  .head {
    flex-wrap: nowrap;
  }
  .head > * {
    flex: none;
  }
  /* What is due gives way; all of it stands on the dates. */
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
  .strip-labels {
    display: none;
  }
  .estate {
    --name-width: 0px;
    --state-width: 0px;
  }
  .side {
    display: none;
  }
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
  .head {
    gap: 8px 14px;
  }
  .span-choice {
    margin-left: 0;
    order: 4;
  }
  .due {
    order: 3;
    width: 100%;
  }
  .add {
    margin-left: auto;
  }
}
</style>
