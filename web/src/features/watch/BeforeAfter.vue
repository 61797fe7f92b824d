<script setup lang="ts">
import SlideField from '../../ui/SlideField.vue'
import { formatDecimals } from '@spudder/core/base/writing'
import type { PhotoDto } from '@spudder/contract/photo'
import { remarksById, whyNotCompared } from '@spudder/core/seen/photo'
import { computed, ref, watchEffect } from 'vue'
import PhotoPicture from '../../shared/photo/PhotoPicture.vue'
import ChoiceField from '../../ui/ChoiceField.vue'
import { dayWords } from '../../shared/units/today.ts'

/** Two photos of one place under one slider, with their days and whether they may be compared. */
const props = defineProps<{ photos: readonly PhotoDto[]; appliedOn?: string | undefined }>()

const dated = computed(() =>
  props.photos
    .filter(({ takenOn, measure }) => takenOn !== null && measure?.part !== 'no-nitrogen')
    .toSorted((a, b) => (a.takenOn ?? '').localeCompare(b.takenOn ?? '')),
)
const words = ({ takenOn, measure }: PhotoDto): string =>
  `${dayWords(takenOn ?? '')}${measure?.part === 'untreated' ? ', untreated' : ''}`
const options = computed(() => dated.value.map((each) => ({ value: each.id, words: words(each) })))
const chosen = ref({ before: '', after: '' })
/** The last one before the treatment, and the newest; unless somebody chose. */
watchEffect(() => {
  const { appliedOn } = props
  const whole = dated.value.filter(({ measure }) => measure?.part !== 'untreated')
  const first = appliedOn
    ? whole.findLast(({ takenOn }) => (takenOn ?? '') <= appliedOn)
    : undefined
  const { before, after } = chosen.value
  chosen.value = {
    before: before || ((first === whole.at(-1) ? whole[0] : (first ?? whole[0]))?.id ?? ''),
    after: after || (whole.at(-1)?.id ?? ''),
  }
})
const find = (id: string) => dated.value.find((each) => each.id === id)
const before = computed(() => find(chosen.value.before))
const after = computed(() => find(chosen.value.after))
const share = ref(50)

const compared = computed(() => {
  const [one, other] = [before.value?.measure, after.value?.measure]
  if (!before.value || !after.value || before.value === after.value) return undefined
  if (!one || !other) return { words: 'Measure both to compare them.', isGood: false }
  const as = (measure: typeof one) => ({
    remarks: remarksById(measure.remarks),
    cover: measure.cover,
  })
  const why = whyNotCompared(as(one), as(other))
  if (why) return { words: why, isGood: false }
  const change = other.darkGreenIndex - one.darkGreenIndex
  const doubt = Math.hypot(one.doubt, other.doubt)
  const told = Math.abs(change) < doubt ? 'no clear change' : change > 0 ? 'greener' : 'paler'
  return {
    words: `Index ${formatDecimals(one.darkGreenIndex, 2)} to ${formatDecimals(other.darkGreenIndex, 2)}: ${told} (${change >= 0 ? '+' : '−'}${formatDecimals(Math.abs(change), 2)} ± ${formatDecimals(doubt, 2)}).`,
    isGood: true,
  }
})
</script>

<template>
  <section
    v-if="dated.length >= 2 && before && after"
    class="compare stack gap-6"
    aria-label="Before and after"
  >
    <div class="pictures">
      <PhotoPicture :photo-id="before.id" :words="`Before, ${words(before)}`" draggable="false" />
      <PhotoPicture
        :photo-id="after.id"
        :words="`After, ${words(after)}`"
        class="after"
        draggable="false"
        :style="{ clipPath: `inset(0 0 0 ${share}%)` }"
      />
      <i class="edge" :style="{ left: `${share}%` }" />
      <b class="day text-small left">{{ words(before) }}</b>
      <b class="day text-small right">{{ words(after) }}</b>
    </div>
    <SlideField
      v-model="share"
      label="How much of the earlier photo is shown"
      :least="0"
      :most="100"
      :step="1"
      :words="`${share} %`"
    />
    <div class="stack halves gap-8">
      <ChoiceField v-model="chosen.before" label="Before" :options="options" />
      <ChoiceField v-model="chosen.after" label="After" :options="options" />
    </div>
    <p v-if="compared" :class="{ refused: !compared.isGood }">{{ compared.words }}</p>
  </section>
</template>

<style scoped>
.pictures {
  position: relative;
  overflow: hidden;
  border-radius: var(--radius);
  border: 1px solid var(--line);
}
.pictures img {
  display: block;
  width: 100%;
  aspect-ratio: 4 / 3;
  object-fit: cover;
}
.pictures .after {
  position: absolute;
  inset: 0;
  height: 100%;
}
.edge {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 2px;
  margin-left: -1px;
  background: var(--on-rust);
  box-shadow: 0 0 3px #0009;
}
.day {
  position: absolute;
  bottom: 8px;
  padding: 2px 8px;
  background: var(--sheet);
  border-radius: 3px;
}
.left {
  left: 8px;
}
.right {
  right: 8px;
}
.refused {
  color: var(--rust);
  font-weight: 600;
}
</style>
