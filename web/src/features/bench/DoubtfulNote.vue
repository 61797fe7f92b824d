<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import type { Doubtful } from '@spudder/core/seen/reading'
import { Button } from 'ant-design-vue'

/** What is asked before a reading out of the ordinary is kept. */
defineProps<{ questions: readonly Doubtful[] }>()
defineEmits<{ so: []; instead: [value: number] }>()
</script>

<template>
  <div v-if="questions.length > 0" class="stop stack gap-8" role="alert">
    <p v-for="each in questions" :key="each.question">{{ each.question }}</p>
    <div class="answers lined wrapped gap-8">
      <template v-for="each in questions" :key="each.question">
        <Button v-if="each.instead !== undefined" @click="$emit('instead', each.instead)">
          Yes, take {{ formatNumber(each.instead, 4) }}
        </Button>
      </template>
      <Button @click="$emit('so')">It is right: save it</Button>
    </div>
  </div>
</template>
