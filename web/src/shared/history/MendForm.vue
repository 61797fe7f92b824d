<script setup lang="ts">
import { historyRoutes, type MendableKind, type ThingDto } from '@spudder/contract/history'
import { CoreError } from '@spudder/core/base/error'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { fieldMessage } from '../../api/api-problem.ts'
import { usePlace } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import MendFields from './MendFields.vue'
import { changesOf, mendFields, typedOf, type MendField } from './mend-fields.ts'
import { useUndo } from './use-undo.ts'

/** Puts a thing right, field by field with the reason, or strikes it out. */
const props = defineProps<{ thing: ThingDto; kind: MendableKind }>()
const emit = defineEmits<{ done: [] }>()
const { place } = usePlace()
const system = computed(() => place.value?.unitSystem ?? 'us')
const undo = useUndo()
const mend = useChange(historyRoutes.mend, { told: 'beside' })
const fields = computed(() => mendFields(props.kind, props.thing.fields))
const typed = ref<Record<string, string>>(
  Object.fromEntries(
    fields.value.map((field) => [field.name, typedOf(props.thing.fields, field, system.value)]),
  ),
)
const reason = ref('')
const wrong = ref<Readonly<Record<string, string>>>({})
const messageFor = ({ name }: MendField) =>
  wrong.value[name] ?? fieldMessage(mend.error.value, name)

async function send(part: { isStruck?: boolean; changes?: object }, words: string): Promise<void> {
  if (reason.value.trim() === '') {
    wrong.value = { reason: 'Say why, for whoever reads the history.' }
    return
  }
  const { id, version } = props.thing
  const dto = { version, reason: reason.value.trim(), ...part } as never
  const stored = await mend.send({ kind: props.kind, id, dto })
  if (!stored) return
  undo.offer(words, mend.lastId())
  emit('done')
}
async function save(): Promise<void> {
  wrong.value = {}
  try {
    const changes = changesOf(props.kind, props.thing.fields, typed.value, system.value)
    if (Object.keys(changes).length === 0) {
      wrong.value = { reason: 'Nothing is changed yet.' }
      return
    }
    await send({ changes }, 'Put right.')
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    wrong.value = { reason: error.sentence() }
  }
}
const strike = () => send({ isStruck: true }, 'Struck out.')
const bringBack = () => send({ isStruck: false }, 'Brought back.')
</script>

<template>
  <form class="stack gap-10" @submit.prevent="save">
    <p v-if="thing.isStruck" class="stop">It is struck out and counts nowhere.</p>
    <MendFields v-else v-model="typed" :fields="fields" :message-for="messageFor" />
    <TextField
      v-model="reason"
      label="Why"
      hint="the history keeps it beside what was there before"
      :message="wrong['reason'] ?? fieldMessage(mend.error.value, 'reason')"
    />
    <ProblemNote :problem="mend.error.value" />
    <div class="lined wrapped gap-8">
      <template v-if="!thing.isStruck">
        <Button type="primary" html-type="submit" :loading="mend.isLoading.value"
          >Save what is right</Button
        >
        <Button danger @click="strike">Strike it out</Button>
      </template>
      <Button v-else type="primary" @click="bringBack">Bring it back</Button>
    </div>
  </form>
</template>
