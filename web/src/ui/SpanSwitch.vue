<script setup lang="ts" generic="Name extends string">
import { LeftOutlined, RightOutlined } from '@ant-design/icons-vue'
import { Button, Segmented } from 'ant-design-vue'

/** How much time is on view, and a step to either side of it. */
defineProps<{ names: readonly Name[] }>()
const shown = defineModel<Name>({ required: true })
const emit = defineEmits<{ shift: [by: 1 | -1] }>()
const show = (name: string | number) => (shown.value = name as Name)
</script>

<template>
  <div class="lined gap-4" role="group" aria-label="Time on view">
    <Button type="text" aria-label="Earlier" @click="emit('shift', -1)"><LeftOutlined /></Button>
    <Segmented :value="shown" :options="[...names]" @update:value="show" />
    <Button type="text" aria-label="Later" @click="emit('shift', 1)"><RightOutlined /></Button>
  </div>
</template>
