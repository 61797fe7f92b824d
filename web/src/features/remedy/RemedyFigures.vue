<script setup lang="ts">
import { standKindOf } from '@spudder/core/stand/plant'
import FoldBox from '../../ui/FoldBox.vue'
import LastingFixes from './LastingFixes.vue'
import RateFields from './RateFields.vue'
import { useRemedyStore } from './remedy-store.ts'
import StockMaker from './StockMaker.vue'
import TankFields from './TankFields.vue'

/** The figures of the quick fix, its tank, and the lasting fix. */
const store = useRemedyStore()
const { against, stand, system, place, draft, route, chosen, rate, takeRate } = store
const { carrierValue, tankL, contentShare, contentProblem, rateValue, amount, fills, acid } = store
const { labelRate, takeLabelRate, labelMaximum, presentIron, sprayers, jarTests, messageFor } =
  store
const { cause } = against
</script>

<template>
  <div class="figures stack gap-12 from-top">
    <RateFields
      v-if="rate && chosen"
      v-model="draft"
      :offer="chosen"
      :rate="rate"
      :route="route"
      :system="system"
      :label-rate="labelRate"
      :label-maximum="labelMaximum"
      :present-iron="presentIron"
      :messages="{
        rate: amount.problem ?? messageFor('rateValue'),
        carrier: messageFor('carrierValue'),
        content: contentProblem ?? messageFor('contentShare'),
        days: messageFor('doseDays'),
      }"
      @take-rate="takeRate"
      @take-label-rate="takeLabelRate"
      @carrier="carrierValue = $event"
    />
    <p v-else>No rate is known as good practice for this source by this way. Choose another.</p>
    <FoldBox
      v-if="rate?.carrier && chosen && place"
      class="tank"
      :open="draft.tank !== ''"
      words="Sprayer, tank, water, partners"
    >
      <TankFields
        v-model="draft"
        :place-id="stand.placeId"
        :rate="rate"
        :route="route"
        :source-id="chosen.sourceId"
        :source-name="chosen.name"
        :system="system"
        :sprayers="sprayers"
        :jar-tests="jarTests"
        :settings="place.settings"
        :acid="acid"
        :messages="{
          tank: fills.problem ?? messageFor('tankL'),
          sprayer: messageFor('sprayerId'),
          water: messageFor('conditioning.pH') ?? messageFor('conditioning.targetPH'),
        }"
        @tank="tankL = $event"
      />
    </FoldBox>
    <FoldBox v-if="route === 'solution' && chosen" class="tank" words="By stock and injector">
      <StockMaker
        :stand-id="stand.id"
        :source-id="chosen.sourceId"
        :source-name="chosen.name"
        :content-share="contentShare"
        :wanted-mg-per-l="rateValue"
        :system="system"
      />
    </FoldBox>
    <LastingFixes
      v-if="cause"
      v-model:words="draft.lasting"
      v-model:retest-on="draft.retestOn"
      :cause-id="cause.id"
      :kind="standKindOf(stand)"
      :messages="{ lasting: messageFor('lasting'), retestOn: messageFor('retestOn') }"
    />
  </div>
</template>

<style scoped>
.tank {
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
</style>
