<script setup lang="ts">
import type { Check, FeatureName } from '@spudder/core/verdict/diagnosis'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import { said } from '../../shared/units/said.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { effortWords } from '../../shared/verdict/check-words.ts'
import ScrollBox from '../../ui/ScrollBox.vue'

/** What can be looked at, asked or sent away, with what it takes; and what was spent so far. */
const props = defineProps<{
  checks: readonly Check[]
  asked: readonly string[]
  known: ReadonlyMap<FeatureName, string>
}>()
const emit = defineEmits<{ ask: [checkId: string] }>()
const currency = useCurrency()

const made = computed(() => props.checks.filter(({ id }) => props.asked.includes(id)))
/** What is known already is not asked again; what costs least stands first. */
const open = computed(() =>
  props.checks
    .filter(({ reveals }) => reveals.some((name) => !props.known.has(name)))
    .toSorted((a, b) => a.money - b.money || a.days - b.days || a.minutes - b.minutes),
)
const sum = (of: (check: Check) => number) => made.value.reduce((so, each) => so + of(each), 0)
const spent = computed(() =>
  effortWords(
    {
      check: {
        money: sum(({ money }) => money),
        minutes: sum(({ minutes }) => minutes),
        days: sum(({ days }) => days),
      },
    },
    currency.value,
  ),
)
</script>

<template>
  <section class="stack gap-6" aria-label="Look, ask, test">
    <h3>Look, ask, test</h3>
    <p role="status">
      {{ made.length === 0 ? 'Nothing spent yet.' : `Spent so far: ${spent}.` }}
    </p>
    <ScrollBox class="checks" label="What can be asked">
      <ul class="plain stack gap-6">
        <li v-for="check in open" :key="check.id">
          <Button block class="check" :title="said(check.how)" @click="emit('ask', check.id)">
            <span>{{ check.name }}</span>
            <span class="text-tiny text-slate">{{ effortWords({ check }, currency) }}</span>
          </Button>
        </li>
      </ul>
    </ScrollBox>
  </section>
</template>

<style scoped>
.checks {
  max-height: 300px;
}
.check {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 12px;
  height: auto;
  min-height: 40px;
  white-space: normal;
  text-align: left;
}
</style>
