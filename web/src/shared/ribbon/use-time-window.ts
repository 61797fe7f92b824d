import { addDays, daysBetween, type Day } from '@spudder/core/base/calendar'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { today as todayNow } from '../units/today.ts'
import { firstSpan, windowOf, type SpanName, type TimeWindow } from './time-spans.ts'

/** The stretch of time on view; the estate and every stand share it, so that they line up. */
export const useTimeWindow = defineStore('time-window', () => {
  const today = ref<Day>(todayNow())
  const span = ref<SpanName>(firstSpan)
  const shiftDays = ref(0)
  const window = computed<TimeWindow>(() => {
    const about = windowOf(span.value, today.value)
    return { from: addDays(about.from, shiftDays.value), to: addDays(about.to, shiftDays.value) }
  })
  const days = computed(() => daysBetween(window.value.from, window.value.to))

  function show(name: SpanName): void {
    span.value = name
    shiftDays.value = 0
  }
  /** Moves the view by a number of days, never further ahead than a season. */
  function shift(by: number): void {
    shiftDays.value = Math.max(-4000, Math.min(180, shiftDays.value + Math.round(by)))
  }
  return { today, span, window, days, show, shift }
})
