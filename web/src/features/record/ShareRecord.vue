<script setup lang="ts">
import type { PlaceDto } from '@spudder/contract/place'
import {
  CreateRecordLinkDto,
  recordLinkDays,
  recordLinkRoutes,
  type RecordLinkDto,
  type RecordLinkMadeDto,
} from '@spudder/contract/record-link'
import { addDays } from '@spudder/core/base/calendar'
import { Button, Drawer } from 'ant-design-vue'
import { computed, ref } from 'vue'
import type { RecordQuestion } from '../../api/record.ts'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import LinkMade from '../../shared/link/LinkMade.vue'
import { momentWords } from '../../shared/units/moment.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import DayField from '../../ui/DayField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { daysRead } from './record-rows.ts'

/** Links by which others read a part of the record without signing in; each ends, and can be taken back. */
const props = defineProps<{
  place: PlaceDto
  stands: readonly { readonly id: string; readonly name: string }[]
  question: RecordQuestion
}>()
const emit = defineEmits<{ close: [] }>()
const all = useRead(recordLinkRoutes.all, () => ({ placeId: props.place.id }))
const create = useChange(recordLinkRoutes.create, { told: 'beside' })
const withdraw = useChange(recordLinkRoutes.withdraw, { told: 'beside' })
const { checked, messageFor } = useChecked(CreateRecordLinkDto, () => create.error.value)

const { from, to, standId } = props.question
const fresh = () => ({ id: crypto.randomUUID(), name: '', from, to, standId })
const draft = ref(fresh())
const made = ref<RecordLinkMadeDto>()
const standOptions = computed(() => [
  { value: '', words: 'every stand' },
  ...props.stands.map(({ id, name }) => ({ value: id, words: name })),
])
const until = dayWords(addDays(today(), recordLinkDays.usual))
const nameOf = (id: string | null) =>
  id === null ? 'every stand' : (props.stands.find((each) => each.id === id)?.name ?? 'a stand')
const about = (link: RecordLinkDto) =>
  [
    nameOf(link.standId),
    daysRead(link.from ?? '', link.to ?? ''),
    `opens until ${dayWords(link.expiresOn)}`,
    link.openedAt === null ? 'not opened yet' : `last opened ${momentWords(link.openedAt)}`,
  ].join(', ')

async function make(): Promise<void> {
  const { id, name, ...wanted } = draft.value
  const said = Object.fromEntries(Object.entries(wanted).filter(([, value]) => value !== ''))
  const dto = checked({ id, name, ...said, days: recordLinkDays.usual })
  if (!dto) return
  made.value = await create.send({ placeId: props.place.id, dto })
  if (made.value) draft.value = fresh()
}
const take = (linkId: string) =>
  withdraw.send({ placeId: props.place.id, linkId, dto: { isWithdrawn: true } })
</script>

<template>
  <Drawer open placement="right" title="Share the record" :width="420" @close="emit('close')">
    <div class="stack gap-24">
      <form class="stack gap-12" aria-label="Make a link to the record" @submit.prevent="make">
        <p class="faint-note">
          Whoever has the link reads these lines, with the names and licences in them, and saves
          them as CSV or PDF. They see nothing else, change nothing, and need no sign-in.
        </p>
        <TextField
          v-model="draft.name"
          label="For"
          hint="whom you give it to, to know it again by"
          :message="messageFor('name')"
        />
        <ChoiceField
          v-model="draft.standId"
          label="Stand"
          :options="standOptions"
          :message="messageFor('standId')"
        />
        <DayField v-model="draft.from" label="From" :message="messageFor('from')" />
        <DayField v-model="draft.to" label="Until" :message="messageFor('to')" />
        <p class="faint-note">It opens until {{ until }}, and can be taken back before.</p>
        <ProblemNote :problem="create.error.value" />
        <div>
          <Button type="primary" html-type="submit" :loading="create.isLoading.value"
            >Make a link</Button
          >
        </div>
      </form>
      <section v-if="(all.data.value ?? []).length > 0" class="stack gap-8">
        <h3>Links that open it</h3>
        <ul class="plain-list stack gap-12" aria-label="Links that open it">
          <li v-for="each in all.data.value" :key="each.id" class="stack gap-4">
            <b>{{ each.name }}</b>
            <span class="text-small text-slate">{{ about(each) }}</span>
            <div>
              <ConfirmButton
                is-small
                words="Take it back"
                :label="`Take the link for ${each.name} back`"
                :question="`Take the link for ${each.name} back?`"
                about="It opens nothing from then on. What was saved by it stays with whoever saved it."
                sure="Take it back"
                @confirm="take(each.id)"
              />
            </div>
          </li>
        </ul>
      </section>
      <ProblemNote :problem="all.error.value ?? withdraw.error.value" />
    </div>
    <LinkMade
      v-if="made"
      :title="`A link for ${made.name}`"
      :path="`/shared-records/${made.token}`"
      words="Whoever has it reads this part of the record. It is shown only now: copy it, or read it with a phone."
      @close="made = undefined"
    />
  </Drawer>
</template>
