<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue'
import antTheme from 'ant-design-vue/es/theme'
import { computed } from 'vue'
import OutboxNote from './offline/OutboxNote.vue'
import AppHeader from './shared/AppHeader.vue'
import FailureNote from './shared/FailureNote.vue'
import CommandPalette from './shared/palette/CommandPalette.vue'
import { useLocale } from './shared/units/use-locale.ts'
import { useTheme } from './theme/use-theme.ts'

const theme = useTheme()
const locale = useLocale()
const antDesign = computed(() => ({
  algorithm: theme.isDark ? antTheme.darkAlgorithm : antTheme.defaultAlgorithm,
  token: {
    colorPrimary: theme.isDark ? '#ee9269' : '#a23f1b',
    colorLink: theme.isDark ? '#ee9269' : '#a23f1b',
    colorTextLightSolid: theme.isDark ? '#1b1410' : '#fffdf8',
    colorBgContainer: theme.isDark ? '#242b31' : '#fffdf8',
    colorText: theme.isDark ? '#ece8df' : '#232c33',
    fontFamily: "'Inter Variable', 'DejaVu Sans', sans-serif",
    fontSize: 15,
    borderRadius: 6,
    controlHeight: 38,
    wireframe: false,
  },
}))
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
