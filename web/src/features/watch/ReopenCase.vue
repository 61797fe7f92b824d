<script setup lang="ts">
import { caseRoutes, type CaseDto } from '@spudder/contract/case'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { useChange } from '../../api/use-change.ts'
import FoldBox from '../../ui/FoldBox.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { dayWords } from '../../shared/units/today.ts'

/** Opens a case again that was closed too early, or by mistake. */
const props = defineProps<{ closedCase: CaseDto }>()
const reopen = useChange(caseRoutes.reopen, { told: 'beside' })
const reason = ref('')
const isMissing = ref(false)

async function save(): Promise<void> {
  isMissing.value = reason.value.trim() === ''
  if (isMissing.value) return
  const { id, version } = props.closedCase
  await reopen.send({ caseId: id, dto: { version, reason: reason.value.trim() } })
}
</script>

<template>
  <FoldBox words="Open this case again">
    <form class="stack gap-8 inside-10" @submit.prevent="save">
      <p class="faint-note">
        Closed {{ dayWords(closedCase.closedOn ?? '') }}. What was seen and done in it goes on where
        it was; jobs that were dropped with it stay dropped.
      </p>
      <TextField
        v-model="reason"
        label="Why"
        :message="isMissing ? 'Say why, for whoever reads the history.' : undefined"
      />
      <ProblemNote :problem="reopen.error.value" />
      <Button html-type="submit" :loading="reopen.isLoading.value">Open it again</Button>
    </form>
  </FoldBox>
</template>
