<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import { featureOf, type Check } from '@spudder/core/verdict/diagnosis'
import { findingNames, type FindingName } from '@spudder/core/seen/finding'
import { computed } from 'vue'
import { midSentence } from '@spudder/core/base/writing'

/** How a planned check is made, and where its answer goes. */
const props = defineProps<{ check: Check }>()
const isLook = computed(() =>
  props.check.reveals.some((name) => findingNames.includes(name as FindingName)),
)
const asked = computed(() => props.check.reveals.map((name) => midSentence(featureOf(name).label)))
</script>

<template>
  <div class="stack gap-8">
    <p>{{ said(check.how) }}</p>
    <p v-if="check.caution" class="text-rust text-strong">{{ said(check.caution) }}</p>
    <p>
      It tells: {{ asked.join(', ') }}.
      <RouterLink v-if="isLook" :to="{ name: 'look' }">Say on the look what came out</RouterLink>
      <RouterLink v-else :to="{ name: 'bench' }">Put what came out in on the bench</RouterLink>;
      that does this job, and the verdict follows.
    </p>
  </div>
</template>
