<script setup lang="ts">
import type { PlaceDto } from '@spudder/contract/place'
import type { EstateRowDto } from '@spudder/contract/stand'
import { Button } from 'ant-design-vue'
import { computed, defineAsyncComponent, useTemplateRef, watch } from 'vue'
import { isWorthAnother } from '../../api/api-problem.ts'
import { useWeather, useWorkOutlook } from '../../api/weather.ts'
import { rowsSince } from '../../shared/ribbon/first-rows.ts'
import { isMadeUp } from '../../shared/ribbon/seen-colour.ts'
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

/** The face of the estate: its ribbons one above the other under the weather. */
const props = defineProps<{ place: PlaceDto }>()
const emit = defineEmits<{ read: [known: readonly EstateRowDto[], total: number | undefined] }>()
const time = useTimeWindow()
const width = useWidth('axis')
const scale = computed(() => timeScale(time.window, width.value))
const until = computed(() => (time.window.to > time.today ? time.window.to : time.today))
const from = computed(() => rowsSince(time.window.from, time.today))
const { list, scrollTop, viewHeight, rowHeight } = useEstateView()
const { total, placed, known, problem, retry } = useEstateRows({
  placeId: computed(() => props.place.id),
  from,
  scrollTop,
  viewHeight,
  rowHeight,
})
const AlongList = defineAsyncComponent(() => import('../../offline/AlongList.vue'))
const isWithoutSignal = computed(() => isWorthAnother(problem.value))
const withoutSignal =
  'No connection: the estate is not here now. These stands were taken along, with your day.'
watch([known, total], () => emit('read', known.value, total.value), { immediate: true })
const hasMadeUp = computed(() => known.value.some(({ ribbon }) => ribbon.readings.some(isMadeUp)))
const weather = useWeather(
  () => props.place.id,
  () => from.value,
  () => until.value,
)
const outlook = useWorkOutlook(
  () => props.place.id,
  () => time.today,
  () => until.value,
)
const grid = useTemplateRef<HTMLElement>('grid')
const { onKey, onClick } = useTimeDrag(grid, width)
</script>

<template>
  <div
    ref="grid"
    class="grid"
    tabindex="0"
    role="group"
    aria-label="Ribbons of leaf colour through time; left and right arrows move in time"
    @keydown="onKey"
    @click.capture="onClick"
  >
    <div class="top stack items-end">
      <StripLabels class="strip-labels" :service="weather.data.value?.service ?? ''" />
      <div ref="axis" class="axis shrinks">
        <WeatherStrip
          :days="weather.data.value?.days ?? []"
          :outlook="outlook.data.value?.days ?? []"
          :scale="scale"
          :today="time.today"
          :system="place.unitSystem"
        />
        <TimeAxis :scale="scale" :today="time.today" />
      </div>
      <span class="side text-tiny text-slate now">{{ dayWords(time.today) }}</span>
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
  <div v-if="problem" class="stop" role="alert">
    {{ isWithoutSignal ? withoutSignal : problem.message }}
    <Button size="small" @click="retry()">Try again</Button>
    <AlongList v-if="isWithoutSignal" />
  </div>
  <RibbonLegend v-if="total !== undefined" :has-made-up="hasMadeUp" />
</template>

<style scoped>
.grid {
  user-select: none;
}
.top {
  grid-template-columns: var(--name-width) minmax(0, 1fr) var(--state-width);
  position: sticky;
  top: 0;
  background: var(--paper);
  z-index: 2;
}
.axis {
  overflow: hidden;
}
.side {
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
.strip-labels {
  align-self: start;
}
@media (width < 700px) {
  .strip-labels,
  .side {
    display: none;
  }
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
