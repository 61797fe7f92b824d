<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import EmptyState from '../../ui/EmptyState.vue'
import SheetPage from './SheetPage.vue'

/** Several sheets, one after the other, to be printed in one go. */
const route = useRoute()
const wanted = computed(() =>
  String(route.query['jobs'] ?? '')
    .split(',')
    .map((pair) => pair.split(':'))
    .flatMap(([standId, jobId]) => (standId && jobId ? [{ standId, jobId }] : [])),
)
const print = () => window.print()
</script>

<template>
  <div class="no-print lined gap-16 items-center">
    <h1>{{ wanted.length === 1 ? 'One sheet' : `${wanted.length} sheets` }}</h1>
    <Button v-if="wanted.length > 0" type="primary" @click="print">Print</Button>
  </div>
  <EmptyState
    v-if="wanted.length === 0"
    title="No sheet chosen"
    words="Choose stands in the table of the estate, and print the sheets of their next jobs from there."
  />
  <div v-for="each in wanted" :key="each.jobId" class="sheet-of-many">
    <SheetPage v-bind="each" />
  </div>
</template>

<style scoped>
.sheet-of-many {
  margin-bottom: 28px;
}
@media print {
  .sheet-of-many {
    break-after: page;
    margin: 0;
  }
}
</style>
