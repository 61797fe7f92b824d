<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import DayField from '../../ui/DayField.vue'
import { isDay } from '@spudder/core/base/calendar'
import { parseQuantity, valueIn, amountWords } from '@spudder/core/base/quantity'
import { CoreError } from '@spudder/core/base/error'
import { findSource } from '@spudder/core/material/source'
import { Button } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import CautionList from '../../shared/case/CautionList.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { groundUnit, groundRange } from '../../shared/units/ground-rate.ts'
import { dayWords } from '../../shared/units/today.ts'
import { useAcidStore } from './acid-store.ts'

/** The steps in words, to be changed by keys too; and the plan made into jobs. */
const { steps, stepProblems, put, remove, layOutAnew, isStored, draft, ...store } = useAcidStore()
const { hasHardProblem, retests, groundM2, system, laidOut, save, request, messageFor, stand } =
  store

const unit = computed(() => groundUnit(system.value, draft.value.situation))
const totalOf = (kgPerM2: number) =>
  amountWords('mass', kgPerM2 * (groundM2.value ?? 1), system.value, 3)
/** More than this is a slip of the keyboard, whatever it is [kg/m²]. */
const mostKgPerM2 = 100
/** Amounts as they are typed; a step's own figure comes back once it is read. */
const typed = ref<Record<number, string>>({})
const typedDays = ref<Record<number, string>>({})
const unreadable = ref<Record<number, string>>({})
watch(
  () => steps.value.length,
  () => {
    typed.value = {}
    typedDays.value = {}
    unreadable.value = {}
  },
)
function setAmount(index: number, text: string): void {
  typed.value[index] = text
  try {
    const kg = valueIn(parseQuantity(text, 'mass'), 'kg')
    const kgPerM2 = kg / (groundM2.value ?? Infinity)
    const isPossible = kgPerM2 > 0 && kgPerM2 <= mostKgPerM2
    if (isPossible) put(index, { kgPerM2 })
    const message = isPossible ? '' : 'Give an amount that can be spread on this ground.'
    unreadable.value = { ...unreadable.value, [index]: message }
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    unreadable.value = { ...unreadable.value, [index]: error.sentence() }
  }
}
/** A day that is half typed, or cleared, is no day yet: the step stays where it was. */
function setDay(index: number, text: string): void {
  typedDays.value[index] = text
  if (isDay(text)) put(index, { day: text })
}
const dayMessage = (index: number): string | undefined => {
  const text = typedDays.value[index]
  return text === undefined || isDay(text) ? undefined : 'Give a day.'
}
const isUnread = computed(
  () =>
    Object.values(unreadable.value).some((message) => message !== '') ||
    Object.values(typedDays.value).some((text) => !isDay(text)),
)
const problemsOf = (index: number) => stepProblems.value.filter((each) => each.index === index)
const materials = computed(() => [...new Set(steps.value.map(({ sourceId }) => sourceId))])
/** A longer list stays shut until it is wanted. */
const mostOpen = 4
const left = computed(() => laidOut.value.leftKgPerM2)
</script>

<template>
  <section class="list stack gap-8" aria-label="Steps of the plan">
    <h3>{{ isStored ? 'Steps planned, as jobs' : 'Steps' }}</h3>
    <p v-if="steps.length === 0" class="faint-note">
      {{
        groundM2 === undefined
          ? 'Measure the ground: steps are laid out by its area.'
          : 'No steps are left to do: what is done reaches the target, or nothing may go on here.'
      }}
    </p>
    <FoldBox
      v-if="steps.length > 0 || groundM2 !== undefined"
      :open="steps.length <= mostOpen || stepProblems.length > 0"
      ><template #head>
        {{ steps.length === 1 ? 'One step' : `${steps.length} steps` }}, to change by hand
      </template>
      <ol>
        <li v-for="(step, index) in steps" :key="index">
          <span class="name">{{ findSource(step.sourceId).name }}</span>
          <DayField
            :model-value="
              dayMessage(index) === undefined ? step.day : (typedDays[index] ?? step.day)
            "
            :message="dayMessage(index)"
            :label="`Step ${index + 1} on`"
            @update:model-value="setDay(index, $event)"
          />
          <TextField
            :model-value="typed[index] ?? totalOf(step.kgPerM2)"
            :label="`Step ${index + 1}, in all`"
            :hint="groundRange({ low: step.kgPerM2, high: step.kgPerM2 }, unit)"
            :message="unreadable[index] || undefined"
            @update:model-value="setAmount(index, $event)"
          />
          <Button
            type="link"
            class="drop"
            :aria-label="`Leave step ${index + 1} out`"
            @click="remove(index)"
          >
            Leave out
          </Button>
          <p
            v-for="problem in problemsOf(index)"
            :key="problem.words"
            :class="problem.isHard ? 'stop said' : 'faint-note said'"
          >
            {{ problem.words }}
          </p>
        </li>
      </ol>
    </FoldBox>
    <p v-if="left > 0 && !isStored" class="faint-note">
      {{ groundRange({ low: left, high: left }, unit) }} more would find no room in three years of
      such steps.
    </p>
    <p v-if="retests.length > 0" class="faint-note">
      Tests: {{ retests.map((day) => dayWords(day)).join(', ') }}. They become jobs with the steps.
    </p>
    <CautionList
      v-for="sourceId in materials"
      :key="sourceId"
      :context="stand.context"
      route="soil"
      :source-id="sourceId"
    />
    <p v-if="messageFor('steps')" class="stop">{{ messageFor('steps') }}</p>
    <ProblemNote :problem="request.error.value" />
    <div class="lined wrapped gap-8">
      <Button
        type="primary"
        size="large"
        :disabled="steps.length === 0 || hasHardProblem || isUnread"
        :loading="request.isLoading.value"
        @click="save"
      >
        {{ isStored ? 'Plan again' : 'Plan these steps' }}
      </Button>
      <Button type="text" @click="layOutAnew">Recalculate steps</Button>
    </div>
    <p v-if="hasHardProblem" class="stop">A step is over its limit: move it, or take less.</p>
  </section>
</template>

<style scoped>
ol {
  display: grid;
  gap: 6px;
}
li {
  display: grid;
  grid-template-columns: minmax(150px, 230px) 158px 158px 1fr;
  gap: 4px 12px;
  align-items: start;
  border-top: 1px solid var(--line);
  padding-top: 6px;
}
.name {
  padding-top: 25px;
}
.said {
  grid-column: 1 / -1;
}
.drop {
  justify-self: start;
  margin-top: 21px;
}
@media (width < 700px) {
  li {
    grid-template-columns: 1fr 1fr;
  }
  .name {
    grid-column: 1 / -1;
  }
}
</style>
