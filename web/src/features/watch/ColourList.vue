<script setup lang="ts">
import { readingPlaces, readingWords } from '@spudder/core/seen/reading'
import { isColourKind } from '@spudder/core/seen/colour'
import type { ReadingDto } from '@spudder/contract/reading'
import { computed, ref } from 'vue'
import { Button } from 'ant-design-vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { countedAs } from '../../shared/eye/counted-as.ts'
import MendButton from '../../shared/history/MendButton.vue'
import MadeUpTag from '../../shared/practice/MadeUpTag.vue'
import { dayWords } from '../../shared/units/today.ts'
import FoldBox from '../../ui/FoldBox.vue'

/** Every colour that was kept of the stand, the newest first: as it was said, and as it counts. */
const { whole, known } = useStandCase()
const colours = computed(() =>
  (whole.value?.readings ?? []).filter(({ kind }) => isColourKind(kind)).toReversed(),
)
const shownFirst = 20
const isWhole = ref(false)
const shown = computed(() =>
  (isWhole.value ? colours.value : colours.value.slice(0, shownFirst)).map((reading) => ({
    reading,
    words: `${dayWords(reading.takenOn)}: ${readingWords(reading)}${placeWords(reading)}`,
    counted: countedAs(reading, known.value.eyes),
  })),
)
function placeWords({ place }: ReadingDto): string {
  return place && place !== 'whole' ? `, ${readingPlaces[place]}` : ''
}
</script>

<template>
  <FoldBox v-if="colours.length > 0" class="above-16" :words="`Colours kept (${colours.length})`">
    <ul class="plain-list stack gap-6 text-small">
      <li v-for="{ reading, words, counted } in shown" :key="reading.id">
        {{ words }} <MadeUpTag :came="reading.came" />
        <MendButton :id="reading.id" kind="reading" :about="words" />
        <span v-if="counted" class="faint-note">{{ counted }}</span>
      </li>
    </ul>
    <Button
      v-if="!isWhole && colours.length > shownFirst"
      type="link"
      size="small"
      @click="isWhole = true"
    >
      All colours
    </Button>
  </FoldBox>
</template>
