<script setup lang="ts">
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import type { RouteLocationRaw } from 'vue-router'
import PhotoPicture from '../../shared/photo/PhotoPicture.vue'
import type { Outgoing } from '../../offline/outgoing.ts'
import { clockOf, dayOf, dayWords, today } from '../../shared/units/today.ts'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import { rightingOf } from './put-right.ts'
import PutRight from './PutRight.vue'

/** One change that waits on this device: what it is, what became of it, and what can be done with it. */
const props = defineProps<{
  item: Outgoing
  /** Its place in the order in which they go out, from one; what was refused has none. */
  place: number | undefined
  now: Date
  /** Whether whoever is signed in made it. */
  isOwn: boolean
  /** How many rest on it and go with it. */
  resting: number
}>()
const emit = defineEmits<{ again: [version?: number]; right: [dto: object]; forget: [] }>()
const isRighting = ref(false)
const refusal = computed(() => props.item.refusal)
const righting = computed(() => rightingOf(props.item))
/** An entry is put right on the sheet of its job. */
const sheet = computed((): RouteLocationRaw | undefined => {
  const { name, standId, asked } = props.item
  if (name !== 'entry' || standId === undefined) return undefined
  return { name: 'sheet', params: { standId, jobId: String(asked['jobId']) } }
})
const made = computed(() => {
  const at = new Date(props.item.madeAt)
  const day = dayOf(at)
  return day === today() ? clockOf(at) : `${clockOf(at)}, ${dayWords(day)}`
})
const state = computed(() => {
  const { tries = 0, nextTryAt = 0, lastTry = '', by } = props.item
  if (!props.isOwn) return `Waits for ${by.name} to sign in on this device.`
  if (tries === 0) return 'Waits for its turn.'
  const seconds = Math.max(0, Math.round((nextTryAt - props.now.getTime()) / 1000))
  const next = seconds > 90 ? `${Math.round(seconds / 60)} minutes` : `${seconds} s`
  return `Tried ${tries === 1 ? 'once' : `${tries} times`}: ${lastTry} Again in ${next}.`
})
const about = computed(() =>
  props.resting === 0
    ? 'It lies on this device alone: nothing of it can be brought back.'
    : `It lies on this device alone, with ${props.resting === 1 ? 'one more that rests' : `${props.resting} more that rest`} on it: nothing of it can be brought back.`,
)
function sendRight(dto: object): void {
  isRighting.value = false
  emit('right', dto)
}
</script>

<template>
  <li class="sheet stack gap-6">
    <div class="lined gap-10 items-start">
      <PhotoPicture
        v-if="item.name === 'photo'"
        :photo-id="item.id"
        :words="item.title"
        class="picture"
      />
      <div class="stack gap-4">
        <b
          ><template v-if="place">{{ place }}. </template>{{ item.title }}</b
        >
        <span class="text-small text-slate">{{
          [item.standName, `made at ${made}`].filter(Boolean).join(', ')
        }}</span>
      </div>
      <span class="delete">
        <ConfirmButton
          is-small
          :words="refusal?.version === undefined ? 'Delete it' : 'Theirs: delete mine'"
          sure="Delete it"
          :label="`Delete: ${item.title}`"
          question="Delete it?"
          :about="about"
          @confirm="emit('forget')"
        />
      </span>
    </div>
    <template v-if="refusal">
      <span class="text-rust text-strong">Not taken: {{ refusal.words }}</span>
      <p v-if="refusal.version !== undefined">
        Yours: <b>{{ item.title }}</b>. Which of the two holds?
      </p>
    </template>
    <span v-else class="text-slate">{{ state }}</span>
    <PutRight v-if="isRighting && righting" :item="item" :righting="righting" @done="sendRight" />
    <div v-if="refusal ?? sheet" class="lined wrapped items-center gap-8">
      <template v-if="refusal">
        <Button v-if="refusal.version !== undefined" @click="emit('again', refusal.version)"
          >Yours: store it over theirs</Button
        >
        <template v-else>
          <Button v-if="righting && !isRighting" type="primary" @click="isRighting = true"
            >Put it right</Button
          >
          <RouterLink v-if="sheet" class="reach" :to="sheet">Put it right</RouterLink>
          <Button @click="emit('again')">Try again as it is</Button>
        </template>
      </template>
      <RouterLink v-else-if="sheet" class="reach" :to="sheet">Open its sheet</RouterLink>
    </div>
  </li>
</template>

<style scoped>
li {
  padding: 12px;
}
.picture {
  width: 64px;
  height: 48px;
  object-fit: cover;
  border-radius: 4px;
}
.delete {
  margin-left: auto;
}
</style>
