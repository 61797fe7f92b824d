<script setup lang="ts">
import type { DrillDto } from '@spudder/contract/drill'
import { contextNames, contexts, type Context } from '@spudder/core/stand/plant'
import { midSentence } from '@spudder/core/base/writing'
import {
  chooseNext,
  chooseOwn,
  doneOf,
  drillKindNames,
  drillKinds,
  type DrillKind,
} from '@spudder/core/verdict/drill'
import { Button } from 'ant-design-vue'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useDrills, useOwnCases } from '../../api/drills.ts'
import { useMay, useMe } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import RoleNote from '../../shared/role/RoleNote.vue'
import { today } from '../../shared/units/today.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import DrillCase from './DrillCase.vue'
import DrillOutcome from './DrillOutcome.vue'
import DrillStanding from './DrillStanding.vue'
import { useDrillDraft } from './drill-draft.ts'

/** Drawn cases whose truth is known: from which plant it is to whole investigations. */
const { place } = usePlace()
const { may } = useMay()
const { me } = useMe()
const drilling = useDrillDraft()
const draft = computed(() => drilling.kept.draft)
const all = useDrills(() => place.value?.id)
const own = computed(() =>
  (all.data.value ?? []).filter(({ createdBy }) => createdBy === me.value?.name),
)
/** The case that was just answered. */
const answered = ref<DrillDto>()

const kind = computed({
  get: () => drilling.kind,
  set: (chosen: DrillKind | undefined) => (drilling.kind = chosen ?? 'leaf'),
})
const context = computed({
  get: () => drilling.context,
  set: (chosen: Context) => (drilling.context = chosen),
})
const kinds = drillKindNames.map((value) => ({ value, words: drillKinds[value].label }))
const stands = contextNames.map((value) => ({ value, words: contexts[value].label }))

/** What is shown next begins at its beginning, however far down the last one was read. */
const top = useTemplateRef<HTMLElement>('top')
watch([draft, answered], ([now], [before]) => {
  if (now?.id !== before?.id) void nextTick(() => top.value?.scrollIntoView({ block: 'start' }))
})

const ownCases = useOwnCases(() => place.value?.id)
/** Own cases of the kind of stand chosen. */
const ownHere = computed(() =>
  (ownCases.data.value ?? []).filter((each) => each.context === drilling.context),
)
const isReady = computed(() =>
  drilling.kind === 'own' ? ownHere.value.length > 0 : all.data.value !== undefined,
)
const noneHere = computed(
  () => drilling.kind === 'own' && ownCases.data.value !== undefined && ownHere.value.length === 0,
)

function next(): void {
  answered.value = undefined
  const { kind: asked, context: here } = drilling
  if (asked === 'own') {
    const done = own.value.map(({ answeredOn, score }) => ({
      answeredOn,
      caseId: score.own?.caseId,
    }))
    const chosen = chooseOwn(ownHere.value, done)
    if (chosen) drilling.begin({ spec: null, own: chosen })
    return
  }
  const done = own.value.map(doneOf)
  const spec = chooseNext({ kind: asked, context: here, done, today: today(), chance: Math.random })
  drilling.begin({ spec })
}
</script>

<template>
  <h1 ref="top">Drill</h1>
  <RoleNote needs="work" />
  <DrillCase
    v-if="draft && place"
    :place-id="place.id"
    :draft="draft"
    @answered="answered = $event"
  />
  <template v-else>
    <DrillOutcome v-if="answered" :drill="answered" @next="next" @leave="answered = undefined" />
    <template v-else>
      <p class="readable text-slate above-4">
        Plants whose trouble is known: drawn ones, and your own closed cases. Say what it is, as you
        would outside; then see what was true, what speaks for it, and what a good practitioner
        would have spent. What you take for something else comes again until you do not.
      </p>
      <div class="page stack gap-32 above-16 items-start">
        <section class="stack gap-12" aria-label="Begin a case">
          <ChoiceField v-model="context" label="Kind of stand" :options="stands" />
          <ChipChoice v-model="kind" label="What is asked" :options="kinds" />
          <p class="faint-note">{{ drillKinds[kind].about }}</p>
          <p v-if="noneHere" role="status">
            No closed case of {{ midSentence(contexts[context].label) }} greened here yet. When one
            is closed as green, it is asked here.
          </p>
          <div v-if="may('work')">
            <Button type="primary" size="large" :disabled="!isReady" @click="next">
              Begin a case
            </Button>
          </div>
        </section>
        <DrillStanding v-if="all.data.value" :drills="own" :context="context" />
      </div>
    </template>
  </template>
</template>

<style scoped>
.page {
  grid-template-columns: minmax(0, 1fr);
}
/* One begins on the left and reads on the right. */
@media (width >= 1100px) {
  .page {
    grid-template-columns: minmax(300px, 420px) minmax(0, 1fr);
  }
}
</style>
