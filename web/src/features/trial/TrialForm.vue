<script setup lang="ts">
import { formatNumber } from '@spudder/core/base/writing'
import { trialRoutes } from '@spudder/contract/trial'
import { useChange } from '../../api/use-change.ts'
import { CreateTrialDto, trialScales } from '@spudder/contract/trial'
import { CoreError } from '@spudder/core/base/error'
import { toOutline, type Outline } from '@spudder/core/stand/ground'
import { percent, placeUnits, quantityOf, valueIn } from '@spudder/core/base/quantity'
import { readingKinds, type ReadingKind } from '@spudder/core/seen/reading'
import { powerOf, replicatesFor } from '@spudder/core/base/statistics'
import {
  demonstrationWarning,
  planTrial,
  treatmentsOf,
  trialLayouts,
  type Plot,
  type TrialDesign,
  type TrialLayout,
} from '@spudder/core/outcome/trial'
import { appliedName } from '@spudder/core/material/shelf'
import type { SourceId } from '@spudder/core/material/source'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'
import TrialMap from './TrialMap.vue'
import TrialSite from './TrialSite.vue'

/** Plans a trial: what is compared, how often, and where on the ground. */
const emit = defineEmits<{ done: [trialId: string] }>()
const props = defineProps<{
  /** A source that is asked about: it against nothing, in as many plots as see one step of the scale. */
  ask?: SourceId | undefined
  /** Another one beside it. */
  beside?: SourceId | undefined
}>()
const { standId, stand, system } = useStandCase()
const layOut = useChange(trialRoutes.layOut, { told: 'beside' })
const { checked, messageFor } = useChecked(CreateTrialDto, () => layOut.error.value)
const unit = computed(() => placeUnits[system.value].length)

/** Before anybody says otherwise, on the scale of the trial. */
const [usualScatter, usualDifference] = [0.6, 1]
/** What is compared to begin with. */
function begun(asked: readonly SourceId[]) {
  if (asked.length === 0)
    return {
      name: 'Iron on this stand',
      first: 'iron',
      firstLevels: 'untreated, sulfate on the leaf, EDDHA in the soil',
      replicates: '4',
    }
  const names = asked.map((sourceId) => appliedName({ sourceId, productName: null }))
  const question = { treatments: 1 + names.length, difference: usualDifference, plotDeviation: usualScatter, inBlocks: true } // prettier-ignore
  return {
    name: `${names.join(' or ')} against nothing`,
    first: 'treatment',
    firstLevels: ['untreated', ...names].join(', '),
    replicates: String(replicatesFor(question, 0.8, 40) ?? 40),
  }
}
const asked = [props.ask, props.beside].filter((each) => each !== undefined)
const {
  value: draft,
  forget,
  failed,
} = useKept(`trial:${standId.value}${asked.join(' ')}`, () => ({
  id: crypto.randomUUID() as string,
  ...begun(asked),
  second: '',
  secondLevels: 'none, urea',
  layout: 'blocks' as TrialLayout,
  seed: Math.random(),
  length: '6',
  width: '3',
  scale: (stand.value?.context === 'turf' ? 'turfColour' : 'severity') as ReadingKind,
  scatter: String(usualScatter),
  difference: String(usualDifference),
}))

const listOf = (text: string): string[] =>
  text
    .split(/[,;\n]/)
    .map((each) => each.trim())
    .filter((each) => each !== '')
const design = computed<TrialDesign>(() => ({
  layout: draft.value.layout,
  factors: [
    { name: draft.value.first.trim(), levels: listOf(draft.value.firstLevels) },
    ...(draft.value.second.trim() === ''
      ? []
      : [{ name: draft.value.second.trim(), levels: listOf(draft.value.secondLevels) }]),
  ],
  replicates: numberIn(draft.value.replicates),
}))
const laid = computed<{ plots: readonly Plot[]; problem?: string }>(() => {
  try {
    return { plots: planTrial(design.value, draft.value.seed) }
  } catch (error) {
    if (error instanceof CoreError) return { plots: [], problem: error.sentence() }
    throw error
  }
})
const size = computed(() => ({
  length: numberIn(draft.value.length) * unit.value.inMetric,
  width: numberIn(draft.value.width) * unit.value.inMetric,
}))
const outline = computed<Outline | undefined>(() => {
  const corners = stand.value?.measures?.outline
  return corners && toOutline(corners)
})
const groundM2 = computed(() => laid.value.plots.length * size.value.length * size.value.width)
const isTooLarge = computed(() => {
  const ground = stand.value?.size
  return ground?.kind === 'area' && ground.areaM2 !== undefined && groundM2.value > ground.areaM2
})
const ground = computed(() =>
  system.value === 'us'
    ? `${formatNumber(valueIn(quantityOf(groundM2.value, 'm²'), 'ft²'), 3)} ft²`
    : `${formatNumber(groundM2.value, 3)} m²`,
)

/** How many replicates would see the difference that matters. */
const power = computed(() => {
  const treatments = treatmentsOf(design.value.factors).length
  const question = {
    treatments,
    difference: numberIn(draft.value.difference),
    plotDeviation: numberIn(draft.value.scatter),
    inBlocks: draft.value.layout !== 'scattered',
  }
  const { replicates } = design.value
  if (!(question.difference > 0) || !(question.plotDeviation > 0) || treatments < 2)
    return undefined
  const wanted = replicatesFor(question, 0.8, 40)
  const now = replicates >= 2 ? powerOf({ ...question, replicates }) : 0
  return { wanted, now }
})
const layouts = (Object.keys(trialLayouts) as TrialLayout[]).map((value) => ({
  value,
  words: trialLayouts[value],
}))
const scales = trialScales.map((value) => ({ value, words: readingKinds[value].label }))

async function save(): Promise<void> {
  const { id, name, seed, scale } = draft.value
  const { length, width } = size.value
  const dto = checked({
    id,
    name,
    design: design.value,
    seed,
    plotLengthM: length,
    plotWidthM: width,
    scale,
    startedOn: today(),
  })
  if (!dto) return
  if (!(await layOut.send({ standId: standId.value, dto }, failed))) return
  forget()
  emit('done', id)
}
</script>

<template>
  <form class="form stack gap-32 items-start" @submit.prevent="save">
    <div class="fields">
      <TextField v-model="draft.name" label="Name" :message="messageFor('name')" />
      <div class="pair stack gap-8 items-start">
        <TextField v-model="draft.first" label="What differs" />
        <TextField
          v-model="draft.firstLevels"
          label="Its treatments"
          hint="Commas between; always one that is untreated"
        />
      </div>
      <div class="pair stack gap-8 items-start">
        <TextField v-model="draft.second" label="Second factor" hint="Empty for none" />
        <TextField v-if="draft.second.trim()" v-model="draft.secondLevels" label="Its treatments" />
      </div>
      <ChipChoice v-model="draft.layout" label="Laid out" :options="layouts" />
      <div class="trio stack gap-8">
        <TextField
          v-model="draft.replicates"
          label="Plots of each"
          inputmode="decimal"
          :message="messageFor('design')"
        />
        <TextField
          v-model="draft.length"
          :label="`Plot length, ${unit.unit}`"
          inputmode="decimal"
        />
        <TextField v-model="draft.width" :label="`Plot width, ${unit.unit}`" inputmode="decimal" />
      </div>
      <ChoiceField v-model="draft.scale" label="Rated on" :options="scales" />
      <div class="pair stack gap-8 items-start">
        <TextField
          v-model="draft.difference"
          label="Difference that would matter"
          hint="On that scale"
          inputmode="decimal"
        />
        <TextField
          v-model="draft.scatter"
          label="How much like plots differ"
          hint="One deviation; 0.4 to 0.8 of a turf grade is usual"
          inputmode="decimal"
        />
      </div>
      <p v-if="power" class="text-body">
        With {{ design.replicates }} of each it is seen
        <b class="figure">{{ percent(power.now) }}</b> of the times it is there.
        <template v-if="power.wanted">
          For 80 in 100: <b class="figure">{{ power.wanted }}</b> of each.
          <Button
            v-if="power.wanted !== design.replicates"
            size="small"
            @click="draft.replicates = String(power.wanted)"
            >Take {{ power.wanted }}</Button
          >
        </template>
        <template v-else
          >Not even 40 of each would do: make plots more alike, or ask for less.</template
        >
      </p>
      <p v-if="design.replicates === 1" class="warn" role="note">{{ demonstrationWarning }}</p>
    </div>
    <div class="drawn">
      <p v-if="laid.problem" class="warn" role="alert">{{ laid.problem }}</p>
      <template v-else>
        <TrialMap :plots="laid.plots" :factors="design.factors" :size="size" />
        <TrialSite
          v-if="outline && size.length > 0 && size.width > 0"
          :plots="laid.plots"
          :size="size"
          :ground="outline"
        />
        <p :class="isTooLarge ? 'warn' : 'faint-note'">
          {{ laid.plots.length }} plots on {{ ground }}, drawn at random.
          {{ isTooLarge ? 'That is more than this stand has: make plots smaller or fewer.' : '' }}
        </p>
      </template>
      <ProblemNote :problem="layOut.error.value" />
      <div class="row lined gap-10">
        <Button @click="draft.seed = Math.random()">Draw again</Button>
        <Button type="primary" html-type="submit" size="large" :loading="layOut.isLoading.value"
          >Create trial</Button
        >
      </div>
    </div>
  </form>
</template>

<style scoped>
.form {
  grid-template-columns: minmax(300px, 1fr) minmax(0, 1.3fr);
}
.fields,
.drawn {
  display: grid;
  gap: 10px;
}
.pair {
  grid-template-columns: 1fr 1.6fr;
}
.trio {
  grid-template-columns: repeat(3, 1fr);
}
.warn {
  color: var(--rust);
  font-weight: 600;
  font-size: var(--text-small);
}
@media (width < 860px) {
  .form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
