<script setup lang="ts">
import type { Verdict } from '@spudder/core/diagnosis'
import { computed } from 'vue'

/** What would tell the causes still standing apart, the most telling first. */
const props = defineProps<{ verdict: Verdict }>()
const telling = computed(() =>
  props.verdict.missing.filter(({ gainBits }) => gainBits > 0.02).slice(0, 4),
)
const most = computed(() => Math.max(0.3, telling.value[0]?.gainBits ?? 0))
</script>

<template>
  <section v-if="telling.length > 0">
    <h3>Not known yet, most telling first</h3>
    <ul>
      <li v-for="open in telling" :key="open.name">
        <span>{{ open.label }}</span>
        <i
          :style="{ width: `${(open.gainBits / most) * 70}px` }"
          :title="`${open.gainBits.toFixed(2)} bit expected`"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 14px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  font-size: 0.87rem;
  padding: 2px 0;
}
i {
  height: 5px;
  background: var(--strong-line);
  border-radius: 2px;
}
</style>
