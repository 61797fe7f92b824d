<script setup lang="ts">
import { Menu, MenuItem } from 'ant-design-vue'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import type { Entry } from './entries.ts'

/** The screens that can be reached from everywhere, one below the other. */
const props = defineProps<{ entries: readonly Entry[] }>()
const emit = defineEmits<{ taken: [] }>()
const route = useRoute()
const selected = computed(() =>
  props.entries.map(({ name }) => name).filter((name) => name === route.name),
)
</script>

<template>
  <Menu class="menu" mode="vertical" :selected-keys="selected" disabled-overflow>
    <MenuItem v-for="each in entries" :key="each.name" @click="emit('taken')">
      <RouterLink :to="each.to">{{ each.words }}</RouterLink>
    </MenuItem>
  </Menu>
</template>

<style scoped>
.menu {
  border: 0;
  background: none;
}
.menu :deep(a) {
  text-decoration: none;
}
</style>
