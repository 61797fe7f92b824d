<script setup lang="ts">
import { ConfigProvider, Layout, LayoutContent } from 'ant-design-vue'
import enGB from 'ant-design-vue/es/locale/en_GB'
import enUS from 'ant-design-vue/es/locale/en_US'
import { locales } from '@spudder/core/base/writing'
import { computed, defineAsyncComponent, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useMeanwhile } from './api/meanwhile.ts'
import { isSignedOut } from './api/signed-out.ts'
import { useHelp } from './shared/help/use-help.ts'
import AppHeader from './shared/shell/AppHeader.vue'
import FailureNote from './shared/shell/FailureNote.vue'
import { useOnceOpen } from './shared/shell/use-once-open.ts'
import { usePalette } from './shared/shell/use-palette.ts'
import { useLanding } from './shared/shell/use-landing.ts'
import { useShellKeys } from './shared/shell/use-shell-keys.ts'
import { useSaid } from './shared/units/said.ts'
import { useLocale } from './shared/units/use-locale.ts'
import { libraryTheme } from './ui/library-theme.ts'
import { useNarrow } from './ui/use-narrow.ts'
import { useTheme } from './ui/use-theme.ts'
import { useToasts } from './ui/use-toasts.ts'

/** Carries what is done outside; comes with its code, after the page. */
const OutdoorNotes = defineAsyncComponent(() => import('./offline/OutdoorNotes.vue'))
// What is shown only when it is asked for is loaded then.
const CommandPalette = defineAsyncComponent(() => import('./shared/shell/CommandPalette.vue'))
const HelpDrawer = defineAsyncComponent(() => import('./shared/help/HelpDrawer.vue'))
const MeanwhileDialog = defineAsyncComponent(() => import('./shared/shell/MeanwhileDialog.vue'))
const ToastHost = defineAsyncComponent(() => import('./ui/ToastHost.vue'))

const theme = useTheme()
const isNarrow = useNarrow()
const locale = useLocale()
const antDesign = computed(() => libraryTheme(theme.scheme, isNarrow.value ? 'narrow' : 'wide'))
/** Days of the week begin as they do there; words stay English. */
const libraryWords = computed(() =>
  locales[locale.value].dayOrder === 'month first' ? enUS : enGB,
)
/** What was said before the place was known is said again in its units. */
const system = useSaid()
useShellKeys()
useLanding()
const route = useRoute()
const router = useRouter()
/** Pages for who is not in yet: there is no place to speak of. */
const isOutside = computed(() => route.meta['isOutside'] === true)
watch(isSignedOut, async (isOut) => {
  // The first answers may be there before it is known which page was opened.
  await router.isReady()
  if (!isOut || isOutside.value) return
  void router.replace({ name: 'sign-in', query: { to: route.fullPath } })
})
const palette = usePalette()
const help = useHelp()
const toasts = useToasts()
const meanwhile = useMeanwhile()
const wasPaletteOpen = useOnceOpen(() => palette.isOpen)
const wasHelpOpen = useOnceOpen(() => help.isOpen)
</script>

<template>
  <ConfigProvider :theme="antDesign" :locale="libraryWords" :auto-insert-space-in-button="false">
    <a class="skip" href="#main">Skip to the content</a>
    <Layout class="app">
      <template v-if="!isOutside">
        <AppHeader />
        <OutdoorNotes />
        <FailureNote />
      </template>
      <LayoutContent id="main" class="main" tabindex="-1">
        <RouterView :key="`${locale} ${system}`" />
      </LayoutContent>
    </Layout>
    <CommandPalette v-if="wasPaletteOpen" />
    <HelpDrawer v-if="wasHelpOpen" />
    <ToastHost v-if="toasts.last" />
    <MeanwhileDialog v-if="meanwhile.question" />
  </ConfigProvider>
</template>

<style scoped>
.app {
  min-height: 100vh;
  background: none;
}
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
.main {
  padding: 0 20px 32px;
  outline: none;
}
@media print {
  .main {
    padding: 0;
  }
}
@media (width < 700px) {
  .main {
    padding: 0 10px 32px;
  }
}
</style>
