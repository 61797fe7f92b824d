<script setup lang="ts">
import type { Shape } from '@spudder/core/seen/painter'

/** Lays the painter's shapes into a drawing. */
defineProps<{ shapes: readonly Shape[] }>()
</script>

<template>
  <template v-for="(shape, index) in shapes" :key="index">
    <path
      v-if="shape.kind === 'fill'"
      :d="shape.d"
      :fill="shape.colour"
      :opacity="shape.opacity ?? 1"
    />
    <path
      v-else
      :d="shape.d"
      fill="none"
      :stroke="shape.colour"
      :stroke-width="shape.width"
      stroke-linecap="round"
      stroke-linejoin="round"
      :opacity="shape.opacity ?? 1"
    />
  </template>
</template>
