<script setup lang="ts">
import type { FindingName, Findings } from '@spudder/core/seen/finding'
import { computed } from 'vue'
import FoldBox from '../../ui/FoldBox.vue'
import FindingChips from './FindingChips.vue'

/** Findings of one kind in words: some asked openly, the others behind "more". */
const props = defineProps<{
  open: readonly FindingName[]
  more: readonly FindingName[]
  /** Those of this kind alone, and the same ones as long as none of them changes. */
  findings: Findings
}>()
const emit = defineEmits<{ say: [name: FindingName, value: string | undefined] }>()

const say = (name: FindingName, value: string | undefined) => emit('say', name, value)
const isAnyMoreSaid = computed(() => props.more.some((name) => props.findings[name] !== undefined))
</script>

<template>
  <FindingChips :names="open" :findings="findings" @say="say" />
  <FoldBox v-if="more.length > 0" :open="isAnyMoreSaid"
    ><template #head>{{ open.length > 0 ? 'More' : 'What came out' }} ({{ more.length }})</template>
    <div class="more inside-10">
      <FindingChips :names="more" :findings="findings" @say="say" />
    </div>
  </FoldBox>
</template>

<style scoped>
.more {
  display: grid;
  gap: 11px;
}
</style>
