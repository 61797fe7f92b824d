<script setup lang="ts">
import { leafColour } from '@spudder/core/seen/colour'
import { computed } from 'vue'
import MarkGlyph from '../../shared/ribbon/MarkGlyph.vue'

/** What ribbons and marks mean; the mark of what is made up only where there is such a thing. */
const props = defineProps<{ hasMadeUp: boolean }>()
const shades = [0.08, 0.3, 0.5, 0.72, 0.95]
const words = ['white', 'yellow', 'pale', 'green', 'deep green']
const glyphs = computed(() => allGlyphs.filter(({ kind }) => kind !== 'madeUp' || props.hasMadeUp))
const allGlyphs = [
  { kind: 'applied', words: 'applied', isPlanned: false },
  { kind: 'tested', words: 'tested', isPlanned: false },
  { kind: 'told', words: 'happened', isPlanned: false },
  { kind: 'madeUp', words: 'made up by a practice device', isPlanned: false },
  { kind: 'apply', words: 'to apply', isPlanned: true },
  { kind: 'look', words: 'to look at', isPlanned: true },
  { kind: 'test', words: 'to test', isPlanned: true },
] as const
</script>

<template>
  <ul class="legend lined wrapped ruled text-tiny text-slate" aria-label="How to read the ribbons">
    <li class="shades">
      <span v-for="(shade, index) in shades" :key="shade">
        <i :style="{ background: leafColour(shade) }" />{{ words[index] }}
      </span>
    </li>
    <li><i class="hatched" />nobody looked</li>
    <li>
      right of today: what to expect, best course on top, worst below; the ribbon frays as doubt
      grows
    </li>
    <li v-for="glyph in glyphs" :key="glyph.words">
      <svg width="16" height="16" aria-hidden="true">
        <MarkGlyph :kind="glyph.kind" :x="8" :y="9" :size="5" :is-planned="glyph.isPlanned" />
      </svg>
      {{ glyph.words }}
    </li>
  </ul>
</template>

<style scoped>
.legend {
  gap: 6px 18px;
  padding: 12px 0;
}
li,
.shades span {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
.shades {
  gap: 12px;
}
i {
  width: 20px;
  height: 12px;
  border: 1px solid var(--strong-line);
}
.hatched {
  background: repeating-linear-gradient(52deg, var(--sunken) 0 3px, var(--strong-line) 3px 5px);
}
</style>
