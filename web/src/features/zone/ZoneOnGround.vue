<script setup lang="ts">
import type { ZoneDto } from '@spudder/contract/zone'
import { typedNumber } from '@spudder/core/base/writing'
import type { GridPoint } from '@spudder/core/stand/ground'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { Button } from 'ant-design-vue'
import { computed, watch } from 'vue'
import ChipChoice from '../../ui/ChipChoice.vue'
import { usePosition } from './use-position.ts'
import { whereInZones } from './where-in-zones.ts'

/** Zones scored on the ground: the phone says in which one somebody stands, they say how pale it is. */
const props = defineProps<{ zones: readonly ZoneDto[]; current: string | undefined; system: UnitSystem }>() // prettier-ignore
const emit = defineEmits<{
  pick: [zoneId: string]
  score: [zone: ZoneDto, value: string]
  at: [point: GridPoint | undefined]
}>()
const position = usePosition()
const where = computed(
  () => position.at.value && whereInZones(position.at.value, props.zones, props.system),
)
const words = computed(() => {
  if (!position.isFollowed.value) return ''
  if (!position.at.value) return 'Looking for where you are …'
  return (
    where.value?.words ??
    'These zones were drawn without their place on the globe. Take them in from a map, or pick one by hand.'
  )
})
watch(where, (now) => {
  emit('at', now?.point)
  if (now?.zone) emit('pick', now.zone.id)
})
const zone = computed(() => props.zones.find(({ id }) => id === props.current))
const scores = ['1', '2', '3', '4', '5'].map((value) => ({ value, words: value }))
const chosen = computed(() => {
  const score = zone.value?.score ?? null
  return score === null ? undefined : typedNumber(score)
})
</script>

<template>
  <div class="stack gap-8">
    <div class="lined wrapped gap-10 items-center">
      <Button
        size="large"
        @click="position.isFollowed.value ? position.stop() : position.start()"
        >{{ position.isFollowed.value ? 'Follow me no more' : 'Where am I?' }}</Button
      >
      <span role="status">{{ words }}</span>
    </div>
    <p v-if="position.problem.value" class="stop" role="alert">{{ position.problem.value }}</p>
    <ChipChoice
      v-if="zone"
      :label="`${zone.name}: 1 green, 5 dying`"
      :options="scores"
      :model-value="chosen"
      @update:model-value="emit('score', zone, $event ?? '')"
    />
  </div>
</template>
