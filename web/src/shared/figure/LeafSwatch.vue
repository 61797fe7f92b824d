<script setup lang="ts">
import type { LeafPaint } from '@spudder/core/seen/finding'
import { paintSwatch, swatchSize } from '@spudder/core/seen/painter'
import type { LeafForm } from '@spudder/core/stand/plant'
import { computed } from 'vue'
import ShapeGroup from './ShapeGroup.vue'

const props = defineProps<{ form: LeafForm; paint: LeafPaint }>()
const shapes = computed(() => paintSwatch(props.form, props.paint))
</script>

<template>
  <svg :viewBox="`0 0 ${swatchSize.width} ${swatchSize.height}`" aria-hidden="true">
    <ShapeGroup :shapes="shapes" />
  </svg>
</template>
