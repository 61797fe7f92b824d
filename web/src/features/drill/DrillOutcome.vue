<script setup lang="ts">
import type { DrillDto } from '@spudder/contract/drill'
import { percent } from '@spudder/core/base/quantity'
import { lineStart, midSentence } from '@spudder/core/base/writing'
import { endingOf } from '@spudder/core/verdict/diagnosis'
import {
  causeOf,
  checksOf,
  judgePlant,
  plantOfCause,
  regretDerivation,
} from '@spudder/core/verdict/drill'
import { Button } from 'ant-design-vue'
import { computed } from 'vue'
import PlantFigure from '../../shared/figure/PlantFigure.vue'
import MendButton from '../../shared/history/MendButton.vue'
import HowGot from '../../shared/how/HowGot.vue'
import { money } from '../../shared/units/money-words.ts'
import { said } from '../../shared/units/said.ts'
import { dayWords } from '../../shared/units/today.ts'
import { useCurrency } from '../../shared/units/use-currency.ts'
import VerdictRibbon from '../../shared/verdict/VerdictRibbon.vue'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'
import { regretWords } from './regret-words.ts'
import OwnEnding from './OwnEnding.vue'
import { drilledOf } from './drill-draft.ts'
import { greenedBy } from './greened-by.ts'

/** What was true, what came of it, what a good practitioner would have done, and why. */
const props = defineProps<{ drill: DrillDto }>()
const emit = defineEmits<{ next: []; leave: [] }>()
const currency = useCurrency()

const score = computed(() => props.drill.score)
const own = computed(() => score.value.own)
const drilled = computed(() => {
  const { kind, against, ...rest } = props.drill
  const spec = kind === 'own' ? null : { ...rest, kind, against: against ?? null }
  return drilledOf({ spec, own: own.value })
})
const isLeaf = computed(() => props.drill.kind === 'leaf')
const named = (ids: readonly string[]) =>
  ids.map((id, at) => (at === 0 ? causeOf(id).name : causeOf(id).beside)).join(', with ')
const isRight = computed(() => score.value.truth.includes(props.drill.saidId))
const heading = computed(() => {
  const truth = named(score.value.truth)
  if (own.value) {
    const begins = isRight.value ? 'Right' : 'No'
    return `${begins}: it greened when it was treated for ${midSentence(truth)}.`
  }
  if (isRight.value) return `Right: ${midSentence(truth)}.`
  return isLeaf.value
    ? `No: that one is ${midSentence(causeOf(props.drill.saidId).name)}.`
    : `No: it is ${midSentence(truth)}.`
})
const treated = computed(() => {
  const { right } = score.value.went
  if (right === 1)
    return isRight.value
      ? ''
      : 'What you would have done is right all the same: both are treated alike.'
  return right > 0 ? 'Half of it is treated; the other cause goes on.' : ''
})
/** The plant that it was about, as it was and as it came. */
const plant = computed(() => plantOfCause(drilled.value.plants, score.value.truth[0] ?? ''))
const after = computed(() => plant.value && greenedBy(plant.value.paint, score.value.went.right))
const verdict = computed(
  () => plant.value && judgePlant(drilled.value.setting, plant.value, score.value.went.asked),
)
const endings = computed(() =>
  isLeaf.value
    ? []
    : score.value.truth.map((id) => ({
        id,
        ...endingOf(causeOf(id), drilled.value.setting),
      })),
)

type Line = { readonly who: string } & DrillDto['score']['went']
const lines = computed<Line[]>(() => [
  { who: 'You', ...score.value.went },
  { who: 'A good practitioner', ...score.value.good },
])
const checkNames = computed(
  () => new Map(checksOf(drilled.value).map(({ id, name }) => [id, name])),
)
const columns = computed<readonly Column<Line>[]>(() => [
  { key: 'who', title: 'Who', isHead: true, text: ({ who }) => who },
  ...(props.drill.kind === 'case'
    ? [
        {
          key: 'asked',
          title: 'Checks',
          text: ({ asked }: Line) =>
            asked.map((id) => checkNames.value.get(id) ?? id).join('; ') || 'none',
        },
      ]
    : []),
  {
    key: 'said',
    title: isLeaf.value ? 'Pointed at' : 'Treats',
    text: ({ saidId }) => causeOf(saidId).name,
  },
  { key: 'right', title: 'Right', isFigure: true, text: ({ right }) => percent(right) },
  { key: 'loss', title: 'Lost', isFigure: true, text: ({ loss }) => money(loss, currency.value) },
])
const regret = computed(() => lineStart(regretWords(score.value.regret, currency.value)))
</script>

<template>
  <section class="outcome sheet stack gap-16 above-12" aria-label="What came of it">
    <div class="stack gap-6">
      <h2 class="text-huge" role="status">{{ heading }}</h2>
      <p v-if="treated">{{ treated }}</p>
      <p class="text-strong">{{ regret }}.</p>
      <OwnEnding v-if="own" :own="own" />
    </div>
    <div class="parts stack gap-24 items-start">
      <div class="stack gap-12">
        <ol v-if="isLeaf" class="plants plain">
          <li v-for="(each, index) in drilled.plants" :key="index" class="stack gap-4">
            <PlantFigure :context="drill.context" :plant-id="drill.plantId" :paint="each.paint" />
            <p class="text-small text-strong">{{ each.causes[0]?.name }}</p>
            <p v-if="each.causes[0]?.id === drill.saidId" class="text-small text-slate">yours</p>
          </li>
        </ol>
        <div v-else-if="plant && after" class="plants">
          <figure class="stack gap-4">
            <PlantFigure :context="drill.context" :plant-id="drill.plantId" :paint="plant.paint" />
            <figcaption class="text-small text-slate">as it was</figcaption>
          </figure>
          <figure class="stack gap-4">
            <PlantFigure :context="drill.context" :plant-id="drill.plantId" :paint="after" />
            <figcaption class="text-small text-slate">
              what comes of your treatment, drawn
            </figcaption>
          </figure>
        </div>
        <template v-for="ending in endings" :key="ending.id">
          <p v-for="caution in ending.cautions" :key="caution" class="stop" role="note">
            {{ said(caution) }}
          </p>
          <h3 v-if="endings.length > 1">{{ causeOf(ending.id).name }}</h3>
          <p>{{ said(ending.first) }}</p>
          <p v-if="ending.doNotBuy" class="text-rust text-strong">
            Do not buy: {{ said(ending.doNotBuy) }}
          </p>
          <p class="text-slate">{{ said(ending.lookAgain) }}</p>
        </template>
      </div>
      <div class="stack gap-12">
        <DataTable
          label="Beside a good practitioner"
          :columns="columns"
          :rows="lines"
          :row-key="({ who }) => who"
        />
        <HowGot :derivation="regretDerivation(score)" />
        <section v-if="verdict" class="stack gap-8" aria-label="What speaks for it">
          <h3>What speaks for what, by all you knew of it</h3>
          <p v-if="score.good.right === 0" class="text-strong" role="note">
            {{
              score.went.right > 0
                ? 'The verdict is misled here, and you were not'
                : 'The verdict is misled here too'
            }}: it does not see the truth, only what was found.
          </p>
          <VerdictRibbon :verdict="verdict" :shown="4" is-open />
        </section>
      </div>
    </div>
    <div class="lined gap-10 wrapped items-center">
      <Button type="primary" size="large" @click="emit('next')">Next case</Button>
      <Button size="large" @click="emit('leave')">Enough for now</Button>
      <MendButton
        :id="drill.id"
        kind="drill"
        words="correct this one"
        :about="`Drill of ${dayWords(drill.answeredOn)}`"
      />
    </div>
  </section>
</template>

<style scoped>
.outcome {
  padding: 16px;
}
.parts {
  grid-template-columns: minmax(0, 1fr);
}
.plants {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
  gap: 12px;
}
@media (width >= 900px) {
  .parts {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
