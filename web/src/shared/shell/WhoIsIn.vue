<script setup lang="ts">
import { roleWords } from '@spudder/contract/access'
import { personRoutes } from '@spudder/contract/person'
import { Button } from 'ant-design-vue'
import { useMay } from '../../api/me.ts'
import { useChange } from '../../api/use-change.ts'
import ProblemNote from '../../ui/ProblemNote.vue'

/** Who is at work and as what; in the demo, through whose eyes else it can be looked at. */
const emit = defineEmits<{ taken: [] }>()
const { me, role } = useMay()
const eyes = useChange(personRoutes.eyes, { told: 'beside' })
async function lookAs(personId: string): Promise<void> {
  // Begins anew: nothing that the one before could see is left in memory.
  if (await eyes.send({ dto: { personId } })) window.location.assign('/')
}
</script>

<template>
  <section v-if="me" class="stack gap-8 above-16" aria-label="Who is at work">
    <p>
      <RouterLink :to="{ name: 'account' }" @click="emit('taken')">{{ me.name }}</RouterLink>
      <span v-if="role" class="text-small text-slate"
        >&ensp;{{ roleWords[role].name.toLowerCase() }} here</span
      >
    </p>
    <template v-if="me.eyes.length > 0">
      <p class="text-small text-slate text-strong">Look through the eyes of</p>
      <Button v-for="each in me.eyes" :key="each.id" block @click="lookAs(each.id)"
        >{{ each.name }}, {{ roleWords[each.role].name.toLowerCase() }}</Button
      >
      <p class="faint-note">In the demo alone: everybody else signs in.</p>
    </template>
    <ProblemNote :problem="eyes.error.value" />
  </section>
</template>
