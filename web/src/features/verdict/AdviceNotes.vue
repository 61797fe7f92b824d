<script setup lang="ts">
import { adviceRoutes, CreateAdviceDto } from '@spudder/contract/advice'
import { Button, Textarea } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useMay } from '../../api/me.ts'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import MendButton from '../../shared/history/MendButton.vue'
import { dayWords, today } from '../../shared/units/today.ts'
import FormField from '../../ui/FormField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'

/** What advisers wrote beside the verdict; they, and who plans here, write on. */
const props = defineProps<{ standId: string }>()
const { may } = useMay()
const notes = useRead(adviceRoutes.all, () => ({ standId: props.standId }))
const write = useChange(adviceRoutes.write, { told: 'beside' })
const { checked, messageFor } = useChecked(CreateAdviceDto, () => write.error.value)
const listed = computed(() => notes.data.value ?? [])
const words = ref('')

async function send(): Promise<void> {
  const dto = checked({ id: crypto.randomUUID(), givenOn: today(), words: words.value.trim() })
  if (dto && (await write.send({ standId: props.standId, dto }))) words.value = ''
}
</script>

<template>
  <section
    v-if="listed.length > 0 || may('advise')"
    class="stack gap-10 ruled inside-12"
    aria-label="Advisers’ notes"
  >
    <h3>Advisers’ notes</h3>
    <article v-for="note in listed" :key="note.id" class="stack gap-4">
      <p class="words">{{ note.words }}</p>
      <p class="faint-note">
        {{ note.createdBy }}, {{ dayWords(note.givenOn) }}
        <MendButton
          v-if="may('advise')"
          :id="note.id"
          kind="advice"
          words="correct"
          :about="`Note of ${dayWords(note.givenOn)}`"
        />
      </p>
    </article>
    <form v-if="may('advise')" class="stack gap-8" aria-label="Write a note" @submit.prevent="send">
      <FormField
        v-slot="{ id, describedBy, invalid }"
        label="Your note"
        :value="words"
        :message="messageFor('words')"
      >
        <Textarea
          :id="id"
          v-model:value="words"
          :auto-size="{ minRows: 2, maxRows: 8 }"
          :aria-describedby="describedBy"
          :aria-invalid="invalid"
        />
      </FormField>
      <Button class="send" html-type="submit" :loading="write.isLoading.value"
        >Write it down</Button
      >
      <ProblemNote :problem="write.error.value" />
    </form>
  </section>
</template>

<style scoped>
.words {
  white-space: pre-line;
}
.send {
  justify-self: start;
}
</style>
