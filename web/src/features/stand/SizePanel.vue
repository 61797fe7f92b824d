<script setup lang="ts">
import { standRoutes } from '@spudder/contract/stand'
import { useSeen } from '../../api/use-seen.ts'
import { useChange } from '../../api/use-change.ts'
import { ChangeStandDto, toStandSize } from '@spudder/contract/stand'
import { contexts, sizeWords } from '@spudder/core/stand/plant'
import { amountWords } from '@spudder/core/base/quantity'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKept } from '../../shared/form/kept.ts'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import OutlineSketch from '../../shared/ground/OutlineSketch.vue'
import { freshSizeDraft, readSize } from '../../shared/ground/size-draft.ts'
import { partMeasures } from './grown-draft.ts'
import GrownPanel from './GrownPanel.vue'
import StandItself from './StandItself.vue'
import SizeFields from '../../shared/ground/SizeFields.vue'

/** The size of a stand, measured again. */
const { stand, system } = useStandCase()
const { value: draft, forget } = useKept(`size:${stand.value?.id ?? ''}`, freshSizeDraft)
const kind = computed(() => contexts[stand.value?.context ?? 'turf'].sizeKinds[0])
const read = computed(() => readSize(kind.value, draft.value))
const outline = computed(
  () => (stand.value?.measures?.outline ?? []) as unknown as readonly [number, number][],
)
const besides = computed(() => {
  const { plantCount, rowM, groundM2 } = stand.value?.measures ?? {}
  return [
    ...(plantCount === undefined ? [] : [`${plantCount} plants`]),
    ...(rowM === undefined ? [] : [`${amountWords('length', rowM, system.value, 2)} of row`]),
    ...(groundM2 === undefined
      ? []
      : [`${amountWords('area', groundM2, system.value, 2)} of ground`]),
  ].join(', ')
})
const seen = useSeen(() => stand.value)
const change = useChange(standRoutes.change, { told: 'beside' })
const { checked, messageFor } = useChecked(ChangeStandDto, () => change.error.value)
const kept = ref(false)
const hasMeasures = computed(() => Object.keys(read.value.measures).length > 0)

async function save(): Promise<void> {
  kept.value = false
  if (!stand.value || Object.keys(read.value.problems).length > 0) return
  const { size, measures } = read.value
  const dto = checked({
    version: seen(),
    ...(size ? { size } : {}),
    ...(hasMeasures.value || size
      ? {
          measures: {
            ...(size ? partMeasures(stand.value.measures).grown : stand.value.measures),
            ...measures,
          },
        }
      : {}),
  })
  if (!dto) return
  const stored = await change.send({ standId: stand.value.id, dto })
  if (!stored) return
  forget()
  kept.value = true
}
</script>

<template>
  <form v-if="stand" class="size stack gap-32 items-start" @submit.prevent="save">
    <section>
      <h2>Measure {{ stand.name }} again</h2>
      <SizeFields
        v-model="draft"
        :kind="kind"
        :system="system"
        :read="read"
        :message-for="messageFor"
      />
      <ProblemNote :problem="change.error.value" />
      <Button
        type="primary"
        html-type="submit"
        :disabled="!read.size && !hasMeasures"
        :loading="change.isLoading.value"
        >Save</Button
      >
      <p v-if="kept" role="status" class="faint-note">Saved. New plans count on it.</p>
    </section>
    <section>
      <h3>As it stands</h3>
      <p class="text-huge text-heavy">{{ sizeWords(toStandSize(stand.size), system) }}</p>
      <p v-if="besides" class="faint-note">{{ besides }}</p>
      <OutlineSketch
        v-if="outline.length > 2"
        :outline="outline"
        :label="`The ground of ${stand.name}`"
      />
      <p v-else-if="kind === 'area'" class="faint-note">
        Nobody drew it yet. With its edge the sheet says where on the ground each fill ends.
      </p>
    </section>
  </form>
  <StandItself v-if="stand" :key="stand.id" class="above-24" :stand="stand" />
  <GrownPanel
    v-if="stand && stand.size.kind !== 'solution'"
    class="above-24"
    :stand="stand"
    :system="system"
  />
</template>

<style scoped>
.size {
  grid-template-columns: minmax(0, 1.5fr) minmax(240px, 1fr);
}
section {
  display: grid;
  gap: 12px;
  justify-items: start;
}
section > :deep(*) {
  width: 100%;
}
section > :deep(.ant-btn) {
  width: auto;
}
@media (width < 900px) {
  .size {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
