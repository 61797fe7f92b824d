<script setup lang="ts">
import { CoreError } from '@spudder/core/base/error'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { usePlace } from '../../api/places.ts'
import type { Outgoing } from '../../offline/outgoing.ts'
import MendFields from '../../shared/history/MendFields.vue'
import { changesIn, typedOf } from '../../shared/history/mend-fields.ts'
import type { Righting } from './put-right.ts'

/** A change that was not taken, put right before it goes out again. */
const props = defineProps<{ item: Outgoing; righting: Righting }>()
const emit = defineEmits<{ done: [dto: object] }>()
const { place } = usePlace()
const system = computed(() => place.value?.unitSystem ?? 'us')
const typed = ref<Record<string, string>>(
  Object.fromEntries(
    props.righting.list.map((field) => [
      field.name,
      typedOf(props.righting.fields, field, system.value),
    ]),
  ),
)
const wrong = ref('')
function save(): void {
  const { list, fields, toDto } = props.righting
  try {
    emit('done', toDto(changesIn(list, fields, typed.value, system.value)))
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    wrong.value = error.sentence()
  }
}
</script>

<template>
  <form class="stack gap-10" @submit.prevent="save">
    <MendFields v-model="typed" :fields="righting.list" />
    <p v-if="wrong" class="text-rust text-strong" role="alert">{{ wrong }}</p>
    <div><Button type="primary" html-type="submit">Send it so</Button></div>
  </form>
</template>
