<script setup lang="ts">
import { roleWords } from '@spudder/contract/access'
import { personRoutes, type InvitationDto } from '@spudder/contract/person'
import { computed } from 'vue'
import { useChange } from '../../../api/use-change.ts'
import { useRead } from '../../../api/use-read.ts'
import { momentWords } from '../../../shared/units/moment.ts'
import ConfirmButton from '../../../ui/ConfirmButton.vue'
import ProblemNote from '../../../ui/ProblemNote.vue'

/** Links that nobody followed yet. */
const props = defineProps<{ placeId: string }>()
const all = useRead(personRoutes.invitations, () => ({ placeId: props.placeId }))
const withdraw = useChange(personRoutes.withdrawInvitation, { told: 'beside' })
const open = computed(() =>
  (all.data.value ?? []).filter(
    ({ usedAt, isWithdrawn, endsAt }) =>
      usedAt === null && !isWithdrawn && endsAt > new Date().toISOString(),
  ),
)
const asWhat = ({ kind, role }: InvitationDto) =>
  kind === 'recover' || role === null ? 'to come in again' : `as ${roleWords[role].name.toLowerCase()}` // prettier-ignore
const take = (invitationId: string) =>
  withdraw.send({ placeId: props.placeId, invitationId, dto: { isWithdrawn: true } })
</script>

<template>
  <section v-if="open.length > 0" class="stack gap-8">
    <h3>Links that nobody followed yet</h3>
    <ul class="plain-list stack gap-4">
      <li v-for="each in open" :key="each.id" class="lined wrapped gap-8 items-center">
        <b>{{ each.name }}</b> {{ asWhat(each) }}
        <span class="text-small text-slate">opens until {{ momentWords(each.endsAt) }}</span>
        <ConfirmButton
          is-small
          words="Withdraw"
          :label="`Withdraw the link for ${each.name}`"
          :question="`Withdraw the link for ${each.name}?`"
          about="It opens nothing from then on. You can make another."
          sure="Withdraw it"
          @confirm="take(each.id)"
        />
      </li>
    </ul>
  </section>
  <ProblemNote :problem="all.error.value ?? withdraw.error.value" />
</template>
