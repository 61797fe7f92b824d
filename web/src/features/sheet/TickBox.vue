<script setup lang="ts">
import { Checkbox } from 'ant-design-vue'
import { ref, watch } from 'vue'
import { useToldAfter } from '../../ui/told-after.ts'

/** A line with a box to tick, large enough for a glove and drawn empty on paper; the tick is there at once. */
const props = defineProps<{ isTicked: boolean }>()
const emit = defineEmits<{ tick: [isTicked: boolean] }>()
const shown = ref(props.isTicked)
watch(
  () => props.isTicked,
  (now) => (shown.value = now),
)
const told = useToldAfter((isTicked: boolean) => emit('tick', isTicked))
</script>

<template>
  <Checkbox v-model:checked="shown" class="tick" @update:checked="told.later">
    <slot />
  </Checkbox>
</template>

<style scoped>
.tick {
  display: flex;
  padding: 4px 0;
  font-size: inherit;
  line-height: inherit;
}
.tick.ant-checkbox-wrapper-checked {
  color: var(--slate);
}
@media (width < 700px) {
  .tick {
    padding: 9px 0;
    font-size: var(--text-body);
  }
  .tick :deep(.ant-checkbox-inner) {
    width: 28px;
    height: 28px;
  }
}
@media print {
  .tick {
    padding: 0.6mm 0;
  }
  .tick :deep(.ant-checkbox-inner) {
    border: 1.2pt solid #000;
    border-radius: 1pt;
    background: none;
    width: 4.6mm;
    height: 4.6mm;
  }
}
</style>
