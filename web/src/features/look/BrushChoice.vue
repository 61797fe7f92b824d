<script setup lang="ts">
import { findingVocabulary, type LeafPattern, type Severity } from '@spudder/core/finding'
import type { LeafForm } from '@spudder/core/plant'
import { computed, useId } from 'vue'
import LeafSwatch from '../../shared/figure/LeafSwatch.vue'

const props = defineProps<{ form: LeafForm }>()
const severity = defineModel<Severity>('severity', { required: true })
const pattern = defineModel<LeafPattern>('pattern', { required: true })
const id = useId()

const severities = [0, 1, 2, 3, 4, 5] as const
/** Stripes are how a grass blade shows what on other leaves is a net of veins. */
const patterns = computed(() =>
  (Object.keys(findingVocabulary.pattern.values) as LeafPattern[]).filter(
    (each) => each !== (props.form === 'blade' ? 'fine-green-veins' : 'stripes') || each === 'fine-green-veins',
  ),
)
</script>

<template>
  <fieldset>
    <legend>How pale</legend>
    <div class="severities">
      <label v-for="each in severities" :key="each" :title="findingVocabulary.severity.values[each]">
        <input v-model="severity" type="radio" :name="`${id}-severity`" :value="each" class="visually-hidden" />
        <LeafSwatch :form="form" :paint="{ severity: each, pattern: 'even-pale' }" />
        <span>{{ each }}</span>
        <span class="visually-hidden">{{ findingVocabulary.severity.values[each] }}</span>
      </label>
    </div>
  </fieldset>
  <fieldset>
    <legend>Which pattern</legend>
    <div class="patterns">
      <label v-for="each in patterns" :key="each">
        <input v-model="pattern" type="radio" :name="`${id}-pattern`" :value="each" class="visually-hidden" />
        <LeafSwatch :form="form" :paint="{ severity: severity === 0 ? 3 : severity, pattern: each }" />
        <span>{{ findingVocabulary.pattern.values[each] }}</span>
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset + fieldset {
  margin-top: 10px;
}
.severities,
.patterns {
  display: grid;
  gap: 5px;
  margin-top: 4px;
}
.severities {
  grid-template-columns: repeat(6, 1fr);
}
.patterns {
  grid-template-columns: repeat(3, 1fr);
}
label {
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  background: var(--sheet);
  padding: 4px;
  cursor: pointer;
  display: grid;
  justify-items: center;
  text-align: center;
  font-size: 0.76rem;
  line-height: 1.2;
}
label:has(:checked) {
  border-color: var(--ink);
  box-shadow: 0 0 0 1px var(--ink);
}
label:focus-within {
  outline: 2.5px solid var(--rust);
  outline-offset: 1px;
}
label svg {
  width: 100%;
  max-width: 76px;
}
</style>
