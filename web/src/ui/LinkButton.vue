<script setup lang="ts">
import { Button } from 'ant-design-vue'
import type { RouteLocationRaw } from 'vue-router'

/** A link that leads on to the next thing to do; it opens in a tab of its own as links do. */
defineOptions({ inheritAttrs: false })
withDefaults(defineProps<{ to: RouteLocationRaw; isQuiet?: boolean }>(), { isQuiet: false })
</script>

<template>
  <RouterLink v-slot="{ href, navigate }" :to="to" custom>
    <Button
      :type="isQuiet ? 'default' : 'primary'"
      class="onward"
      v-bind="$attrs"
      :href="href"
      @click="navigate"
    >
      <slot />
    </Button>
  </RouterLink>
</template>

<style scoped>
.onward {
  justify-self: start;
}
</style>
