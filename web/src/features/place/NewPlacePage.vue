<script setup lang="ts">
import { placeRoutes } from '@spudder/contract/place'
import { useChange } from '../../api/use-change.ts'
import { CreatePlaceDto, type Climate } from '@spudder/contract/place'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { Button } from 'ant-design-vue'
import { useRouter } from 'vue-router'
import ChipChoice from '../../ui/ChipChoice.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import TextField from '../../ui/TextField.vue'
import { numberIn } from '../../shared/form/number-text.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { climateOptions, systemOptions } from '../../shared/words/place-words.ts'
import { useKept } from '../../shared/form/kept.ts'

const router = useRouter()
const create = useChange(placeRoutes.create, { told: 'beside' })
const { checked, messageFor } = useChecked(CreatePlaceDto, () => create.error.value)
const {
  value: draft,
  forget,
  failed,
} = useKept('new-place', () => ({
  id: crypto.randomUUID() as string,
  name: '',
  unitSystem: 'us' as UnitSystem | undefined,
  climate: 'temperate' as Climate | undefined,
  lies: '',
}))
async function save(): Promise<void> {
  const { lies, ...told } = draft.value
  const latitude = lies.trim() === '' ? {} : { latitude: numberIn(lies) }
  const dto = checked({ ...told, ...latitude })
  if (!dto) return
  const place = await create.send({ dto }, failed)
  if (!place) return
  forget()
  await router.push({ name: 'estate' })
}
</script>

<template>
  <form class="place stack gap-16 hug" @submit.prevent="save">
    <h1>Where do you grow?</h1>
    <p>
      A place is an estate, farm, club or glasshouse. Give it a name; everything else can be told as
      it comes up.
    </p>
    <TextField v-model="draft.name" label="Name of the place" :message="messageFor('name')" />
    <ChipChoice
      v-model="draft.unitSystem"
      label="Units shown (you may type either)"
      :options="systemOptions"
    />
    <ChipChoice
      v-model="draft.climate"
      label="Climate, for the warmth of the ground"
      :options="climateOptions"
    />
    <TextField
      v-model="draft.lies"
      label="Latitude [°], where you know it"
      hint="about; south negative. It tells the season from the date"
      :message="messageFor('latitude')"
    />
    <ProblemNote :problem="create.error.value" />
    <Button type="primary" html-type="submit" :loading="create.isLoading.value">Start</Button>
  </form>
</template>

<style scoped>
.place {
  max-width: 460px;
  margin: 40px auto;
}
.place > :deep(.field) {
  width: 100%;
}
</style>
