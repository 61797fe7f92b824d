<script setup lang="ts">
/** What stands around a page for who is not in yet. */
defineProps<{ title: string; isWide?: boolean }>()
</script>

<template>
  <div class="outside stack gap-16" :class="{ wide: isWide }">
    <p class="brand lined items-center gap-8 text-heavy">
      <span class="ribbon-mark" aria-hidden="true" /> Spudder
    </p>
    <h1>{{ title }}</h1>
    <slot />
  </div>
</template>

<style scoped>
.outside {
  max-width: 400px;
  margin: 56px auto;
}
.wide {
  max-width: 1060px;
  margin-top: 24px;
}
.ribbon-mark {
  width: 26px;
  height: 10px;
  border-radius: 2px;
  background: linear-gradient(90deg, #efe389, #a9c04a 45%, #1f5a2c);
}
@media (width < 700px) {
  .outside {
    margin: 20px auto;
  }
}
</style>
