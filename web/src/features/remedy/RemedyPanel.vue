<script setup lang="ts">
import LinkButton from '../../ui/LinkButton.vue'
import EmptyState from '../../ui/EmptyState.vue'
import FoldBox from '../../ui/FoldBox.vue'
import { Skeleton } from 'ant-design-vue'
import { computed } from 'vue'
import { useShelf } from '../../api/shelf.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import { amountWords } from '@spudder/core/base/quantity'
import { contexts } from '@spudder/core/stand/plant'
import { pHAt } from '../../shared/case/pH-now.ts'
import LabelReader from './LabelReader.vue'
import RemedyChooser from './RemedyChooser.vue'

const { stand, story, openCase, newestLook, verdict, remedies, system, place } = useStandCase()
/** What is on the shelf is ranked from the first; without a shelf the catalogue alone is. */
const shelf = useShelf(() => stand.value?.placeId)
const isShelfAwaited = computed(() => shelf.status.value === 'pending')
const leading = computed(() => verdict.value?.ranked[0])
const chosenBefore = computed(() => remedies.value.toReversed())
/** Where nobody measured, the label is read at neutral. */
const pHBelief = computed(
  () => (story.value && pHAt(story.value, today())) ?? { pH: 7, doubt: 0.5 },
)
</script>

<template>
  <!-- Rates are laid out in the units of the place: they wait until it is known. -->
  <div v-if="openCase && newestLook && stand && story && leading">
    <RemedyChooser v-if="!isShelfAwaited && place" :key="stand.id" :stand="stand" />
    <Skeleton v-else active :paragraph="{ rows: 10 }" />
    <FoldBox class="label" words="Read a label for this stand">
      <LabelReader :p-h="pHBelief" :routes="contexts[stand.context].routes" />
    </FoldBox>
  </div>
  <EmptyState
    v-else
    title="No case to remedy"
    words="A remedy rests on a look. Take one first; the case opens with it."
    ><LinkButton :to="{ name: 'look' }">Take a look</LinkButton></EmptyState
  >
  <section
    v-if="chosenBefore.length > 0"
    class="before above-24 inside-12 ruled text-small stack gap-6"
  >
    <h2>Chosen in this case</h2>
    <ul>
      <li v-for="remedy in chosenBefore" :key="remedy.id">
        {{ dayWords(remedy.createdAt.slice(0, 10)) }}, {{ remedy.createdBy }}:
        {{ remedy.appliedName }}, {{ amountWords('mass', remedy.productKg, system) }} for
        {{ dayWords(remedy.applyOn) }}.
        {{ remedy.lasting }}
        <template v-if="remedy.why"
          >More than usual, because: <q>{{ remedy.why }}</q></template
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.label {
  margin-top: 22px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
</style>
