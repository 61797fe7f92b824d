<script setup lang="ts">
import { placeRoutes } from '@spudder/contract/place'
import { Button, Checkbox, TabPane, Tabs } from 'ant-design-vue'
import { onMounted, ref } from 'vue'
import { useMay } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import { useKnown } from '../../shared/known/use-known.ts'
import WorkerNote from '../../shared/worker/WorkerNote.vue'
import EmptyState from '../../ui/EmptyState.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import ProgressBar from '../../ui/ProgressBar.vue'
import GroundLessons from './GroundLessons.vue'
import InstrumentLessons from './InstrumentLessons.vue'
import TreatmentLessons from './TreatmentLessons.vue'
import UntreatedLessons from './UntreatedLessons.vue'

/** What the place taught of its leaves and instruments, beside what is usual; switched on and off here. */
const store = useKnown()
const { place } = usePlace()
const { may } = useMay()
onMounted(() => (store.isLookedAt = true))

const change = useChange(placeRoutes.changeSettings, { told: 'beside' })
async function set(dto: { learns?: boolean; takesAsSaid?: boolean }): Promise<void> {
  if (place.value) await change.send({ placeId: place.value.id, dto })
}
const shown = ref<'treatments' | 'untreated' | 'instruments' | 'ground'>('treatments')
</script>

<template>
  <h1>Lessons</h1>
  <p class="readable text-slate above-4">
    What the record of this place teaches: how its leaves answer treatments, how they look without
    any, how far its kits and meters are off, and how its ground holds its pH.
  </p>
  <div class="stack gap-6 above-16">
    <Checkbox
      :checked="store.learns"
      :disabled="!may('plan') || change.isLoading.value"
      @change="set({ learns: !store.learns })"
    >
      Expect what this place taught: in verdicts, rankings, acid plans, expected courses, intervals
      and next dates
    </Checkbox>
    <Checkbox
      :checked="store.putsRight"
      :disabled="!may('plan') || change.isLoading.value"
      @change="set({ takesAsSaid: store.putsRight })"
    >
      Put ratings right by the <RouterLink :to="{ name: 'eye' }">eye</RouterLink> that gave them
    </Checkbox>
    <ProblemNote :problem="change.error.value" />
  </div>
  <WorkerNote :failure="store.failure" @again="store.again" />
  <div
    v-if="store.progress !== undefined"
    class="running lined gap-10 items-center above-16"
    role="status"
  >
    <ProgressBar :share="store.progress" label="Learning" />
    <Button size="small" @click="store.cancel">Stop</Button>
  </div>
  <Tabs v-if="store.learnt && store.record" v-model:active-key="shown" class="above-16">
    <TabPane key="treatments" tab="Treatments">
      <TreatmentLessons
        v-if="store.learnt.size > 0"
        :learnt="store.learnt"
        :record="store.record"
      />
      <EmptyState
        v-else-if="store.progress === undefined"
        title="Nothing was taught yet"
        words="Enter the colour before a treatment, and again some times after it: then what it did is learnt from."
      />
    </TabPane>
    <TabPane key="untreated" tab="Without treatment">
      <UntreatedLessons v-if="store.untreated" :course="store.untreated" :record="store.record" />
    </TabPane>
    <TabPane key="instruments" tab="Kits and meters">
      <InstrumentLessons :ways="store.ways" :record="store.record" />
    </TabPane>
    <TabPane key="ground" tab="Ground">
      <GroundLessons :record="store.record" />
    </TabPane>
  </Tabs>
  <div v-else-if="store.record && store.progress === undefined" class="above-16">
    <Button @click="store.again">Learn from the record</Button>
  </div>
</template>

<style scoped>
.running {
  max-width: 420px;
}
</style>
