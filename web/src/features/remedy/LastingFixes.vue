<script setup lang="ts">
import { Checkbox } from 'ant-design-vue'
import DayField from '../../ui/DayField.vue'
import { addDays } from '@spudder/core/base/calendar'
import { lastingFixesFor, type LastingFix } from '@spudder/core/material/choice'
import type { StandKind } from '@spudder/core/stand/plant'
import { computed } from 'vue'
import TextField from '../../ui/TextField.vue'
import { today } from '../../shared/units/today.ts'

/** The lasting fix beside the quick one: ready sentences to take, or own words. */
const props = defineProps<{
  causeId: string
  kind: StandKind
  messages: { readonly lasting?: string | undefined; readonly retestOn?: string | undefined }
}>()
const words = defineModel<string>('words', { required: true })
const retestOn = defineModel<string>('retestOn', { required: true })

const fixes = computed(() => lastingFixesFor(props.causeId, props.kind))
const isTaken = (fix: LastingFix): boolean => words.value.includes(fix.words)

/** Takes a fix into the words or out of them; the day of its test is proposed once. */
function toggle(fix: LastingFix): void {
  if (isTaken(fix)) {
    words.value = words.value
      .replace(fix.words, '')
      .replace(/\s{2,}/g, ' ')
      .trim()
    return
  }
  words.value = `${words.value.trim()} ${fix.words}`.trim()
  if (fix.retestAfterDays !== undefined && retestOn.value === '') {
    retestOn.value = addDays(today(), fix.retestAfterDays)
  }
}
const taken = computed(() => fixes.value.filter(isTaken))
</script>

<template>
  <div class="stack gap-8">
    <h2>Lasting fix</h2>
    <div v-if="fixes.length > 0" class="fixes stack gap-4" role="group" aria-label="Lasting fixes">
      <Checkbox
        v-for="fix in fixes"
        :key="fix.id"
        :checked="isTaken(fix)"
        @update:checked="toggle(fix)"
      >
        {{ fix.label }} <span class="faint-note">{{ fix.takes }}</span>
      </Checkbox>
    </div>
    <p v-if="taken.some(({ isByAcidPlan }) => isByAcidPlan)" class="faint-note">
      How much, in which steps, and whether it can work at all:
      <RouterLink :to="{ name: 'acid' }">the acid plan</RouterLink>
    </p>
    <p v-for="fix in taken.filter(({ but }) => but)" :key="fix.id" class="faint-note">
      {{ fix.label }}: {{ fix.but }}
    </p>
    <TextField v-model="words" label="In your words" :message="messages.lasting" />
    <DayField
      v-model="retestOn"
      label="Test pH again on (if wanted)"
      :message="messages.retestOn"
    />
  </div>
</template>
