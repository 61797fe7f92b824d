<script setup lang="ts">
import { Breadcrumb, BreadcrumbItem } from 'ant-design-vue'
import type { RouteLocationRaw } from 'vue-router'
import { usePlace } from '../../api/places.ts'

/** Where one is: the place, the stand, the step. */
defineProps<{ steps: readonly { readonly words: string; readonly to?: RouteLocationRaw }[] }>()
const { place } = usePlace()
</script>

<template>
  <nav aria-label="Where you are" class="no-print">
    <Breadcrumb class="trail">
      <BreadcrumbItem>
        <RouterLink :to="{ name: 'estate' }">{{ place?.name ?? 'Estate' }}</RouterLink>
      </BreadcrumbItem>
      <BreadcrumbItem v-for="each in steps" :key="each.words">
        <RouterLink v-if="each.to" :to="each.to">{{ each.words }}</RouterLink>
        <span v-else aria-current="page">{{ each.words }}</span>
      </BreadcrumbItem>
    </Breadcrumb>
  </nav>
</template>

<style scoped>
.trail {
  font-size: var(--text-tiny);
}
.trail :deep(a) {
  height: auto;
  padding: 0;
  margin: 0;
}
@media (width < 700px) {
  /* As high as a thumb, without room of its own. */
  .trail {
    margin-block: -6px -8px;
  }
}
</style>
