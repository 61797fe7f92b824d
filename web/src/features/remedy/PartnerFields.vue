<script setup lang="ts">
import FieldGroup from '../../ui/FieldGroup.vue'
import {
  findPartner,
  jarOutcomes,
  partnerKinds,
  placementConflict,
  standingBeside,
} from '@spudder/core/apply/mix'
import type { Route } from '@spudder/core/stand/plant'
import { findSource, type SourceId } from '@spudder/core/material/source'
import { jarTestOf, type JarTest } from '@spudder/core/apply/work'
import { Button, Checkbox } from 'ant-design-vue'
import { computed } from 'vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import TextField from '../../ui/TextField.vue'
import { dayWords } from '../../shared/units/today.ts'
import JarTestForm from './JarTestForm.vue'
import type { PartnerDraft } from './tank-draft.ts'

/** What else goes into the tank: whether it may, and the jar test that has to come first. */
const props = defineProps<{
  placeId: string
  sourceId: SourceId
  /** What it is called on the shelf or in the catalogue. */
  sourceName: string
  route: Route
  jarTests: readonly JarTest[]
}>()
const partners = defineModel<PartnerDraft[]>('partners', { required: true })
const waterInAfterH = defineModel<string>('waterInAfterH', { required: true })

const kindOptions = partnerKinds.map(({ id, name }) => ({ value: id, words: name }))
const standingWords = {
  usually: 'Usually goes together',
  doubtful: 'Doubtful together',
  never: 'Never together',
} as const
const rows = computed(() =>
  partners.value.map((partner) => {
    const kind = findPartner(partner.kindId)
    const standing = standingBeside(kind, findSource(props.sourceId).kind)
    return {
      partner,
      kind,
      standing,
      test:
        partner.name.trim() === '' ? undefined : jarTestOf(props.jarTests, props.sourceId, partner),
      mustWaterIn: props.route === 'leaf' && placementConflict('leaf', kind) !== undefined,
    }
  }),
)
const isSplitAsked = computed(() =>
  rows.value.some(({ mustWaterIn, partner }) => mustWaterIn && !partner.isApart),
)

function add(): void {
  const [first] = partnerKinds
  if (!first) return
  partners.value = [...partners.value, { kindId: first.id, name: first.name, dose: '' }]
}
/** A kind names itself until somebody types the name of the real thing. */
function takeKind(partner: PartnerDraft, kindId: string): void {
  const isOwnName = partner.name !== '' && partner.name !== findPartner(partner.kindId).name
  partner.kindId = kindId
  if (!isOwnName) partner.name = findPartner(kindId).name
}
const remove = (index: number) =>
  (partners.value = partners.value.filter((_, each) => each !== index))
</script>

<template>
  <div class="partners">
    <FieldGroup
      v-for="(row, index) in rows"
      :key="index"
      class="partner"
      :words="`Partner ${index + 1}`"
    >
      <div class="fitting stack gap-8 full-width items-start">
        <ChoiceField
          :model-value="row.partner.kindId"
          label="What it is"
          :options="kindOptions"
          @update:model-value="takeKind(row.partner, $event)"
        />
        <TextField v-model="row.partner.name" label="Its name" />
        <TextField
          v-model="row.partner.dose"
          label="Dose, by its own label"
          :hint="
            row.kind.isPesticide ? 'a pesticide: only by its label' : 'as you say it: 2 lb/100 gal'
          "
        />
      </div>
      <p :class="row.standing === 'never' ? 'stop' : 'faint-note'">
        <b>{{ standingWords[row.standing] }}</b>: {{ row.kind.why }} ({{ row.kind.source }}).
      </p>
      <Checkbox
        v-if="row.mustWaterIn"
        :checked="row.partner.isApart ?? false"
        @update:checked="row.partner.isApart = $event"
      >
        Put it out by itself, a day after the spray, and water it in then
      </Checkbox>
      <p v-if="row.partner.isApart" class="faint-note">
        It gets a job of its own behind the spray; the iron dries on the leaf first.
      </p>
      <p v-else-if="row.test" class="faint-note">
        Jar test {{ dayWords(row.test.testedOn) }}: {{ jarOutcomes[row.test.outcome].words }}.
      </p>
      <JarTestForm
        v-else-if="row.standing !== 'never' && row.partner.name.trim() !== ''"
        :key="`${sourceId} ${row.partner.kindId} ${row.partner.name}`"
        :place-id="placeId"
        :source-id="sourceId"
        :source-name="sourceName"
        :kind-id="row.partner.kindId"
        :partner-name="row.partner.name"
      />
      <Button type="link" size="small" @click="remove(index)">
        Remove {{ row.partner.name || 'it' }}
      </Button>
    </FieldGroup>
    <TextField
      v-if="isSplitAsked"
      v-model="waterInAfterH"
      label="Or in one tank, watered in after so many hours"
      inputmode="decimal"
      hint="empty: put it out by itself; an hour costs most of the iron on the leaf"
    />
    <Button v-if="partners.length < 6" @click="add">
      {{ partners.length === 0 ? 'Add something else to the tank' : 'Add another' }}
    </Button>
  </div>
</template>

<style scoped>
.partners,
.partner {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.partner {
  padding-bottom: 8px;
  border-bottom: 1px solid var(--line);
  width: 100%;
}
</style>
