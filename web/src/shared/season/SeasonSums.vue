<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import { Button } from 'ant-design-vue'
import { formatNumber } from '@spudder/core/base/writing'
import { computed, ref } from 'vue'
import { numberIn } from '../form/number-text.ts'
import TextField from '../../ui/TextField.vue'
import type { SizeKind } from '@spudder/core/stand/plant'
import { sourceWords } from '@spudder/core/base/reference'
import { amountWords, quantityOf, valueIn, type UnitSystem } from '@spudder/core/base/quantity'
import type { SeasonNutrient, SeasonSum } from '@spudder/core/soil/season'

/** What a season puts on the ground, against what may. */
const props = defineProps<{
  sums: readonly SeasonSum[]
  year: string
  system: UnitSystem
  sizeKind: SizeKind
}>()
const emit = defineEmits<{ limit: [nutrient: SeasonNutrient, kgPerHa: number] }>()
const where: Readonly<Record<SizeKind, string>> = {
  area: 'On this ground',
  trunks: 'On these trees',
  pots: 'In these pots',
  solution: 'Into this solution',
}
const words = { Fe: 'iron', N: 'nitrogen', S: 'sulfur', Mn: 'manganese', Zn: 'zinc' } as const
const perGround = (kgPerHa: number): string =>
  props.system === 'us'
    ? `${formatNumber(valueIn(quantityOf(kgPerHa, 'kg/ha'), 'lb/acre'), 2)} lb/acre`
    : `${formatNumber(kgPerHa, 2)} kg/ha`
const unit = computed(() => (props.system === 'us' ? 'lb/acre' : 'kg/ha'))
/** A limit by local rule as typed, by nutrient. */
const typed = ref<Partial<Record<SeasonNutrient, string>>>({})
function keep(nutrient: SeasonNutrient): void {
  const value = numberIn(typed.value[nutrient] ?? '')
  if (!(value >= 0)) return
  emit('limit', nutrient, valueIn(quantityOf(value, unit.value), 'kg/ha'))
  typed.value = {}
}
</script>

<template>
  <section
    v-if="sums.length > 0"
    class="sums stack gap-4 text-small"
    :aria-label="`Sums of ${year}`"
  >
    <h3>{{ where[sizeKind] }} in {{ year }}, with what is planned</h3>
    <ul>
      <li v-for="sum in sums" :key="sum.nutrient" :class="{ over: sum.isOver }">
        <span>{{ words[sum.nutrient] }}</span>
        <b v-if="sum.kgPerHa !== undefined">{{ perGround(sum.kgPerHa) }}</b>
        <b v-else>{{ amountWords('mass', sum.doneKg + sum.plannedKg, system, 2) }}</b>
        <FoldBox v-if="sum.limit && sum.kgPerHa !== undefined" tone="word"
          ><template #head>
            {{ sum.isOver ? 'over the ' : 'of at most ' }}{{ perGround(sum.limit.value) }}
          </template>
          <p>
            <cite>{{ sourceWords(sum.limit) }}</cite>
          </p>
          <div class="stack gap-6 hug above-6">
            <TextField
              :model-value="typed[sum.nutrient] ?? ''"
              :label="`By local rule, ${unit}`"
              inputmode="decimal"
              @update:model-value="typed[sum.nutrient] = $event"
            />
            <Button size="small" @click="keep(sum.nutrient)">Save for this place</Button>
          </div>
        </FoldBox>
      </li>
    </ul>
    <p v-if="sums.some(({ isOver }) => isOver)" class="stop">
      The season has had enough of it. Local rules and the label come first.
    </p>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 84px auto 1fr;
  gap: 10px;
  align-items: baseline;
}
</style>
