<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import FieldGroup from '../../ui/FieldGroup.vue'
import { formatNumber } from '@spudder/core/base/writing'
import { placeRoutes } from '@spudder/contract/place'
import { useChange } from '../../api/use-change.ts'
import { CoreError } from '@spudder/core/base/error'
import {
  calciumAsHardness,
  dropKitNames,
  dropKits,
  magnesiumFrom,
  readDrops,
  readingKinds,
  type DropKitName,
} from '@spudder/core/seen/reading'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import { renewedId, useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import HowGot from '../../shared/how/HowGot.vue'
import { today } from '../../shared/units/today.ts'
import { useKeepReading, type ReadingGiven } from './use-keep-reading.ts'

const { standId, place } = useStandCase()
const settings = useChange(placeRoutes.changeSettings)
const { keep, problem, isLoading } = useKeepReading()

/** Three tests, each by one of the kits for it; which kit is asked once at a place and kept. */
const tests = [
  { name: 'alkalinity', label: 'Alkalinity (KH)', kits: ['alkalinity-degrees'] },
  { name: 'hardness', label: 'Total hardness (GH)', kits: ['hardness-degrees'] },
  { name: 'calcium', label: 'Calcium', kits: ['calcium-degrees', 'calcium-10', 'calcium-20'] },
] as const satisfies readonly { name: string; label: string; kits: readonly DropKitName[] }[]
type TestName = (typeof tests)[number]['name']

const { value: drops, forget } = useKept(`drops:${standId.value}`, () => ({
  alkalinity: '',
  hardness: '',
  calcium: '',
  // Made once, so that what is sent again after a lost answer is stored once.
  ids: {
    alkalinity: crypto.randomUUID() as string,
    hardness: crypto.randomUUID() as string,
    calcium: crypto.randomUUID() as string,
    magnesium: crypto.randomUUID() as string,
  },
}))
const kept = computed(() => place.value?.settings.kits ?? [])
const kitOf = (name: TestName): DropKitName => {
  const kits: readonly DropKitName[] = tests.find((test) => test.name === name)?.kits ?? []
  return kits.find((kit) => kept.value.includes(kit)) ?? kits[0] ?? 'hardness-degrees'
}
const kitOptions = (kits: readonly DropKitName[]) =>
  kits.map((value) => ({ value, words: said(dropKits[value].words) }))

async function chooseKit(name: TestName, kit: DropKitName): Promise<void> {
  const own: readonly DropKitName[] = tests.find((test) => test.name === name)?.kits ?? []
  const kits = [
    ...dropKitNames.filter((each) => kept.value.includes(each) && !own.includes(each)),
    kit,
  ]
  if (place.value) await settings.send({ placeId: place.value.id, dto: { kits } })
}

function readingOf(name: TestName) {
  const count = numberIn(drops.value[name])
  if (Number.isNaN(count)) return undefined
  try {
    return readDrops(kitOf(name), count)
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    return undefined
  }
}
const wrong = (name: TestName) =>
  drops.value[name].trim() !== '' && !readingOf(name) ? 'Give the drops, 0 to 200.' : undefined

const magnesium = computed(() => {
  const [total, calcium] = [readingOf('hardness'), readingOf('calcium')]
  if (!total || !calcium) return undefined
  const asHardness = calcium.kind === 'calcium' ? calciumAsHardness(calcium) : calcium
  try {
    return { read: magnesiumFrom(total, asHardness) }
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    return { refused: error.sentence('Calcium hardness') }
  }
})
/** From this on a solution is not short of magnesium [mg/L]; common practice. */
const enoughMagnesium = 20
const magnesiumWords = computed(() => {
  const { read } = magnesium.value ?? {}
  if (!read) return ''
  if (read.value - read.doubt > enoughMagnesium) return 'magnesium is not short'
  return read.value + read.doubt < enoughMagnesium
    ? 'magnesium is short of the usual 20 mg/L'
    : 'too near the usual 20 mg/L for these kits to say'
})

const canKeep = computed(
  () => magnesium.value?.refused === undefined && tests.some(({ name }) => readingOf(name)),
)
type Kept = TestName | 'magnesium'
/** Keeps one reading; after a conflict what is counted is another record. */
async function keepOne(name: Kept, given: Omit<ReadingGiven, 'id' | 'method' | 'takenOn'>) {
  const id = drops.value.ids[name]
  const isStored = await keep({ id, method: 'drop-kit', takenOn: today(), ...given }, true)
  if (!isStored) drops.value.ids[name] = renewedId(id, problem.value)
  return isStored
}
async function save(): Promise<void> {
  for (const { name } of tests) {
    const read = readingOf(name)
    if (!read) continue
    const { kind, value, doubt } = read
    const instrument = `drop kit, ${dropKits[kitOf(name)].words}`
    if (!(await keepOne(name, { kind, value, doubt, instrument }))) return
  }
  const { read } = magnesium.value ?? {}
  if (read) {
    const { value, doubt } = read
    const instrument = 'from two hardness kits'
    if (!(await keepOne('magnesium', { kind: 'magnesium', value, doubt, instrument }))) return
  }
  forget()
}
function step(name: TestName, by: number): void {
  const now = numberIn(drops.value[name])
  const next = Math.max(0, (Number.isNaN(now) ? 0 : now) + by)
  drops.value = { ...drops.value, [name]: String(next) }
}
</script>

<template>
  <form class="kits stack" @submit.prevent="save">
    <FieldGroup v-for="test in tests" :key="test.name" :words="test.label">
      <ChoiceField
        :model-value="kitOf(test.name)"
        label="your kit"
        :options="kitOptions(test.kits)"
        @update:model-value="(kit) => chooseKit(test.name, kit)"
      />
      <div class="count stack gap-6 items-start">
        <Button :aria-label="`${test.label}: one drop less`" @click="step(test.name, -1)">−</Button>
        <TextField
          v-model="drops[test.name]"
          :label="`${test.label}: drops`"
          inputmode="decimal"
          :message="wrong(test.name)"
        />
        <Button :aria-label="`${test.label}: one drop more`" @click="step(test.name, 1)">+</Button>
      </div>
      <template v-if="readingOf(test.name)">
        <p class="text-large text-strong">
          {{ formatNumber(readingOf(test.name)?.value ?? 0, 3) }}
          ± {{ formatNumber(readingOf(test.name)?.doubt ?? 0, 2) }}
          <span class="unit">{{ readingKinds[readingOf(test.name)?.kind ?? 'pH'].unit }}</span>
        </p>
        <HowGot :derivation="readingOf(test.name)!.derivation" />
      </template>
    </FieldGroup>
    <div v-if="magnesium" class="magnesium" aria-live="polite">
      <p v-if="magnesium.refused" class="stop" role="alert">{{ magnesium.refused }}</p>
      <template v-else-if="magnesium.read">
        <p>
          Magnesium <b class="text-large text-strong">{{ magnesium.read.words }}</b>:
          {{ magnesiumWords }}.
        </p>
        <HowGot :derivation="magnesium.read.derivation" />
      </template>
    </div>
    <div class="bar">
      <Button type="primary" html-type="submit" :disabled="!canKeep" :loading="isLoading">
        Save readings
      </Button>
      <ProblemNote :problem="problem" />
    </div>
  </form>
</template>

<style scoped>
.kits {
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 16px 24px;
}
fieldset {
  display: grid;
  gap: 7px;
  align-content: start;
}
.count {
  grid-template-columns: 44px 1fr 44px;
}
.count > :deep(.ant-btn) {
  margin-top: 21px;
  height: 36px;
  font-size: var(--text-body);
}
.magnesium,
.bar {
  grid-column: 1 / -1;
}
@media (width < 700px) {
  .count {
    grid-template-columns: 56px 1fr 56px;
  }
  .count > :deep(.ant-btn) {
    height: 46px;
  }
}
</style>
