<script setup lang="ts">
import { ChangeStandDto, standRoutes, type StandDto } from '@spudder/contract/stand'
import { findPlant, varieties, varietyNames } from '@spudder/core/stand/plant'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import { formatDecimals } from '@spudder/core/base/writing'
import { Button, Checkbox } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useSeen } from '../../api/use-seen.ts'
import { useChange } from '../../api/use-change.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import DayField from '../../ui/DayField.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { grownDraftOf, partMeasures, readGrown } from './grown-draft.ts'

/** How a stand grows: what doses, verdicts and days need beside its size. */
const props = defineProps<{ stand: StandDto; system: UnitSystem }>()
const draft = ref(grownDraftOf(props.stand.measures ?? null, props.system))
const read = computed(() => readGrown(draft.value))
const seen = useSeen(() => props.stand)
const change = useChange(standRoutes.change, { told: 'beside' })
const { checked, messageFor } = useChecked(ChangeStandDto, () => change.error.value)
const isKept = ref(false)
const problem = (field: string, kept: string) =>
  read.value.problems[field] ?? messageFor(`measures.${kept}`)

const usual = computed(() => {
  const { pHRange } = findPlant(props.stand.plantId)
  return `usual for its kind: ${formatDecimals(pHRange.low, 1)} to ${formatDecimals(pHRange.high, 1)}`
})
const isWoody = computed(() => props.stand.context === 'tree')
const isInRows = computed(() => ['tree', 'row-crop', 'shrub'].includes(props.stand.context))
const isSown = computed(() => ['row-crop', 'container', 'turf'].includes(props.stand.context))
const varietyOptions = [
  { value: '' as const, words: 'not known' },
  ...varietyNames.map((value) => ({ value, words: varieties[value] })),
]
/** Lengths that are usual, as the place writes them [m]. */
const usualM = { us: [1.2192, 2.4384, 0.3048], metric: [1.2, 2.5, 0.3] } as const
const example = computed(() =>
  usualM[props.system].map((metres) => amountWords('length', metres, props.system, 2)),
)

async function save(): Promise<void> {
  isKept.value = false
  if (Object.keys(read.value.problems).length > 0) return
  const { sizes } = partMeasures(props.stand.measures)
  const dto = checked({ version: seen(), measures: { ...sizes, ...read.value.grown } })
  if (dto && (await change.send({ standId: props.stand.id, dto }))) isKept.value = true
}
</script>

<template>
  <form class="grown stack gap-12" @submit.prevent="save">
    <h2>How it grows</h2>
    <div v-if="isInRows" class="stack fitting gap-10 items-start">
      <TextField
        v-model="draft.inRow"
        label="From plant to plant"
        :hint="`for example ${example[0]}`"
        :message="problem('inRow', 'inRowM')"
      />
      <TextField
        v-model="draft.betweenRows"
        label="From row to row"
        :hint="`for example ${example[1]}`"
        :message="problem('betweenRows', 'betweenRowsM')"
      />
      <TextField
        v-model="draft.canopy"
        label="Leaf to wet, seen from above"
        hint="the canopy alone; sprays are then counted by it"
        :message="problem('canopy', 'canopyM2')"
      />
    </div>
    <Checkbox v-if="isWoody" v-model:checked="draft.isAlone"
      >Each stands by itself, not in rows</Checkbox
    >
    <div class="stack fitting gap-10 items-start">
      <TextField
        v-model="draft.rootDepth"
        label="How deep most roots go"
        :hint="`for example ${example[2]}`"
        :message="problem('rootDepth', 'rootDepthM')"
      />
      <ChoiceField v-model="draft.variety" label="Variety" :options="varietyOptions" />
      <TextField
        v-model="draft.pHLow"
        label="It likes a pH from"
        inputmode="decimal"
        :hint="usual"
        :message="problem('pHLow', 'pHLow')"
      />
      <TextField
        v-model="draft.pHHigh"
        label="to"
        inputmode="decimal"
        :message="problem('pHHigh', 'pHHigh')"
      />
      <DayField
        v-model="draft.plantedOn"
        label="Planted or sown on"
        :message="problem('plantedOn', 'plantedOn')"
      />
      <DayField
        v-if="isSown"
        v-model="draft.emergedOn"
        label="Came up on"
        :message="problem('emergedOn', 'emergedOn')"
      />
    </div>
    <ProblemNote :problem="change.error.value" />
    <div>
      <Button type="primary" html-type="submit" :loading="change.isLoading.value"
        >Save how it grows</Button
      >
    </div>
    <p v-if="isKept" role="status" class="faint-note">Saved. New plans and verdicts count on it.</p>
  </form>
</template>
