<script setup lang="ts">
import { formatDecimals } from '@spudder/core/base/writing'
import { useCurrency } from '../../shared/units/use-currency.ts'
import type { ZoneDto } from '@spudder/contract/zone'
import { isClear } from '@spudder/core/outcome/zone'
import { computed } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ScrollBox from '../../shared/ScrollBox.vue'
import { money } from '../../shared/units/money-words.ts'
import { zoneUnits, type ZoneChoices } from './zone-draft.ts'

const currency = useCurrency()
/** Each zone with its best choice and the next. */
const props = defineProps<{ zones: readonly ZoneDto[]; choices: ZoneChoices }>()
const { system } = useStandCase()
const units = computed(() => zoneUnits(system.value))
/** Money a hectare as money of the place's ground. */
const onGround = (perHa: number): string => money(perHa * units.value.hectares, currency.value)
const tons = (perHa: number): string =>
  formatDecimals((perHa * units.value.hectares) / units.value.tonnes, 1)
const weighed = computed(() =>
  props.zones.flatMap((zone) => {
    const of = props.choices.get(zone.id) ?? []
    const [best, next] = of
    return best ? [{ zone, best, next, isSure: isClear(of) }] : []
  }),
)
</script>

<template>
  <ScrollBox label="Best choice by zone">
    <table>
      <thead>
        <tr>
          <th>Zone</th>
          <th>Best</th>
          <th>Score then</th>
          <th>{{ units.yield }}</th>
          <th>left {{ units.area }}</th>
          <th>Next best</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ zone, best, next, isSure } in weighed" :key="zone.id">
          <th scope="row">{{ zone.name }}, {{ zone.score }}</th>
          <td>
            {{ best.variety.name }}, {{ best.chelate.name }}
            <em v-if="!isSure">as good as the next</em>
          </td>
          <td>{{ formatDecimals(best.score.low, 1) }}-{{ formatDecimals(best.score.high, 1) }}</td>
          <td>{{ tons(best.yieldTPerHa.low) }}-{{ tons(best.yieldTPerHa.high) }}</td>
          <td>
            <b>{{ onGround(best.marginPerHa.usual) }}</b>
            <small>
              {{ onGround(best.marginPerHa.low) }} to {{ onGround(best.marginPerHa.high) }}
            </small>
          </td>
          <td>
            {{
              next
                ? `${next.variety.name}, ${next.chelate.name}: ${onGround(next.marginPerHa.usual)}`
                : ''
            }}
          </td>
        </tr>
      </tbody>
    </table>
  </ScrollBox>
</template>

<style scoped>
table {
  border-collapse: collapse;
  font-size: 0.88rem;
}
th,
td {
  padding: 4px 14px 4px 0;
  text-align: left;
  vertical-align: top;
}
td em {
  display: block;
  color: var(--slate);
  font-size: 0.8rem;
}
small {
  display: block;
  color: var(--slate);
}
</style>
