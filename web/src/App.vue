<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue'
import { computed } from 'vue'
import OutboxNote from './offline/OutboxNote.vue'
import AppHeader from './shared/AppHeader.vue'
import FailureNote from './shared/FailureNote.vue'
import CommandPalette from './shared/palette/CommandPalette.vue'
import { useLocale } from './shared/units/use-locale.ts'
import { libraryTheme } from './ui/library-theme.ts'
import { useNarrow } from './ui/use-narrow.ts'
import { useTheme } from './ui/use-theme.ts'

const theme = useTheme()
const isNarrow = useNarrow()
const locale = useLocale()
const antDesign = computed(() =>
  libraryTheme(theme.isDark ? 'dark' : 'light', isNarrow.value ? 'narrow' : 'wide'),
)
</script>

<template>
  <ConfigProvider :theme="antDesign" :auto-insert-space-in-button="false">
    <a class="skip" href="#main">Skip to the content</a>
    <AppHeader />
    <OutboxNote />
    <FailureNote />
    <main id="main" tabindex="-1">
      <RouterView :key="locale" />
    </main>
    <CommandPalette />
  </ConfigProvider>
</template>

<style scoped>
.skip {
  position: absolute;
  left: 8px;
  top: -60px;
  z-index: 20;
  padding: 8px 14px;
  background: var(--ink);
  color: var(--paper);
}
.skip:focus {
  top: 8px;
}
main {
  padding: 0 20px 32px;
  outline: none;
}
@media print {
  main {
    padding: 0;
  }
}
@media (width < 700px) {
  main {
    padding: 0 10px 32px;
  }
}
</style>
