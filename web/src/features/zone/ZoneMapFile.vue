<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import { formatDecimals } from '@spudder/core/base/writing'
import type { ZoneDto } from '@spudder/contract/zone'
import { toOutline } from '@spudder/core/stand/ground'
import { applicationMap } from '@spudder/core/outcome/zone'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { saveText } from '../../ui/save-file.ts'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import TextField from '../../ui/TextField.vue'
import { areaM2Of, type ZoneChoices } from './zone-draft.ts'

/** The application map that a planter or spreader reads. */
const props = defineProps<{ zones: readonly ZoneDto[]; choices: ZoneChoices }>()
const { standId } = useStandCase()
const refused = ref('')
/** Where zero of the grid lies: of a map it is known, of drawn zones it must be told. */
const known = computed(() => props.zones.find(({ origin }) => origin !== null)?.origin ?? null)
const { value: typed } = useKept(`zone-origin:${standId.value}`, () => ({
  latitude: '',
  longitude: '',
}))
function saveMap(): void {
  const latitude = numberIn(typed.value.latitude)
  const longitude = numberIn(typed.value.longitude)
  const origin = known.value ?? { latitude, longitude }
  if (!(Math.abs(origin.latitude) <= 85 && Math.abs(origin.longitude) <= 180)) {
    refused.value =
      'Map: say where the lower left corner of the drawing lies, as latitude and longitude in degrees.'
    return
  }
  refused.value = ''
  const map = applicationMap(
    props.zones.map((zone) => ({
      name: zone.name,
      outline: toOutline(zone.outline),
      areaM2: areaM2Of(zone),
      score: zone.score,
      choice: props.choices.get(zone.id)?.[0],
    })),
    origin,
  )
  saveText('application-map.geojson', 'application/geo+json', JSON.stringify(map, null, 2))
}
</script>

<template>
  <FoldBox class="out" words="Application map for the planter or spreader">
    <p v-if="known" class="faint-note">
      The map knows where it lies: {{ formatDecimals(known.latitude, 5) }},
      {{ formatDecimals(known.longitude, 5) }}.
    </p>
    <div v-else class="lined wrapped gap-10 items-end">
      <TextField
        v-model="typed.latitude"
        label="Latitude of the lower left corner"
        inputmode="decimal"
      />
      <TextField v-model="typed.longitude" label="Longitude" inputmode="decimal" />
    </div>
    <p v-if="refused" class="warn text-rust text-strong" role="alert">{{ refused }}</p>
    <Button @click="saveMap">Save GeoJSON</Button>
    <p class="faint-note">
      Rates are those of the best choice. The label and local rules come first.
    </p>
  </FoldBox>
</template>

<style scoped>
.out {
  display: grid;
  gap: 10px;
}
</style>
