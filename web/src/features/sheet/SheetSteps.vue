<script setup lang="ts">
import TickBox from './TickBox.vue'

/** What is done one after the other, and a box to tick for every step. */
defineProps<{ order: readonly string[]; ticked: readonly number[] }>()
defineEmits<{ tick: [number: number, isTicked: boolean] }>()
</script>

<template>
  <ol>
    <li v-for="(step, index) in order" :key="index" v-memo="[step, ticked.includes(index)]">
      <TickBox :is-ticked="ticked.includes(index)" @tick="$emit('tick', index, $event)">{{
        step
      }}</TickBox>
    </li>
  </ol>
</template>

<style scoped>
ol {
  padding: 0;
  list-style: none;
  display: grid;
  gap: 2px;
}
</style>
