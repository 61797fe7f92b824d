<script setup lang="ts">
import { aims, type AimId } from '@spudder/core/material/choice'
import { contexts, routeWords } from '@spudder/core/stand/plant'
import { computed } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import { neverOffered } from './offers.ts'
import OfferList from './OfferList.vue'
import { useRemedyStore } from './remedy-store.ts'

/** Against what, by which way, for what; and what can be chosen, best first. */
const { against, stand, size, system, shelf, draft, route, aimId, aimOptions, ...remedy } =
  useRemedyStore()
const { offers, changers, chosen, takeOffer } = remedy
const { causeId, cause, causeOptions, ending, nutrient, isNothingToBuy } = against

const routeOptions = contexts[stand.context].routes.map((value) => ({
  value,
  words: routeWords[value],
}))
const aimChoices = computed(() =>
  aimOptions.value.map((value) => ({ value, words: aims[value].label })),
)
const lightOptions = [
  { value: 'covered', words: 'covered' },
  { value: 'clear', words: 'light gets in' },
] as const
const never = neverOffered()
  .map(({ name }) => name.toLowerCase())
  .join('; ')
</script>

<template>
  <section class="choose">
    <div class="questions">
      <ChoiceField
        label="Cause"
        :model-value="cause?.id ?? ''"
        :options="causeOptions"
        @update:model-value="causeId = $event"
      />
      <ChipChoice v-model="draft.route" label="Route" :options="routeOptions" />
      <ChipChoice
        v-if="nutrient === 'Fe'"
        :model-value="aimId"
        label="Aim"
        :options="aimChoices"
        @update:model-value="draft.aim = $event as AimId"
      />
      <ChipChoice
        v-if="route === 'solution'"
        v-model="draft.light"
        label="Tank and channels"
        :options="lightOptions"
      />
    </div>
    <div v-if="isNothingToBuy" class="stop nothing">
      <p><b>Not iron: do not buy iron for this.</b> {{ ending?.first }}</p>
      <p v-if="ending?.doNotBuy">Do not buy: {{ ending.doNotBuy }}</p>
      <p>The list below is for those who know better.</p>
    </div>
    <p v-else-if="nutrient !== 'Fe'" class="stop">
      <b>Not iron: do not buy iron for this.</b> {{ ending?.first }} Below stand sources of
      {{ chosen?.nutrientWord }}.
    </p>
    <p v-else-if="ending" class="faint-note">{{ ending.first }}</p>
    <OfferList
      :offers="offers"
      :chosen-id="chosen?.id"
      :size="size"
      :system="system"
      @choose="takeOffer"
    />
    <p v-if="shelf.error.value" class="stop">
      Your shelf could not be read; generic forms alone are ranked.
    </p>
    <div v-if="changers.length > 0" class="changers text-small text-slate">
      <h2 class="minor">What would change the order</h2>
      <ul>
        <li v-for="each in changers" :key="each.id">{{ each.words }}</li>
      </ul>
    </div>
    <p v-if="nutrient === 'Fe'" class="faint-note">
      Never a source in a season, whatever the percentage: {{ never }}.
      <RouterLink :to="{ name: 'shelf' }">Your shelf</RouterLink> ·
      <RouterLink :to="{ name: 'reference' }">where the figures come from</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.choose,
.questions,
.nothing {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 11px;
  align-content: start;
}
.changers ul {
  padding-left: 17px;
}
h2 {
  font-size: var(--text-small);
  color: var(--ink);
}
</style>
