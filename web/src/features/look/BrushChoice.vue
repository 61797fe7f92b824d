<script setup lang="ts">
import {
  findingVocabulary,
  type LeafPaint,
  type LeafPattern,
  type Severity,
} from '@spudder/core/seen/finding'
import type { LeafForm } from '@spudder/core/stand/plant'
import { computed, useId } from 'vue'
import LeafSwatch from '../../shared/figure/LeafSwatch.vue'

/** The easel: what to paint with on both sides of what is painted on. */
const props = defineProps<{ form: LeafForm }>()
const severity = defineModel<Severity>('severity', { required: true })
const pattern = defineModel<LeafPattern>('pattern', { required: true })
const id = useId()

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
  <div class="easel">
    <fieldset class="severities">
      <legend>How pale</legend>
      <label v-for="each in severities" :key="each" :title="words.severity.values[each]">
        <input
          v-model="severity"
          type="radio"
          :name="`${id}-severity`"
          :value="each"
          class="visually-hidden"
        />
        <LeafSwatch :form="form" :paint="severityPaints[each]" />
        <span aria-hidden="true">{{ each }}</span>
        <span class="visually-hidden">{{ words.severity.values[each] }}</span>
      </label>
    </fieldset>
    <div class="canvas"><slot /></div>
    <fieldset class="patterns">
      <legend>Which pattern</legend>
      <label v-for="each in patterns" :key="each">
        <input
          v-model="pattern"
          type="radio"
          :name="`${id}-pattern`"
          :value="each"
          class="visually-hidden"
        />
        <LeafSwatch :form="form" :paint="patternPaints[each]" />
        <span>{{ words.pattern.values[each] }}</span>
      </label>
    </fieldset>
  </div>
</template>

<style scoped>
.easel {
  display: grid;
  grid-template-columns: 62px minmax(0, 1fr) 196px;
  gap: 10px;
}
fieldset {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
label {
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  background: var(--sheet);
  padding: 2px 5px;
  cursor: pointer;
  display: grid;
  align-items: center;
  font-size: 0.78rem;
  line-height: 1.15;
  min-height: 40px;
}
.severities label {
  grid-template-columns: 34px auto;
  gap: 3px;
}
.patterns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-content: start;
}
.patterns legend {
  margin-bottom: 4px;
}
.patterns label {
  grid-template-rows: 30px 1fr;
  justify-items: center;
  text-align: center;
  gap: 2px;
  padding: 4px 3px;
  font-size: 0.74rem;
}
.patterns label svg {
  height: 30px;
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
}
@media (width < 700px) {
  .easel {
    grid-template-columns: minmax(0, 1fr);
  }
  fieldset {
    display: grid;
  }
  legend {
    margin-bottom: 4px;
  }
  .severities {
    grid-template-columns: repeat(6, 1fr);
  }
  .patterns {
    grid-template-columns: repeat(2, 1fr);
  }
  .severities label {
    grid-template-columns: minmax(0, 1fr);
    justify-items: center;
    min-height: 58px;
  }
  .patterns label {
    min-height: 52px;
  }
}
</style>
