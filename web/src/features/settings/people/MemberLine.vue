<script setup lang="ts">
import { roles, roleWords, type Role } from '@spudder/contract/access'
import { personRoutes, type InvitationMadeDto, type MemberDto } from '@spudder/contract/person'
import { Button, Tag } from 'ant-design-vue'
import { computed } from 'vue'
import { useChange } from '../../../api/use-change.ts'
import { dayWords, today } from '../../../shared/units/today.ts'
import { momentWords } from '../../../shared/units/moment.ts'
import ChoiceField from '../../../ui/ChoiceField.vue'
import ConfirmButton from '../../../ui/ConfirmButton.vue'
import ProblemNote from '../../../ui/ProblemNote.vue'
import { useToasts } from '../../../ui/use-toasts.ts'

/** Somebody who works at the place, and what an owner can change of that. */
const props = defineProps<{ member: MemberDto; isOwner: boolean; isMe: boolean }>()
const emit = defineEmits<{ made: [link: InvitationMadeDto] }>()
const toasts = useToasts()
const change = useChange(personRoutes.changeMember, { told: 'beside' })
const recover = useChange(personRoutes.recover, { told: 'beside' })
const roleOptions = roles.map((value) => ({ value, words: roleWords[value].name }))
const address = computed(() => ({ placeId: props.member.placeId, personId: props.member.personId }))
const isOver = computed(() => (props.member.untilDay ?? '9999') < today())
const licence = computed(() => {
  const { licenceNumber, licenceExpiresOn } = props.member
  if (licenceNumber === '') return ''
  if (licenceExpiresOn === null) return `Licence ${licenceNumber}`
  const ended = licenceExpiresOn < today()
  return `Licence ${licenceNumber}, ${ended ? 'ran out' : 'until'} ${dayWords(licenceExpiresOn)}`
})

async function give(role: Role): Promise<void> {
  const { name } = props.member
  if (await change.send({ ...address.value, dto: { role } }))
    toasts.say(`${name} is ${roleWords[role].name.toLowerCase()} now.`)
}
async function takeOff(): Promise<void> {
  if (await change.send({ ...address.value, dto: { isGone: true } }))
    toasts.say(`${props.member.name} is off the place.`)
}
async function makeLink(): Promise<void> {
  const made = await recover.send(address.value)
  if (made) emit('made', made)
}
</script>

<template>
  <li class="member">
    <div>
      <p>
        <b>{{ member.name }}</b> <span v-if="isMe" class="text-small text-slate">you</span>
        <Tag v-if="isOver">no longer</Tag>
      </p>
      <p class="text-small text-slate">
        <span v-if="member.seenAt">last here {{ momentWords(member.seenAt) }}</span>
        <span v-else>was not here yet</span>
        <span v-if="member.untilDay && !isOver">, until {{ dayWords(member.untilDay) }}</span>
      </p>
      <p v-if="licence" class="text-small text-slate">{{ licence }}</p>
    </div>
    <ChoiceField
      v-if="isOwner"
      class="role"
      :model-value="member.role"
      :label="`Role of ${member.name}`"
      is-label-hidden
      :options="roleOptions"
      @update:model-value="give"
    />
    <span v-else>{{ roleWords[member.role].name }}</span>
    <span v-if="isOwner && !isMe" class="does">
      <Button
        type="link"
        size="small"
        :aria-label="`A link for ${member.name} to come in again`"
        :loading="recover.isLoading.value"
        @click="makeLink"
        >Lost password</Button
      >
      <ConfirmButton
        is-small
        words="Take off"
        :label="`Take ${member.name} off the place`"
        :question="`Take ${member.name} off the place?`"
        about="They see nothing of it any more, on no device, and their keys for programs end. What they recorded stays under their name."
        sure="Take them off"
        @confirm="takeOff"
      />
    </span>
    <ProblemNote class="problem" :problem="change.error.value ?? recover.error.value" />
  </li>
</template>

<style scoped>
.member {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px 230px;
  gap: 4px 16px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
.does {
  justify-self: end;
}
.problem {
  grid-column: 1 / -1;
}
@media (width < 700px) {
  .member {
    grid-template-columns: minmax(0, 1fr) 140px;
  }
  .does {
    grid-column: 1 / -1;
    justify-self: start;
  }
}
</style>
