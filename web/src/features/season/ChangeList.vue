<script setup lang="ts">
import type { SeasonChange } from '@spudder/core/outcome/season-review'
import { money } from '../../shared/units/money-words.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'

/** What to do otherwise, each with the stand that it is said of and the money that hangs on it. */
defineProps<{ changes: readonly SeasonChange[] }>()
const currency = useCurrency()
</script>

<template>
  <ol class="changes">
    <li v-for="{ words, standId, stake } in changes" :key="words">
      {{ words }}
      <span v-if="stake" class="text-slate">{{ money(stake, currency) }} hang on it.</span>
      {{ ' ' }}
      <RouterLink v-if="standId" :to="{ name: 'watch', params: { standId } }">See</RouterLink>
    </li>
  </ol>
</template>

<style scoped>
.changes {
  max-width: 82ch;
  padding-left: 26px;
  margin: 0;
  list-style: decimal;
}
li + li {
  margin-top: 8px;
}
</style>
