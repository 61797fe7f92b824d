<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { canKeep } from './keep-for-outside.ts'
import { useTakenAlong } from './taken-along.ts'

/** A stand is taken along, or left again; those of the day go along by themselves. */
const props = defineProps<{ standId: string; name: string }>()
const along = useTakenAlong()
const isChosen = computed(() => along.isChosen(props.standId))
const isThere = computed(() => along.isAlong(props.standId))
const words = computed(() => {
  if (!isChosen.value) return 'Take along'
  return isThere.value ? 'Taken along: leave it' : 'Taking it along'
})
const toggle = () =>
  isChosen.value
    ? along.leave(props.standId)
    : along.choose({ id: props.standId, name: props.name })
</script>

<template>
  <span v-if="canKeep()" class="along no-print">
    <span v-if="isThere && !isChosen" class="text-small text-slate">goes along today</span>
    <Button
      v-else
      class="text-small"
      type="link"
      size="small"
      :loading="isChosen && !isThere"
      @click="toggle"
      >{{ words }}</Button
    >
  </span>
</template>
