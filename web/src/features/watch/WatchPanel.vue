<script setup lang="ts">
import EmptyState from '../../ui/EmptyState.vue'
import { onScale } from '@spudder/core/seen/colour'
import { readingWords } from '@spudder/core/seen/reading'
import { percent } from '@spudder/core/base/quantity'
import { intervalTaught } from '@spudder/core/outcome/regreening'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import { dayWords, today } from '../../shared/units/today.ts'
import BeforeAfter from './BeforeAfter.vue'
import CloseCase from './CloseCase.vue'
import ColourForm from './ColourForm.vue'
import ColourList from './ColourList.vue'
import PhotoBatch from './PhotoBatch.vue'
import RecoveryChart from './RecoveryChart.vue'
import ReopenCase from './ReopenCase.vue'
import ReviewList from './ReviewList.vue'
import { saveSeasonReport } from './season-report.ts'
import { listed } from '../../shared/words/listed.ts'
import { useTellOutcome } from './tell-outcome.ts'
import { useWatchedCase } from './watched-case.ts'

const { openCase, standing, known } = useStandCase()
const lastApplied = computed(() => standing.value.at(-1))
const { story, stand, system, watched, chosenId, seen, judged, fitted, review, claimed } =
  useWatchedCase()
const outcome = useTellOutcome()

const cases = computed(() =>
  (story.value?.cases ?? []).map((each) => ({
    value: each.id,
    words: `${dayWords(each.openedOn)} to ${each.closedOn ? dayWords(each.closedOn) : 'now'}${each.outcome === 'given-up' ? ', given up' : ''}`,
  })),
)
const chosen = computed({
  get: () => watched.value?.id ?? '',
  set: (id: string) => (chosenId.value = id),
})
const isOpen = computed(() => watched.value !== undefined && watched.value.closedOn === null)
const chances = computed(() =>
  (judged.value?.judgement.chances ?? []).filter(({ chance }) => chance >= 0.005),
)
const interval = computed(
  () => judged.value && intervalTaught(judged.value.judgement, judged.value.entry.happenedOn),
)
const fades = computed(() => judged.value?.judgement.fadesOn)
/** Whoever typed another number must see why it is not the one that was judged. */
const counted = computed(() => {
  const last = seen.value.at(-1)
  if (!last?.eye) return ''
  const said = readingWords(last)
  const counts = readingWords({
    kind: last.kind,
    value: Math.round(10 * onScale(last.kind, last.greenness)) / 10,
  })
  return said === counts
    ? ''
    : `Said: ${said}. By the eye of ${last.eye.person} it counts as ${counts}.`
})
/** People whose ratings are put right. */
const eyes = computed(() => [...new Set(seen.value.flatMap(({ eye }) => eye?.person ?? []))])
const photos = computed(() => story.value?.photos ?? [])
const isPrinting = ref(false)
async function print(): Promise<void> {
  if (!story.value) return
  isPrinting.value = true
  await saveSeasonReport(
    { story: story.value, known: known.value, system: system.value },
    today(),
  ).finally(() => (isPrinting.value = false))
}
</script>

<template>
  <div class="watch stack gap-32 items-start">
    <section class="chart-side stack gap-10">
      <div v-if="cases.length > 1" class="which">
        <ChoiceField v-model="chosen" label="Case" :options="cases" />
      </div>
      <template v-if="judged">
        <p class="word text-huge text-heavy">{{ judged.judgement.word }}</p>
        <p class="sentence text-body">
          {{ judged.judgement.sentence }}
          {{ isOpen ? `Next look or step due ${dayWords(judged.judgement.nextDue)}.` : '' }}
        </p>
        <p v-if="counted" class="faint-note">{{ counted }}</p>
        <ul
          v-if="chances.length > 0"
          class="chances lined wrapped text-small text-slate"
          aria-label="Chance of each outcome, so far"
        >
          <li v-for="each in chances" :key="each.outcome">
            <b class="figure">{{ percent(each.chance) }}</b> {{ each.outcome }}
            <i :style="{ width: `${each.chance * 100}%` }" />
          </li>
        </ul>
        <RecoveryChart
          :judged="judged"
          :seen="seen"
          :fitted="fitted"
          :until="watched?.closedOn ?? today()"
        />
        <p class="faint-note">
          Band: slowest to fastest usual course of {{ judged.response.label }} ({{
            judged.response.source
          }}), from the colour at the treatment on {{ dayWords(judged.entry.happenedOn) }}. Line:
          the course that fits what was seen, dotted the middle 80 of 100. Round points: the stand,
          with the doubt of one look; square ones: the untreated strip.
          {{
            judged.judgement.gains.some(({ isAgainstStrip }) => isAgainstStrip)
              ? 'Judged beside the strip, so that weather is not counted.'
              : 'Without an untreated strip weather that greens is counted too.'
          }}
          White or scorched leaves seldom recover; judge new growth.
        </p>
        <p v-if="eyes.length > 0" class="faint-note">
          Ratings by {{ listed(eyes) }} are put right by their
          <RouterLink :to="{ name: 'eye' }">eye</RouterLink>, and their doubt is what was measured
          of it.
        </p>
        <p v-if="claimed" class="nitrogen">
          {{
            claimed.isMeasured
              ? `By the strip without nitrogen, on day ${claimed.days}: iron can claim`
              : 'Nitrogen came with it: iron can claim'
          }}
          <b class="figure">{{ percent(claimed.low) }} to {{ percent(claimed.high) }}</b> of the
          greening. {{ claimed.advice }}
        </p>
        <p v-if="fades && interval" class="fades">
          Half of what was gained is gone about <b>{{ dayWords(fades.usual) }}</b> ({{
            dayWords(fades.low)
          }}
          to {{ dayWords(fades.high) }}): on this stand the next one after {{ interval }} days.
          <RouterLink v-if="isOpen" :to="{ name: 'remedy' }">Plan the next</RouterLink>
        </p>
        <ReviewList v-if="review" :review="review" />
        <div v-if="isOpen && outcome.value.value" class="tell lined wrapped gap-10 items-center">
          <Button :loading="outcome.isTelling.value" @click="outcome.tell()">
            {{ outcome.words.value }}
          </Button>
          <span class="faint-note">It counts as a finding, and the verdict moves with it.</span>
        </div>
      </template>
      <EmptyState
        v-else-if="lastApplied"
        :title="`Treated ${dayWords(lastApplied.happenedOn)}, not judged yet`"
        words="To judge it, enter the colour as it was before the treatment and as it is now: beside this, or by photo."
      />
      <EmptyState
        v-else
        title="Nothing applied yet"
        words="Once an application is recorded, the colour to expect is drawn here, and every look is compared with it. Enter a colour now, so that there is a before."
      />
      <PhotoBatch />
    </section>
    <aside>
      <BeforeAfter :photos="photos" :applied-on="judged?.entry.happenedOn" />
      <ColourForm />
      <ColourList />
      <p class="links lined wrapped items-center">
        <RouterLink class="reach" :to="{ name: 'trials', params: { standId: stand?.id } }"
          >Trials</RouterLink
        >
        <RouterLink class="reach" :to="{ name: 'zones', params: { standId: stand?.id } }"
          >Zones</RouterLink
        >
        <Button size="small" :loading="isPrinting" @click="print">Season report, PDF</Button>
      </p>
      <CloseCase v-if="openCase && isOpen" :open-case="openCase" />
      <ReopenCase
        v-else-if="!openCase && watched?.closedOn"
        :key="watched.id"
        :closed-case="watched"
      />
    </aside>
  </div>
</template>

<style scoped>
.watch {
  grid-template-columns: minmax(0, 1fr) 320px;
}
.chart-side {
  grid-template-columns: minmax(0, 1fr);
}
.which {
  max-width: 300px;
}
.word {
  letter-spacing: -0.02em;
  line-height: 1.15;
}
.sentence {
  max-width: 68ch;
}
.chances {
  gap: 4px 22px;
}
.chances li {
  min-width: 108px;
}
.chances b {
  color: var(--ink);
}
.chances i {
  display: block;
  height: 4px;
  margin-top: 2px;
  background: var(--slate);
  border-radius: 2px;
}
.faint-note {
  max-width: 82ch;
}
.nitrogen,
.fades {
  max-width: 72ch;
  font-size: var(--text-body);
}
aside {
  display: grid;
  gap: 18px;
}
.links {
  gap: 6px 16px;
}
@media (width < 900px) {
  .watch {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
