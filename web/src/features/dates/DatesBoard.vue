<script setup lang="ts">
import { computed } from 'vue'
import TimeAxis from '../../shared/ribbon/TimeAxis.vue'
import { timeScale } from '../../shared/ribbon/time-axis.ts'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import StripLabels from '../../shared/weather/StripLabels.vue'
import WeatherStrip from '../../shared/weather/WeatherStrip.vue'
import BoardRow from './BoardRow.vue'
import { useDatesStore } from './dates-store.ts'
import { useRibbons } from './use-ribbons.ts'

/** The stands that have something to do, one under the other on one axis under the weather. */
const { window, today, weather, outlook, place, jobs, planning } = useDatesStore()
const width = useWidth('axis')
const scale = computed(() => timeScale(window.value, width.value))
const ribbons = useRibbons(() => place.value?.id)
const rows = computed(() =>
  (planning.data.value?.stands ?? [])
    .map((stand) => ({
      stand,
      jobs: jobs.value.filter(({ standId }) => standId === stand.id),
      ribbon: ribbons.value.get(stand.id),
    }))
    .filter((row) => row.jobs.length > 0),
)
</script>

<template>
  <div class="board" role="group" aria-label="Jobs on their days, under the weather">
    <div class="top stack">
      <StripLabels class="side" :service="weather.data.value?.service ?? ''" />
      <div ref="axis" class="axis shrinks">
        <WeatherStrip
          v-if="place && weather.data.value"
          :days="weather.data.value.days"
          :outlook="outlook.data.value?.days ?? []"
          :scale="scale"
          :today="today"
          :system="place.unitSystem"
        />
        <TimeAxis :scale="scale" :today="today" />
      </div>
    </div>
    <BoardRow v-for="row in rows" :key="row.stand.id" v-bind="row" :scale="scale" />
  </div>
</template>

<style scoped>
.board {
  --name-width: 170px;
}
.top {
  grid-template-columns: var(--name-width) minmax(0, 1fr);
  position: sticky;
  top: 0;
  background: var(--paper);
  z-index: 3;
}
.side {
  align-self: start;
}
.axis {
  overflow: hidden;
}
@media (width < 700px) {
  .board {
    --name-width: 0px;
  }
  .side {
    display: none;
  }
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
