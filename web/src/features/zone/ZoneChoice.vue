<script setup lang="ts">
import { percentRange } from '@spudder/core/base/quantity'
import FieldGroup from '../../ui/FieldGroup.vue'
import { useCurrency } from '../../shared/units/use-currency.ts'
import type { ZoneDto } from '@spudder/contract/zone'
import { sourceWords } from '@spudder/core/base/reference'
import { chelateEffect, lossPerScore } from '@spudder/core/outcome/zone'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKept } from '../../shared/form/kept.ts'
import TextField from '../../ui/TextField.vue'
import { money } from '../../shared/units/money-words.ts'
import { areaM2Of, choicesOf, firstChoice, problemOf, zoneUnits } from './zone-draft.ts'
import ZoneMapFile from './ZoneMapFile.vue'
import ZoneTable from './ZoneTable.vue'

const currency = useCurrency()
/** What pays in which zone: varieties and chelates weighed by the score of each. */
const props = defineProps<{ zones: readonly ZoneDto[] }>()
const { standId, system } = useStandCase()
const units = computed(() => zoneUnits(system.value))
const { value: choice } = useKept(`zone-choice:${standId.value}`, () => firstChoice(system.value))
const wrong = computed(() => problemOf(choice.value, system.value))
const choices = computed(() => choicesOf(props.zones, choice.value, system.value))
const total = computed(() =>
  props.zones.reduce((sum, zone) => {
    const best = choices.value.get(zone.id)?.[0]
    return sum + (areaM2Of(zone) / 10000) * (best?.marginPerHa.usual ?? 0)
  }, 0),
)
</script>

<template>
  <section class="choice">
    <h2>What pays where</h2>
    <div class="what gap-8">
      <TextField
        v-model="choice.pricePerT"
        :label="`Crop, money ${units.crop}`"
        inputmode="decimal"
      />
      <FieldGroup v-for="variety in choice.varieties" :key="variety.name" :words="variety.name">
        <TextField
          v-model="variety.yieldTPerHa"
          :label="`${units.yield} where green`"
          inputmode="decimal"
        />
        <TextField v-model="variety.tolerancePercent" label="tolerance, %" inputmode="decimal" />
        <TextField v-model="variety.seedPerHa" :label="`seed ${units.area}`" inputmode="decimal" />
      </FieldGroup>
      <FieldGroup
        v-for="chelate in choice.chelates.slice(1)"
        :key="chelate.name"
        :words="chelate.name"
      >
        <TextField v-model="chelate.kgPerHa" :label="units.rate" inputmode="decimal" />
        <TextField v-model="chelate.pricePerKg" :label="units.price" inputmode="decimal" />
      </FieldGroup>
    </div>
    <p v-if="wrong" class="warn text-rust text-strong" role="alert">{{ wrong }}</p>
    <ZoneTable v-if="choices.size > 0" :zones="zones" :choices="choices" />
    <p v-if="choices.size > 0" class="faint-note">
      Over all zones {{ money(total, currency) }} are left after seed and chelate. A score costs
      {{ percentRange(lossPerScore.low, lossPerScore.high) }} of the yield ({{
        sourceWords(lossPerScore)
      }}); chelate takes {{ chelateEffect.low * 100 }} to {{ chelateEffect.high * 100 }} % of the
      score beyond 1 ({{ sourceWords(chelateEffect) }}).
    </p>
    <ZoneMapFile v-if="zones.length > 0" :zones="zones" :choices="choices" />
  </section>
</template>

<style scoped>
.choice,
.what {
  display: grid;
  gap: 10px;
}
fieldset {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
}
</style>
