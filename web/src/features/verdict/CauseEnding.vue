<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import { endingOf, type Cause, type Setting } from '@spudder/core/verdict/diagnosis'
import { sourceWords } from '@spudder/core/base/reference'
import { computed } from 'vue'

/** How the verdict ends when it is this cause. */
const props = defineProps<{ cause: Cause; setting: Pick<Setting, 'context' | 'leaf'> }>()
const ending = computed(() => endingOf(props.cause, props.setting))
</script>

<template>
  <section class="sheet ending stack gap-8 text-small" :aria-label="`What to do: ${cause.name}`">
    <h3>What to do: {{ cause.name }}</h3>
    <p class="first text-strong text-body">{{ said(ending.first) }}</p>
    <ul>
      <li v-for="step in ending.then" :key="step">{{ said(step) }}</li>
    </ul>
    <dl>
      <template v-if="ending.doNotBuy">
        <dt>Do not buy</dt>
        <dd class="no text-rust text-strong">{{ said(ending.doNotBuy) }}</dd>
      </template>
      <template v-if="ending.call">
        <dt>Call</dt>
        <dd>{{ ending.call }}</dd>
      </template>
      <template v-if="ending.cautions">
        <dt>Take care</dt>
        <dd>
          <p v-for="caution in ending.cautions" :key="caution">{{ said(caution) }}</p>
        </dd>
      </template>
      <dt>Look again</dt>
      <dd>{{ said(ending.lookAgain) }}</dd>
    </dl>
    <p class="text-tiny text-slate">{{ sourceWords(ending) }}</p>
  </section>
</template>

<style scoped>
.ending {
  padding: 12px 16px;
}
ul {
  list-style: disc;
  padding-left: 1.15em;
}
dl {
  display: grid;
  grid-template-columns: 92px 1fr;
  gap: 4px 12px;
}
dt {
  color: var(--slate);
  font-weight: 600;
  font-size: var(--text-small);
  padding-top: 1px;
}
@media (width < 700px) {
  dl {
    grid-template-columns: 1fr;
  }
}
</style>
