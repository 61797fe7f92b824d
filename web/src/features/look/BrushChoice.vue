<script setup lang="ts">
import FieldGroup from '../../ui/FieldGroup.vue'
import { RadioButton, RadioGroup } from 'ant-design-vue'
import {
  findingVocabulary,
  type LeafPaint,
  type LeafPattern,
  type Severity,
} from '@spudder/core/seen/finding'
import type { LeafForm } from '@spudder/core/stand/plant'
import { computed } from 'vue'
import LeafSwatch from '../../shared/figure/LeafSwatch.vue'

/** The easel: what to paint with on both sides of what is painted on. */
const props = defineProps<{ form: LeafForm }>()
const severity = defineModel<Severity>('severity', { required: true })
const pattern = defineModel<LeafPattern>('pattern', { required: true })

const severities = [0, 1, 2, 3, 4, 5] as const
/** Only the blade of a grass is striped. */
const patterns = computed(() =>
  (Object.keys(findingVocabulary.pattern.values) as LeafPattern[]).filter(
    (each) => each !== 'stripes' || props.form === 'blade',
  ),
)
const words = findingVocabulary
// Made once: the plant between the swatches changes with every stroke, they do not.
const severityPaints = Object.fromEntries(
  severities.map((each) => [each, { severity: each, pattern: 'even-pale' }]),
) as Record<Severity, LeafPaint>
const patternPaints = computed(
  () =>
    Object.fromEntries(
      (Object.keys(findingVocabulary.pattern.values) as LeafPattern[]).map((each) => [
        each,
        { severity: severity.value === 0 ? 3 : severity.value, pattern: each },
      ]),
    ) as Record<LeafPattern, LeafPaint>,
)
</script>

<template>
  <div class="easel stack gap-10">
    <FieldGroup words="How pale">
      <RadioGroup v-model:value="severity" class="severities">
        <RadioButton
          v-for="each in severities"
          :key="each"
          :value="each"
          :title="words.severity.values[each]"
        >
          <LeafSwatch :form="form" :paint="severityPaints[each]" />
          <span aria-hidden="true">{{ each }}</span>
          <span class="visually-hidden">{{ words.severity.values[each] }}</span>
        </RadioButton>
      </RadioGroup>
    </FieldGroup>
    <div class="canvas"><slot /></div>
    <FieldGroup words="Which pattern">
      <RadioGroup v-model:value="pattern" class="patterns">
        <RadioButton v-for="each in patterns" :key="each" :value="each">
          <LeafSwatch :form="form" :paint="patternPaints[each]" />
          <span>{{ words.pattern.values[each] }}</span>
        </RadioButton>
      </RadioGroup>
    </FieldGroup>
  </div>
</template>

<style scoped>
.easel {
  grid-template-columns: 62px minmax(0, 1fr) 196px;
}
.severities,
.patterns {
  display: grid;
  gap: 4px;
  margin-top: 4px;
}
.patterns {
  grid-template-columns: 1fr 1fr;
}
/* A swatch with its word, as a tile: the library's joined buttons hold one line of text. */
.easel :deep(.ant-radio-button-wrapper) {
  height: auto;
  min-height: 40px;
  padding: 3px 4px;
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  font-size: var(--text-tiny);
  line-height: 1.15;
  text-align: center;
}
.easel :deep(.ant-radio-button-wrapper::before) {
  display: none;
}
.easel :deep(.ant-radio-button-wrapper > span:last-child) {
  display: grid;
  gap: 2px;
  align-items: center;
}
.severities :deep(.ant-radio-button-wrapper > span:last-child) {
  grid-template-columns: 30px auto;
}
.easel :deep(.ant-radio-button-wrapper-checked) {
  border-color: var(--ink);
  box-shadow: 0 0 0 1px var(--ink);
  color: inherit;
}
.easel :deep(.ant-radio-button-wrapper:focus-within) {
  outline: 2.5px solid var(--rust);
  outline-offset: 1px;
}
.easel :deep(svg) {
  width: 100%;
}
.patterns :deep(svg) {
  height: 30px;
}
@media (width < 700px) {
  .easel {
    grid-template-columns: minmax(0, 1fr);
  }
  .severities {
    grid-template-columns: repeat(6, 1fr);
  }
  .severities :deep(.ant-radio-button-wrapper) {
    min-height: 58px;
  }
  .severities :deep(.ant-radio-button-wrapper > span:last-child) {
    grid-template-columns: minmax(0, 1fr);
  }
  .patterns :deep(.ant-radio-button-wrapper) {
    min-height: 52px;
  }
}
</style>
