<script setup lang="ts">
import { paintShowing, pictureSize, type EyeScale, type Showing } from '@spudder/core/seen/eye'
import { computed } from 'vue'
import ShapeGroup from '../../shared/figure/ShapeGroup.vue'

/** The turf or the leaves that are rated; what they are is not said, whoever asks. */
const props = defineProps<{ scale: EyeScale; showing: Showing }>()
const shapes = computed(() => paintShowing(props.scale, props.showing))
</script>

<template>
  <svg
    :viewBox="`0 0 ${pictureSize.width} ${pictureSize.height}`"
    preserveAspectRatio="xMidYMid slice"
    role="img"
    aria-label="The picture to rate"
  >
    <rect width="100%" height="100%" fill="#6b5a45" />
    <ShapeGroup :shapes="shapes" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: auto;
  max-height: 44vh;
  border-radius: 6px;
}
</style>
