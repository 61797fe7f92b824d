<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useTheme } from '../../ui/use-theme.ts'
import { usePalette, type Command } from './use-palette.ts'

const palette = usePalette()
const theme = useTheme()
const router = useRouter()
const dialog = useTemplateRef<HTMLDialogElement>('dialog')
const search = ref('')
const chosen = ref(0)

const always: readonly Command[] = [
  { words: 'Estate', hint: 'all ribbons', to: { name: 'estate' } },
  { words: 'Add a stand', hint: 'a planting to care for', to: { name: 'new-stand' } },
  { words: 'Dates', hint: 'jobs on their days, plan the season', to: { name: 'dates' } },
  { words: 'Record', hint: 'what was done, search, CSV, PDF', to: { name: 'record' } },
  { words: 'Sprayers', hint: 'set-up and calibration', to: { name: 'sprayers' } },
  { words: 'Shelf', hint: 'products, prices, labels', to: { name: 'shelf' } },
  { words: 'Reference', hint: 'sources, constants, schools', to: { name: 'reference' } },
  { words: 'Light or dark', hint: 'change the look', act: () => theme.toggle() },
]

const found = computed(() => {
  const wanted = search.value.trim().toLowerCase()
  return [...palette.local, ...palette.stands, ...always]
    .filter(({ words, hint }) => `${words} ${hint}`.toLowerCase().includes(wanted))
    .slice(0, 12)
})

watch(search, () => (chosen.value = 0))
watch(
  () => palette.isOpen,
  async (isOpen) => {
    if (!isOpen) {
      dialog.value?.close()
      return
    }
    search.value = ''
    await nextTick()
    dialog.value?.showModal()
  },
)

function take(command: Command | undefined): void {
  if (!command) return
  palette.close()
  command.act?.()
  if (command.to) void router.push(command.to)
}

function move(by: number): void {
  chosen.value = (chosen.value + by + found.value.length) % Math.max(1, found.value.length)
}

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest('input, textarea, select') !== null

onKeyStroke('/', (event) => {
  if (isTyping(event.target) || palette.isOpen) return
  event.preventDefault()
  palette.open()
})
</script>

<template>
  <dialog ref="dialog" aria-label="Go to a stand or do something" @close="palette.close()">
    <input
      v-model="search"
      type="text"
      class="field-input"
      role="combobox"
      aria-expanded="true"
      aria-controls="palette-list"
      :aria-activedescendant="`palette-${chosen}`"
      aria-label="Stand or command"
      placeholder="Stand or command"
      @keydown.down.prevent="move(1)"
      @keydown.up.prevent="move(-1)"
      @keydown.enter.prevent="take(found[chosen])"
    />
    <ul id="palette-list" role="listbox" aria-label="Found">
      <li
        v-for="(command, index) in found"
        :id="`palette-${index}`"
        :key="command.words + command.hint"
        role="option"
        :aria-selected="index === chosen"
        @click="take(command)"
        @mousemove="chosen = index"
      >
        <span>{{ command.words }}</span>
        <span class="hint">{{ command.hint }}</span>
      </li>
    </ul>
    <p v-if="found.length === 0" class="hint">Nothing of that name.</p>
    <p class="hint keys">
      <kbd>↑</kbd><kbd>↓</kbd> choose, <kbd>Enter</kbd> go, <kbd>Esc</kbd> close
    </p>
  </dialog>
</template>

<style scoped>
dialog {
  width: min(560px, calc(100vw - 24px));
  margin-top: 10vh;
  padding: 12px;
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--strong-line);
  border-radius: 10px;
}
dialog::backdrop {
  background: #0006;
}
ul {
  margin: 10px 0;
  display: grid;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 8px 10px;
  border-radius: var(--radius);
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--sunken);
}
.hint {
  color: var(--slate);
  font-size: 0.87rem;
}
.keys kbd {
  border: 1px solid var(--strong-line);
  border-radius: 4px;
  padding: 0 5px;
  margin-right: 3px;
  font: inherit;
}
</style>
