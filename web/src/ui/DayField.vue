<script setup lang="ts">
import { DatePicker } from 'ant-design-vue'
import { dayWords, daysBetween, isDay } from '@spudder/core/base/calendar'
import { writtenAs } from '@spudder/core/base/writing'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { today } from '../shared/units/today.ts'
import { dayFormats, readDay, storedDay } from './day-writing.ts'
import FormField from './FormField.vue'
import { useNarrow } from './use-narrow.ts'

/**
 * A day: typed as people of the place write it, or taken from the calendar, which opens by a press
 * or the arrow down and never over what somebody types.
 */
defineProps<{
  label: string
  hint?: string | undefined
  message?: string | undefined
}>()
const day = defineModel<string>({ required: true })
const isOpen = ref(false)
const unread = ref<string>()
const tag = writtenAs()
const formats = dayFormats(tag)
const box = useTemplateRef<HTMLElement>('box')
const isNarrow = useNarrow()
let key = ''
/** Nothing here is planned further ahead than a year and a bit: a slip of the year is asked about. */
const farDays = 400
const question = computed(() => {
  const ahead = isDay(day.value) ? daysBetween(today(), day.value) : 0
  if (ahead <= farDays) return undefined
  const years = Math.round(ahead / 365)
  return `That is ${years === 1 ? 'over a year' : `${years} years`} from now: is the year right?`
})

/** The library hands a day on when the field is left; here it counts as soon as it can be read. */
function typed(event: Event): void {
  const text = (event.target as HTMLInputElement).value
  const read = text.trim() === '' ? '' : readDay(text, tag)
  unread.value = undefined
  if (read !== undefined) day.value = read
}
function left(event: FocusEvent): void {
  const text = (event.target as HTMLInputElement).value
  const isRead = text.trim() === '' || readDay(text, tag) !== undefined
  unread.value = isRead ? undefined : `“${text}” is no day. Give one such as ${dayWords(today())}.`
}
const take = (chosen: unknown) => {
  day.value = typeof chosen === 'string' ? chosen : ''
  unread.value = undefined
}
function pressed(event: KeyboardEvent): void {
  key = event.key
  // A closed calendar has no use for Enter: it sends the form.
  if (key === 'Enter' && !isOpen.value) event.stopPropagation()
}
function turn(opens: boolean): void {
  if (opens && key !== '' && key !== 'ArrowDown') return
  isOpen.value = opens
}
/** A thumb takes its day from the calendar; the letters of the phone would lie over it. */
function dress(): void {
  const input = box.value?.querySelector('input')
  if (input) input.inputMode = isNarrow.value ? 'none' : ''
}
onMounted(dress)
watch(isNarrow, dress)
</script>

<template>
  <FormField
    v-slot="{ id, describedBy, invalid }"
    :label="label"
    :value="day"
    :hint="question ?? hint"
    :message="unread ?? message"
  >
    <div
      ref="box"
      @input.capture="typed"
      @focusout="left"
      @keydown.capture="pressed"
      @mousedown.capture="key = ''"
    >
      <DatePicker
        :id="id"
        :value="day"
        :value-format="storedDay"
        :format="formats"
        :open="isOpen"
        placeholder="no day"
        :status="invalid ? 'error' : ''"
        :aria-invalid="invalid"
        :aria-describedby="describedBy"
        class="day"
        @update:value="take"
        @open-change="turn"
      />
    </div>
  </FormField>
</template>

<style scoped>
.day {
  width: 100%;
}
</style>
