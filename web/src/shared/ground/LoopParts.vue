<script setup lang="ts">
import FieldGroup from '../../ui/FieldGroup.vue'
import type { Vessel } from '@spudder/core/stand/vessel'
import { Button } from 'ant-design-vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import TextField from '../../ui/TextField.vue'
import type { PartDraft } from './size-draft.ts'

/** Tanks, beds and pipes of a loop, by their inner dimensions. */
defineProps<{ problems: Readonly<Record<string, string>> }>()
const parts = defineModel<PartDraft[]>({ required: true })

const kinds = [
  { value: 'box', words: 'bed or box' },
  { value: 'upright', words: 'round tank' },
  { value: 'lying', words: 'drum on its side' },
  { value: 'pipe', words: 'pipe or channel' },
] as const satisfies readonly { value: Vessel['kind']; words: string }[]

const add = () =>
  (parts.value = [...parts.value, { kind: 'box', length: '', width: '', depth: '', full: '' }])
const remove = (index: number) => (parts.value = parts.value.filter((_, each) => each !== index))
</script>

<template>
  <div class="parts stack gap-10 hug">
    <FieldGroup
      v-for="(part, index) in parts"
      :key="index"
      :words="`Part ${index + 1}`"
      class="part"
    >
      <ChoiceField v-model="part.kind" label="What it is" :options="kinds" />
      <TextField v-if="part.kind !== 'upright'" v-model="part.length" label="Length" />
      <TextField
        v-model="part.width"
        :label="part.kind === 'box' ? 'Width' : 'Diameter'"
        :message="problems[`part${index}`]"
      />
      <TextField v-if="part.kind !== 'pipe'" v-model="part.depth" label="Depth of the water" />
      <TextField v-else v-model="part.full" label="How full it runs" hint="for example 40 %" />
      <Button type="link" size="small" @click="remove(index)">Remove part {{ index + 1 }}</Button>
    </FieldGroup>
    <p v-if="problems['parts']" class="stop" role="alert">{{ problems['parts'] }}</p>
    <Button @click="add">{{
      parts.length === 0 ? 'Work it out by its parts' : 'Another part'
    }}</Button>
  </div>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
  gap: 8px;
  align-items: start;
  width: 100%;
}
</style>
