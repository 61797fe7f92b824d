<script setup lang="ts">
import { Checkbox } from 'ant-design-vue'
import FoldBox from '../../ui/FoldBox.vue'
import { formatDecimals, typedNumber } from '@spudder/core/base/writing'
import { situations, situationsOn } from '@spudder/core/soil/acid-plan'
import { readingWords } from '@spudder/core/seen/reading'
import {
  bufferTestNames,
  bufferTests,
  fizzAcidNames,
  fizzAcids,
  fizzes,
  textureNames,
  textures,
} from '@spudder/core/soil/soil'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import QuantityField from '../../ui/QuantityField.vue'
import TextField from '../../ui/TextField.vue'
import { dayWords } from '../../shared/units/today.ts'
import { newestOf } from '@spudder/core/outcome/buffering'
import { useAcidStore } from './acid-store.ts'

/** What is asked of the ground; what the bench knows already is shown, not asked. */
const { draft, depthM, start, ground, plan, plant, nitrogenKgPerM2, messageFor, system, stand } =
  useAcidStore()
const { story } = useStandCase()

const situationOptions = situationsOn(stand.context).map((value) => ({
  value,
  words: situations[value].label,
}))
const textureOptions = [
  { value: '' as const, words: 'not said' },
  ...textureNames.map((value) => ({ value, words: textures[value].label })),
]
const fizzAcidOptions = fizzAcidNames.map((value) => ({ value, words: fizzAcids[value].label }))
const fizzOptions = fizzes.map((value) => ({ value, words: value }))
const bufferOptions = [
  { value: '' as const, words: 'another, or none' },
  ...bufferTestNames.map((value) => ({ value, words: bufferTests[value].label })),
]
const known = computed(() => {
  const kinds = ['calciumCarbonate', 'organicMatter', 'clay', 'cec', 'bulkDensity'] as const
  return kinds.flatMap((kind) => {
    const reading = story.value && newestOf(story.value, kind)
    return reading ? [readingWords(reading)] : []
  })
})
const bufferPH = computed(() => story.value && newestOf(story.value, 'bufferPH'))
const isLimeMeasured = computed(() => ground.value?.lime.known === 'measured')
const feed = system.value === 'us' ? 'for example 2 lb/1000 ft2' : 'for example 100 kg/ha'
</script>

<template>
  <form class="questions" aria-label="The ground" @submit.prevent>
    <p v-if="start" class="from">
      From <b class="figure">pH {{ formatDecimals(start.pH, 1) }}</b>
      <span class="faint-note">
        ± {{ formatDecimals(start.doubt, 1) }}, as of {{ dayWords(start.startsOn) }}</span
      >
    </p>
    <TextField
      v-model="draft.targetPH"
      label="To pH"
      inputmode="decimal"
      :hint="`${plant.name} likes ${typedNumber(plant.pHRange.low)} to ${typedNumber(plant.pHRange.high)}`"
      :message="messageFor('targetPH')"
    />
    <ChoiceField v-model="draft.situation" label="Onto" :options="situationOptions" />
    <QuantityField
      v-model="draft.depth"
      label="Down to"
      dimension="length"
      unit="m"
      :message="messageFor('ground.depthM')"
      @value="depthM = $event"
    />
    <ChoiceField
      v-model="draft.texture"
      label="Texture"
      hint="a wet lump between the fingers"
      :options="textureOptions"
    />
    <ChipChoice
      v-if="!isLimeMeasured"
      v-model="draft.fizz"
      label="Fizz with vinegar or acid"
      :options="fizzOptions"
      is-optional
    />
    <ChipChoice
      v-if="!isLimeMeasured && draft.fizz === 'none'"
      v-model="draft.fizzAcid"
      label="Dripped with"
      :options="fizzAcidOptions"
      is-optional
    />
    <p v-if="known.length > 0" class="faint-note">Measured: {{ known.join('; ') }}.</p>
    <FoldBox words="A buffer test, a titration, nitrogen">
      <div class="more inside-8">
        <ChoiceField
          v-model="draft.bufferTest"
          :label="bufferPH ? `Buffer of the ${readingWords(bufferPH)}` : 'Buffer of the laboratory'"
          :options="bufferOptions"
          hint="SMP and Sikora speak for acid ground only"
        />
        <TextField
          v-model="draft.titrated"
          label="Titrated, mmol acid/kg for one pH"
          inputmode="decimal"
          :message="messageFor('ground.titratedMmol')"
        />
        <QuantityField
          v-model="draft.nitrogen"
          label="Nitrogen you feed a year, as ammonium sulfate"
          dimension="mass/area"
          unit="kg/m2"
          :hint="feed"
          @value="nitrogenKgPerM2 = $event"
        />
      </div>
    </FoldBox>
    <FoldBox v-if="ground && ground.assumptions.length > 0" class="taken"
      ><template #head>Taken for want of a measurement ({{ ground.assumptions.length }})</template>
      <ul>
        <li v-for="each in ground.assumptions" :key="each">{{ each }}</li>
      </ul>
    </FoldBox>
    <p v-for="each in ground?.buffer.left ?? []" :key="each" class="faint-note">{{ each }}</p>
    <Checkbox v-if="plan" v-model:checked="draft.isAnew" @change="draft.steps = null">
      Start a new plan from the newest pH
    </Checkbox>
  </form>
</template>

<style scoped>
.questions,
.more {
  display: grid;
  gap: 10px;
}
.from .figure {
  font-size: var(--text-large);
}
.taken ul {
  font-size: var(--text-small);
  color: var(--slate);
  padding-left: 15px;
  list-style: disc;
  margin-top: 4px;
}
</style>
