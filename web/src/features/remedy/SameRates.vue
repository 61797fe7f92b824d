<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import { formatNumber } from '@spudder/core/base/writing'
import { spoonWords, type UnitSystem } from '@spudder/core/base/quantity'
import { group } from 'd3-array'
import { rateBases, type SameRate } from '@spudder/core/material/rate'
import { computed } from 'vue'
import TextField from '../../ui/TextField.vue'

/** The same amount in every way that labels say it, and the spoon that makes weights volumes. */
const props = defineProps<{
  same: SameRate
  productKg: number
  densityKgPerL: number | undefined
  isWeighed: boolean
  system: UnitSystem
  problem?: string | undefined
}>()
const spoon = defineModel<{ measure: string; weight: string }>({ required: true })
const spoons = computed(
  () => props.densityKgPerL && spoonWords(props.productKg, props.densityKgPerL, props.system),
)
const set = (unit: string) => unit.replace(/(ft|m)2/g, '$1²')
/** Every way that a basis is said, under its name once. */
const said = computed(() =>
  [...group(props.same.said, ({ basis }) => basis)].map(([basis, ways]) => ({
    label: rateBases[basis].label,
    ways: ways.map(({ value, unit }) => `${formatNumber(value)} ${set(unit)}`),
  })),
)
const take = (part: Partial<{ measure: string; weight: string }>) =>
  (spoon.value = { ...spoon.value, ...part })
</script>

<template>
  <FoldBox class="same" tone="word" words="the same in other words">
    <dl>
      <template v-if="spoons">
        <dt>by the spoon</dt>
        <dd>{{ spoons }}<span v-if="!isWeighed"> at the usual weight of its form</span></dd>
      </template>
      <template v-for="each in said" :key="each.label">
        <dt>{{ each.label }}</dt>
        <dd v-for="way in each.ways" :key="way">{{ way }}</dd>
      </template>
    </dl>
    <div class="spoon stack halves gap-8 above-8">
      <TextField
        :model-value="spoon.measure"
        label="A level"
        :hint="
          system === 'us'
            ? '1 tbsp, 1 cup, or a scoop: then type scoops'
            : '15 mL, 250 mL, or a scoop: then type scoops'
        "
        @update:model-value="take({ measure: $event })"
      />
      <TextField
        :model-value="spoon.weight"
        label="of it weighs"
        :hint="system === 'us' ? 'weigh one once: 0.5 oz' : 'weigh one once: 14 g'"
        :message="problem"
        @update:model-value="take({ weight: $event })"
      />
    </div>
    <ul v-if="same.unsaid.length > 0">
      <li v-for="each in same.unsaid" :key="each.basis">
        {{ rateBases[each.basis].label }}: needs {{ each.missing }}
      </li>
      <li><RouterLink :to="{ name: 'size' }">Measure the stand</RouterLink></li>
    </ul>
  </FoldBox>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  font-size: var(--text-small);
  padding: 8px 10px;
  margin-top: 6px;
  background: var(--sunken);
  border-radius: var(--radius);
}
dd {
  grid-column: 2;
}
dt,
dd span {
  color: var(--slate);
}
ul {
  margin-top: 6px;
  font-size: var(--text-tiny);
  color: var(--slate);
  padding-left: 14px;
  list-style: disc;
}
</style>
