<script setup lang="ts">
import { Checkbox } from 'ant-design-vue'
/** A line with a box to tick, large enough for a glove and drawn empty on paper. */
const props = defineProps<{ value: number }>()
const ticked = defineModel<number[]>({ required: true })
function tick(isTicked: boolean): void {
  const others = ticked.value.filter((each) => each !== props.value)
  ticked.value = isTicked ? [...others, props.value] : others
}
</script>

<template>
  <Checkbox class="tick" :checked="ticked.includes(value)" @update:checked="tick">
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
