<script setup lang="ts">
import { Button } from 'ant-design-vue'
import RibbonBand from '../../shared/ribbon/RibbonBand.vue'
import type { RibbonModel } from '../../shared/ribbon/ribbon-model.ts'
import { timeScale } from '../../shared/ribbon/time-axis.ts'
import type { TimeWindow } from '../../shared/ribbon/time-spans.ts'
import { useWidth } from '../../shared/ribbon/use-width.ts'
import { computed } from 'vue'

/** The head of a stand while one is at work further down: one line, its ribbon as a thread. */
const props = defineProps<{ name: string; model: RibbonModel; window: TimeWindow; today: string }>()
const width = useWidth('thread')
const scale = computed(() => timeScale(props.window, width.value))
const toTop = () => window.scrollTo({ top: 0 })
</script>

<template>
  <div class="folded lined items-center gap-12 no-print">
    <b>{{ name }}</b>
    <span v-if="model.now" class="faint-note">{{ model.now.words }}, {{ model.now.figure }}</span>
    <div ref="thread" class="thread shrinks">
      <RibbonBand :model="model" :scale="scale" :today="today" :band-height="7" :label="name" />
    </div>
    <Button size="small" @click="toTop">Steps</Button>
  </div>
</template>

<style scoped>
.folded {
  position: fixed;
  inset: 0 0 auto;
  z-index: 5;
  height: 44px;
  padding: 0 20px;
  background: var(--paper);
  border-bottom: 1px solid var(--strong-line);
}
.folded b {
  white-space: nowrap;
}
.thread {
  flex: 1;
  height: 32px;
  overflow: hidden;
}
@media (width < 700px) {
  .folded {
    padding: 0 10px;
  }
  .faint-note {
    display: none;
  }
}
</style>
