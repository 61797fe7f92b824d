<script setup lang="ts">
import { rights, rightsOf, rightWords, type Right } from '@spudder/contract/access'
import {
  CreateTokenDto,
  personRoutes,
  tokenDays,
  type TokenDto,
  type TokenMadeDto,
} from '@spudder/contract/person'
import type { PlaceDto } from '@spudder/contract/place'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useMay } from '../../../api/me.ts'
import { useChange } from '../../../api/use-change.ts'
import { useRead } from '../../../api/use-read.ts'
import { useChecked } from '../../../shared/form/use-checked.ts'
import { momentWords } from '../../../shared/units/moment.ts'
import { dayWords, today } from '../../../shared/units/today.ts'
import ConfirmButton from '../../../ui/ConfirmButton.vue'
import ProblemNote from '../../../ui/ProblemNote.vue'
import TextField from '../../../ui/TextField.vue'
import TickList from '../../../ui/TickList.vue'

/** Keys by which programs work at the place for whoever made them. */
const props = defineProps<{ place: PlaceDto }>()
const { role } = useMay()
const keys = useRead(personRoutes.tokens, () => ({ placeId: props.place.id }))
const create = useChange(personRoutes.createToken, { told: 'beside' })
const withdraw = useChange(personRoutes.withdrawToken, { told: 'beside' })
const { checked, messageFor } = useChecked(CreateTokenDto, () => create.error.value)
const fresh = () => ({ id: crypto.randomUUID(), name: '', rights: ['see'] as readonly Right[] })
const draft = ref(fresh())
const made = ref<TokenMadeDto>()
const options = computed(() => {
  const own = role.value === undefined ? new Set<Right>() : rightsOf(role.value)
  return rights
    .filter((right) => own.has(right))
    .map((value) => ({ value, words: rightWords[value] }))
})
const open = computed(() =>
  (keys.data.value ?? []).filter(
    ({ isWithdrawn, expiresOn }) => !isWithdrawn && expiresOn >= today(),
  ),
)
const about = ({ rights: may, expiresOn, usedAt, personName }: TokenDto) =>
  [
    `of ${personName}`,
    `may ${may.map((right) => rightWords[right]).join('; ')}`,
    `until ${dayWords(expiresOn)}`,
    usedAt === null ? 'not used yet' : `last used ${momentWords(usedAt)}`,
  ].join(', ')

async function make(): Promise<void> {
  const dto = checked({ ...draft.value, rights: [...draft.value.rights], days: tokenDays.usual })
  if (!dto) return
  made.value = await create.send({ placeId: props.place.id, dto })
  if (made.value) draft.value = fresh()
}
const take = (tokenId: string) =>
  withdraw.send({ placeId: props.place.id, tokenId, dto: { isWithdrawn: true } })
</script>

<template>
  <div class="keys stack gap-24">
    <p class="faint-note">
      A program of yours works here by a key: it sends “Authorization: Bearer” with it, may what you
      tick and you may yourself, at {{ place.name }} alone. What it can ask for stands at
      <a href="/api/openapi.json">/api/openapi.json</a>.
    </p>
    <section v-if="open.length > 0">
      <ul class="plain-list stack gap-8" aria-label="Keys in use">
        <li v-for="each in open" :key="each.id" class="lined wrapped gap-8 items-baseline">
          <b>{{ each.name }}</b> <span class="text-small text-slate">{{ about(each) }}</span>
          <ConfirmButton
            is-small
            words="Withdraw"
            :label="`Withdraw the key for ${each.name}`"
            :question="`Withdraw the key for ${each.name}?`"
            about="The program is let in no more. What it stored stays."
            sure="Withdraw it"
            @confirm="take(each.id)"
          />
        </li>
      </ul>
    </section>
    <section v-if="made" class="stack gap-8" role="status">
      <p>The key for {{ made.name }}. It is shown only now: put it where the program finds it.</p>
      <p class="secret" tabindex="0" role="textbox" aria-readonly="true" aria-label="The key">
        {{ made.token }}
      </p>
    </section>
    <form class="stack gap-12" aria-label="Make a key" @submit.prevent="make">
      <TextField v-model="draft.name" label="What it is for" :message="messageFor('name')" />
      <TickList
        v-model="draft.rights"
        label="It may"
        :options="options"
        :message="messageFor('rights')"
      />
      <p class="faint-note">It holds for {{ tokenDays.usual }} days.</p>
      <ProblemNote :problem="keys.error.value ?? create.error.value ?? withdraw.error.value" />
      <div>
        <Button type="primary" html-type="submit" :loading="create.isLoading.value"
          >Make a key</Button
        >
      </div>
    </form>
  </div>
</template>

<style scoped>
.keys {
  max-width: 620px;
}
.secret {
  padding: 8px 10px;
  border: 1px solid var(--line);
  border-radius: 4px;
  font-family: monospace;
  word-break: break-all;
  user-select: all;
}
</style>
