<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { onScopeDispose, ref } from 'vue'

/** A note by voice, where the browser writes down what it hears; elsewhere the button is not there. */
const emit = defineEmits<{ heard: [words: string] }>()

/** The part of the Web Speech API that is used (WICG); no types of it ship with the compiler. */
interface Hearing {
  lang: string
  onresult: ((event: { readonly results: ArrayLike<ArrayLike<object>> }) => void) | null // prettier-ignore
  onend: (() => void) | null
  onerror: ((event: { readonly error: string }) => void) | null
  start(): void
  stop(): void
}
/** What was heard, in words: of all that is told of it, the only text. */
function textIn(heard: object | undefined): string {
  const told = (heard ?? {}) as Readonly<Record<string, unknown>>
  for (const name in told) if (typeof told[name] === 'string') return told[name]
  return ''
}
type HearingClass = new () => Hearing
const found = window as unknown as Readonly<Record<string, HearingClass | undefined>>
const Recognition = found['SpeechRecognition'] ?? found['webkitSpeechRecognition']
const hearing = ref<Hearing>()
const problem = ref('')

function toggle(): void {
  if (hearing.value) return hearing.value.stop()
  if (!Recognition) return
  problem.value = ''
  const now = new Recognition()
  now.lang = 'en'
  now.onresult = ({ results }) => {
    const words = Array.from(results, (each) => textIn(each[0]).trim()).join(' ')
    if (words !== '') emit('heard', words)
  }
  now.onerror = ({ error }) => {
    problem.value =
      error === 'not-allowed'
        ? 'The microphone was refused. Allow it in the settings of the browser, or type.'
        : 'Nothing was understood. Some browsers need signal for it: type instead.'
  }
  now.onend = () => (hearing.value = undefined)
  now.start()
  hearing.value = now
}
onScopeDispose(() => hearing.value?.stop())
</script>

<template>
  <div v-if="Recognition" class="stack gap-4 no-print">
    <div class="lined wrapped gap-8 items-center">
      <Button @click="toggle">{{ hearing ? 'That is all' : 'Say it' }}</Button>
      <span class="faint-note">Your browser’s maker may hear it: no names.</span>
    </div>
    <p v-if="problem" class="text-small text-rust" role="alert">{{ problem }}</p>
  </div>
</template>
