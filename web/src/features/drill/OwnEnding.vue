<script setup lang="ts">
import type { OwnCaseDto } from '@spudder/contract/drill'
import { daysBetween } from '@spudder/core/base/calendar'
import { computed } from 'vue'
import { dayWords } from '../../shared/units/today.ts'
import { listed } from '../../shared/words/listed.ts'

/** How an own case went: where it was, what was put out, when it was green again, what was written. */
const props = defineProps<{ own: OwnCaseDto }>()
const done = computed(() =>
  listed(
    props.own.treatments.map(
      ({ appliedName, happenedOn }) => `${appliedName} on ${dayWords(happenedOn)}`,
    ),
  ),
)
const days = computed(() =>
  daysBetween(props.own.treatments[0]?.happenedOn ?? props.own.lookedOn, props.own.closedOn),
)
</script>

<template>
  <div class="stack gap-4">
    <p>
      {{ own.standName }}, {{ dayWords(own.lookedOn) }}: {{ done }}; closed as green
      {{ days === 1 ? 'a day' : `${days} days` }} later.
    </p>
    <p v-if="own.note !== ''" class="text-slate">{{ own.note }}</p>
    <p class="faint-note">
      What greened it is taken for what it was. Weather can green leaves as well.
    </p>
  </div>
</template>
