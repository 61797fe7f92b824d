<script setup lang="ts">
import FoldBox from '../../ui/FoldBox.vue'
import { Radio, Tag } from 'ant-design-vue'
import { useCurrency } from '../../shared/units/use-currency.ts'
import { percent } from '@spudder/core/base/quantity'
import type { StandSize } from '@spudder/core/stand/plant'
import { sourceWords } from '@spudder/core/base/reference'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { computed, useId } from 'vue'
import { money, moneyPerUnit, moneyRange } from '../../shared/units/money-words.ts'
import { perGround } from '../../shared/units/per-ground.ts'
import type { Offer } from './offers.ts'

const currency = useCurrency()
/** What can be chosen, best first, by iron that works for the money. */
const props = defineProps<{
  offers: readonly Offer[]
  chosenId: string | undefined
  size: StandSize
  system: UnitSystem
}>()
const emit = defineEmits<{ choose: [id: string] }>()
const name = useId()

/** So many are compared at a glance; the rest opens below. */
const shownAtFirst = 6
const groups = computed(() => {
  const of = (isWanted: (offer: Offer) => boolean) => props.offers.filter(isWanted)
  const good = of(({ fitness }) => fitness !== 'fails')
  // The chosen one is always on view.
  const isShown = ({ id }: Offer, index: number) => index < shownAtFirst || id === props.chosenId
  const list = [
    { key: 'main', list: good.filter(isShown), words: '' },
    { key: 'more', list: good.filter((offer, index) => !isShown(offer, index)), words: 'more' },
    { key: 'failing', list: of(({ fitness }) => fitness === 'fails'), words: 'that fail here' },
  ]
  const isAllFailing = good.length === 0
  return list
    .filter((group) => group.list.length > 0)
    .map((group) => ({ ...group, isOpen: group.key === 'main' || isAllFailing }))
})
const fitnessWords = { works: 'works', weak: 'weak here', fails: 'fails here' } as const
const workingCost = ({ costPerWorkingKg: cost }: Offer): string =>
  cost ? money(cost.usual, currency.value) : 'lost'
const costTitle = ({ costPerWorkingKg: cost }: Offer): string =>
  cost
    ? moneyRange(cost.low, cost.high, currency.value)
    : 'Next to none works here: what is paid is lost.'
const seasonWords = ({ perApplication, season, applications }: Offer): string => {
  if (!perApplication || !season) return 'no rate known for this kind of stand'
  const once = moneyRange(perApplication.low, perApplication.high, currency.value)
  const each = `${once} for the stand, ${moneyPerUnit(perApplication.usual, props.size, { currency: currency.value, system: props.system })}`
  return applications === 1 ? each : `${each}, ${applications} times`
}
</script>

<template>
  <div class="offers">
    <p class="head lined apart text-tiny text-slate" aria-hidden="true">
      <span>of use here</span><span>per kg of working {{ offers[0]?.nutrientWord }}</span>
    </p>
    <component
      :is="group.isOpen ? 'div' : FoldBox"
      v-for="group in groups"
      :key="group.key + String(group.isOpen)"
      v-bind="group.isOpen ? {} : { words: `${group.list.length} ${group.words}` }"
    >
      <ol class="sources stack" :data-group="group.key">
        <li
          v-for="each in group.list"
          :key="each.id"
          :class="[each.fitness, { on: each.id === chosenId }]"
        >
          <Radio
            class="choice"
            :name="name"
            :value="each.id"
            :checked="each.id === chosenId"
            :disabled="each.rates.length === 0"
            @change="emit('choose', each.id)"
          >
            <span class="words lined gap-8 items-baseline">
              <span class="name text-strong text-body">{{ each.name }}</span>
              <Tag v-if="each.origin === 'shelf'">on the shelf</Tag>
              <span class="fitness text-strong one-line">{{ fitnessWords[each.fitness] }}</span>
            </span>
          </Radio>
          <div class="line stack gap-8 items-center">
            <div
              class="bar"
              role="img"
              :aria-label="`of use ${percent(each.start.usual)}, ${percent(each.start.low)} to ${percent(each.start.high)}`"
            >
              <i
                class="range"
                :style="{
                  left: `${each.start.low * 100}%`,
                  width: `${(each.start.high - each.start.low) * 100}%`,
                }"
              />
              <i class="usual" :style="{ left: `${each.start.usual * 100}%` }" />
            </div>
            <span class="share">{{ percent(each.start.usual) }}</span>
            <span class="cost text-heavy text-body" :title="costTitle(each)">{{
              workingCost(each)
            }}</span>
          </div>
          <p class="facts lined wrapped text-slate text-small">
            <span>{{ seasonWords(each) }}</span>
            <span v-for="fact in each.facts.slice(0, 2)" :key="fact">{{ fact }}</span>
          </p>
          <FoldBox tone="word" words="why">
            <ul class="reasons text-slate stack gap-2">
              <li v-for="reason in each.reasons" :key="reason">{{ reason }}</li>
              <li v-for="fact in each.facts.slice(2)" :key="fact">{{ fact }}.</li>
              <li v-if="each.nitrogenKgPerM2 > 0">
                One application brings {{ perGround(each.nitrogenKgPerM2, system) }} of nitrogen.
              </li>
              <li v-for="left in each.buildUp" :key="left.nutrient">
                A season of it leaves {{ perGround(left.kgPerM2, system) }} of {{ left.nutrient }}.
              </li>
              <li>{{ each.remark }}</li>
              <li>Price: {{ sourceWords(each.priceFrom) }}.</li>
              <li v-if="each.costPerWorkingKg">
                A kilogram of {{ each.nutrientWord }} at work: price of a kilogram of product ÷ ({{
                  each.nutrientWord
                }}
                in it × share of use while it lasts) =
                {{ moneyRange(each.costPerWorkingKg.low, each.costPerWorkingKg.high, currency) }}.
              </li>
            </ul>
          </FoldBox>
        </li>
      </ol>
    </component>
  </div>
</template>

<style scoped>
.head {
  padding: 0 10px 3px;
}
.sources {
  list-style: none;
}
.sources > li {
  padding: 7px 10px;
  border-top: 1px solid var(--line);
  display: grid;
  gap: 3px;
  font-size: var(--text-small);
}
.on {
  background: var(--sheet);
  box-shadow: inset 3px 0 0 var(--rust);
}
.choice {
  display: flex;
}
.choice > :deep(span:last-child) {
  flex: 1;
}
.fitness {
  margin-left: auto;
}
.fails .fitness,
.weak .fitness {
  color: var(--slate);
  font-style: italic;
  font-weight: 500;
}
.fails .name {
  color: var(--slate);
}
.line {
  grid-template-columns: 1fr 3.2em 5em;
}
.share,
.cost {
  text-align: right;
}
.fails .cost {
  color: var(--slate);
  font-weight: 500;
}
.bar {
  position: relative;
  height: 8px;
  background: var(--sunken);
  border-radius: 2px;
}
.range {
  position: absolute;
  height: 100%;
  min-width: 2px;
  background: var(--strong-line);
}
.usual {
  position: absolute;
  width: 3px;
  height: 14px;
  top: -3px;
  margin-left: -1.5px;
  background: var(--ink);
}
.facts {
  gap: 1px 14px;
}
.reasons {
  padding-left: 16px;
}
</style>
