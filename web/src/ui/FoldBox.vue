<script setup lang="ts">
import { Collapse, CollapsePanel } from 'ant-design-vue'

/** Something that opens under the words that head it; what is inside is there from the start. */
withDefaults(
  defineProps<{
    words?: string
    /** A word in a line that opens; a line that heads a part; a row of a list. */
    tone?: 'word' | 'line' | 'row'
  }>(),
  { words: '', tone: 'line' },
)
defineSlots<{ default: () => unknown; head?: () => unknown }>()
const isOpen = defineModel<boolean>('open', { default: false })
</script>

<template>
  <Collapse
    :active-key="isOpen ? ['it'] : []"
    :class="['fold', tone]"
    :show-arrow="tone === 'line'"
    :bordered="false"
    ghost
    @update:active-key="isOpen = !isOpen"
  >
    <!-- In one piece: the library reads it off the node, by this spelling alone. -->
    <CollapsePanel
      key="it"
      v-bind="{ headerClass: 'fold-head' }"
      :show-arrow="tone === 'line'"
      force-render
    >
      <template #header>
        <slot name="head">{{ words }}</slot>
      </template>
      <slot />
    </CollapsePanel>
  </Collapse>
</template>

<style scoped>
.fold {
  min-width: 0;
  line-height: inherit;
}
.fold > :deep(.ant-collapse-item > .fold-head) {
  padding: 5px 0;
  line-height: inherit;
  color: inherit;
}
.fold > :deep(.ant-collapse-item > .fold-head > .ant-collapse-header-text) {
  flex: 1 1 auto;
  min-width: 0;
}
.fold > :deep(.ant-collapse-item > .ant-collapse-content > .ant-collapse-content-box) {
  padding: 4px 0;
}
.line > :deep(.ant-collapse-item > .fold-head) {
  font-size: var(--text-small);
  font-weight: 600;
}
.word > :deep(.ant-collapse-item > .fold-head) {
  display: inline-flex;
  padding: 3px 0;
  font-size: var(--text-small);
  color: var(--rust);
  text-decoration: underline;
  text-underline-offset: 3px;
}
.row > :deep(.ant-collapse-item > .fold-head) {
  padding: 0;
}
.row > :deep(.ant-collapse-item > .ant-collapse-content > .ant-collapse-content-box) {
  padding: 0;
}
</style>
