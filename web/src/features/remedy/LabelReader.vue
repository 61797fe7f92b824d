<script setup lang="ts">
import { checkLabel, emptyLabelDraft } from '@spudder/core/material/label'
import type { PHBelief } from '@spudder/core/material/persistence'
import type { Route } from '@spudder/core/stand/plant'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { useKept } from '../../shared/form/kept.ts'
import LabelBounds from '../../shared/label/LabelBounds.vue'
import LabelFields from '../../shared/label/LabelFields.vue'
import { keepProductDraft } from '../../shared/label/product-draft.ts'

/** A label read for this stand: what its iron can be, and how much of it works at this pH. */
defineProps<{ pH: PHBelief; routes: readonly Route[] }>()
const router = useRouter()
const { value: kept } = useKept('label-reader', () => ({ label: emptyLabelDraft }))
const isReadable = computed(() => checkLabel(kept.value.label).label !== undefined)

async function shelve(): Promise<void> {
  keepProductDraft({ label: kept.value.label })
  await router.push({ name: 'shelf' })
}
</script>

<template>
  <div class="reader stack gap-32 items-start">
    <div class="fields stack gap-10">
      <LabelFields v-model="kept.label" is-fresh />
      <div class="bar lined gap-10">
        <Button :disabled="!isReadable" @click="shelve">Add product</Button>
        <Button @click="kept = { label: emptyLabelDraft }">Clear</Button>
      </div>
    </div>
    <LabelBounds :draft="kept.label" :p-h="pH" :routes="routes" />
  </div>
</template>

<style scoped>
.reader {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
}
@media (width < 900px) {
  .reader {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
