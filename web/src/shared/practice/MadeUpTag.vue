<script setup lang="ts">
import { Tag, Tooltip } from 'ant-design-vue'
import { cameWords, type Came } from '@spudder/core/seen/reading'

/** Says of a value that a practice device made it up; of every other it says nothing. */
defineProps<{ came: Came }>()
</script>

<template>
  <Tooltip v-if="came.how === 'simulated'" :title="cameWords(came)">
    <Tag class="made-up">✕ made up</Tag>
  </Tooltip>
</template>
