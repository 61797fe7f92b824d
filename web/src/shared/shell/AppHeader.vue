<script setup lang="ts">
import { roleWords } from '@spudder/contract/access'
import {
  BulbOutlined,
  DownOutlined,
  MenuOutlined,
  QuestionOutlined,
  SearchOutlined,
} from '@ant-design/icons-vue'
import { Button, LayoutHeader } from 'ant-design-vue'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useMay } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import { useTheme } from '../../ui/use-theme.ts'
import { useNarrow } from '../../ui/use-narrow.ts'
import { useHelp } from '../help/use-help.ts'
import { usePractice } from '../practice/practice.ts'
import { entries } from './entries.ts'
import MainLine from './MainLine.vue'
import { useOnceOpen } from './use-once-open.ts'
import { usePalette } from './use-palette.ts'

// They come after the page: the estate need not wait for them.
const MenuDrawer = defineAsyncComponent(() => import('./MenuDrawer.vue'))
const NoticeBell = defineAsyncComponent(() => import('../notice/NoticeBell.vue'))

const theme = useTheme()
const palette = usePalette()
const help = useHelp()
const { place } = usePlace()
const practice = usePractice()
const isNarrow = useNarrow('menu')
const isPractising = computed(() => practice.on.value.length > 0 && !isNarrow.value)
const isMenuOpen = ref(false)
const wasMenuOpen = useOnceOpen(isMenuOpen)
const { me, role, may } = useMay()
const inLine = computed(() => entries.filter(({ isInLine, needs }) => isInLine && may(needs)))
</script>

<template>
  <LayoutHeader class="header no-print" role="banner">
    <RouterLink
      :to="{ name: 'estate' }"
      class="brand reach lined items-center gap-8 text-heavy text-body"
    >
      <span class="ribbon-mark" aria-hidden="true" />
      <span>Spudder</span>
    </RouterLink>
    <MainLine v-if="!isNarrow" :entries="inLine" />
    <div class="tools lined items-center gap-4">
      <span v-if="isPractising && !may('plan')" class="practice faint-note"
        >practice devices on&ensp;</span
      >
      <RouterLink
        v-else-if="isPractising"
        class="practice faint-note"
        :to="{ name: 'settings', query: { tab: 'practice' } }"
        >practice devices on&ensp;</RouterLink
      >
      <Button class="go" @click="palette.open()"
        ><SearchOutlined /> Go to … <kbd v-if="!isNarrow">/</kbd></Button
      >
      <NoticeBell v-if="place && may('see')" />
      <template v-if="!isNarrow">
        <Button type="text" @click="help.open()"><QuestionOutlined /> Help</Button>
        <Button type="text" @click="theme.toggle()"
          ><BulbOutlined /> {{ theme.isDark ? 'Light' : 'Dark' }}</Button
        >
        <Button
          v-if="place"
          type="text"
          aria-haspopup="dialog"
          :aria-expanded="isMenuOpen"
          @click="isMenuOpen = true"
        >
          <span class="who stack">
            <span>{{ place.name }}</span>
            <!-- Who works alone knows who they are; where others come in, and in the demo, it is said. -->
            <span v-if="me && (!me.isAlone || me.eyes.length > 0)" class="text-tiny"
              >{{ me.name
              }}<template v-if="role">, {{ roleWords[role].name.toLowerCase() }}</template></span
            >
          </span>
          <DownOutlined />
        </Button>
      </template>
      <Button v-else aria-label="Menu" :aria-expanded="isMenuOpen" @click="isMenuOpen = true"
        ><MenuOutlined
      /></Button>
    </div>
    <MenuDrawer v-if="wasMenuOpen" v-model:open="isMenuOpen" />
  </LayoutHeader>
</template>

<style scoped>
.header {
  display: flex;
  align-items: center;
  gap: 12px;
  height: auto;
  /* As high as it is once everything in it is there: nothing below moves. */
  min-height: 59px;
  padding: 6px 20px;
  background: none;
  line-height: 1.4;
}
.brand {
  text-decoration: none;
  letter-spacing: -0.01em;
}
.ribbon-mark {
  width: 26px;
  height: 10px;
  border-radius: 2px;
  background: linear-gradient(90deg, #efe389, #a9c04a 45%, #1f5a2c);
  box-shadow: inset 12px 0 0 -11px var(--ink);
}
.practice {
  white-space: nowrap;
}
.who {
  display: grid;
  line-height: 1.15;
  text-align: left;
}
.tools :deep(.ant-btn:has(.who)) {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  height: auto;
}
.tools {
  margin-left: auto;
}
.tools :deep(.ant-btn-text) {
  padding-inline: 9px;
  color: var(--slate);
}
/* The menu says it too. */
@media (width < 1200px) {
  .practice {
    display: none;
  }
}
@media (width < 700px) {
  .header {
    padding: 6px 10px;
  }
}
</style>
