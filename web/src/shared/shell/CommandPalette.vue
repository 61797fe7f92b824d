<script setup lang="ts">
import { searchRoutes, type FoundDto } from '@spudder/contract/search'
import { until, watchDebounced } from '@vueuse/core'
import { AutoComplete, Modal } from 'ant-design-vue'
import { computed, nextTick, ref, useId, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { call } from '../../api/call.ts'
import { useMay } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import { useTheme } from '../../ui/use-theme.ts'
import { useHelp } from '../help/use-help.ts'
import { entries } from './entries.ts'
import { foundCommand } from './found-command.ts'
import { usePalette, type Command } from './use-palette.ts'

/** Goes to anything that has a name: screens here, things of the place by the server. */
const palette = usePalette()
const theme = useTheme()
const help = useHelp()
const router = useRouter()
const { place } = usePlace()
const { may } = useMay()
const search = ref('')
const found = ref<readonly FoundDto[]>([])
const problem = ref('')
const id = useId()
const field = useTemplateRef<{ focus: () => void }>('field')

const always = computed((): readonly Command[] => [
  ...entries.filter(({ needs }) => may(needs)),
  { words: 'Light or dark', hint: 'change the look', act: () => theme.toggle() },
  { words: 'In the sun', hint: 'colours for a bright screen', act: () => theme.choose('sun') },
  { words: 'Help', hint: 'first steps, keys, words', act: () => help.open() },
])
const commands = computed(() => {
  const wanted = search.value.trim().toLowerCase()
  // What is called so comes before what only has to do with it.
  const isCalled = ({ words }: Command) => words.toLowerCase().includes(wanted)
  const here = [...palette.local, ...always.value]
    .filter(({ words, hint }) => `${words} ${hint}`.toLowerCase().includes(wanted))
    .toSorted((a, b) => Number(isCalled(b)) - Number(isCalled(a)))
  const things = found.value.map(foundCommand)
  const inRecord: Command = {
    words: `“${search.value.trim()}” in the record`,
    hint: 'search what was done',
    to: { name: 'record', query: { text: search.value.trim() } },
  }
  return wanted === '' ? here : [...things, ...here, inRecord]
})
const options = computed(() =>
  commands.value.map(({ words, hint }, index) => ({ value: String(index), words, hint })),
)

/** Things are asked for as they are typed; what was asked before and comes later is dropped. */
let asked = 0
/** The text that what is found belongs to. */
const answeredFor = ref('')
async function find(text: string): Promise<void> {
  const mine = (asked += 1)
  problem.value = ''
  const wanted = text.trim()
  if (wanted === '' || !place.value) {
    found.value = []
    answeredFor.value = text
    return
  }
  const path = { placeId: place.value.id, query: { text: wanted.slice(0, 80) } }
  const answer = await call(searchRoutes.find, path).catch((error: unknown) => error)
  if (mine !== asked) return
  if (answer instanceof Error) problem.value = answer.message
  found.value = Array.isArray(answer) ? (answer as FoundDto[]) : []
  answeredFor.value = text
}
watchDebounced(search, find, { debounce: 120 })
watch(
  () => palette.isOpen,
  async (isOpen) => {
    if (!isOpen) return
    search.value = ''
    found.value = []
    answeredFor.value = ''
    // The dialog draws its field when it is there itself; until then keys are kept.
    const input = await until(field).toBeTruthy()
    const { text, isEntered } = palette.takeAhead()
    search.value = text
    await nextTick()
    input.focus()
    if (isEntered) await take(0)
  },
  { immediate: true },
)

const besideField = (field: HTMLElement) => field.parentElement ?? field
/** Who types fast and presses Enter means what is being looked for, not what stood there before. */
async function take(index: unknown): Promise<void> {
  const isEarly = answeredFor.value !== search.value
  // Another question may have come in between and dropped this one's answer.
  while (answeredFor.value !== search.value) await find(search.value)
  const command = commands.value[isEarly ? 0 : Number(index)]
  if (!command) return
  palette.close()
  command.act?.()
  if (command.to) void router.push(command.to)
}
</script>

<template>
  <Modal
    :open="palette.isOpen"
    title="Go to"
    :footer="null"
    :width="560"
    destroy-on-close
    @cancel="palette.close()"
  >
    <!-- The field would take Esc for closing its list, which is the whole of the dialog. -->
    <div class="palette" @keydown.esc.capture="palette.close()">
      <label :for="id" class="visually-hidden">Go to</label>
      <AutoComplete
        :id="id"
        ref="field"
        :value="search"
        :options="options"
        :open="palette.isOpen"
        :default-active-first-option="true"
        :get-popup-container="besideField"
        :list-height="340"
        :virtual="false"
        placeholder="Stand, product, sprayer, trial or screen"
        class="field"
        @search="search = $event"
        @select="take"
      >
        <template #option="{ words, hint }">
          <span class="line lined apart gap-12"
            ><b>{{ words }}</b> <span class="faint-note">{{ hint }}</span></span
          >
        </template>
      </AutoComplete>
    </div>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <p class="faint-note">
      <kbd>↑</kbd> <kbd>↓</kbd> choose, <kbd>Enter</kbd> go, <kbd>Esc</kbd> close
    </p>
  </Modal>
</template>

<style scoped>
/* Room for the list under its field, so that the dialog holds both. */
.palette {
  position: relative;
  min-height: 392px;
}
.field {
  width: 100%;
}
.line b {
  font-weight: 600;
}
</style>
