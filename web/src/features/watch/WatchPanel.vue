<script setup lang="ts">
import { useStandCase } from '../../shared/case/stand-case.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import CloseCase from './CloseCase.vue'
import ColourForm from './ColourForm.vue'
import RecoveryChart from './RecoveryChart.vue'

const { judged, seen, openCase, shownCase } = useStandCase()
</script>

<template>
  <div class="watch">
    <section class="chart-side">
      <template v-if="judged">
        <p class="word">{{ judged.judgement.word }}</p>
        <p class="sentence">
          {{ judged.judgement.sentence }}
          {{ openCase ? `Next look or step due ${dayWords(judged.judgement.nextDue)}.` : '' }}
        </p>
        <RecoveryChart :judged="judged" :seen="seen" :until="shownCase?.closedOn ?? today()" />
        <p class="faint-note">
          Band: slowest to fastest usual course of {{ judged.response.label }} ({{
            judged.response.source
          }}), from the colour at the treatment on {{ dayWords(judged.entry.happenedOn) }}. Points:
          colour seen, with the doubt of one reading. White or scorched leaves seldom recover; judge
          new growth. The band counts iron alone: nitrogen put down in the same weeks greens too.
        </p>
      </template>
      <div v-else class="empty">
        <h2>Nothing to judge yet</h2>
        <p>
          Once an application is recorded, the colour to be expected stands here, and every look is
          set against it. Put in a colour now, so that there is a before.
        </p>
      </div>
    </section>
    <aside>
      <ColourForm />
      <CloseCase v-if="openCase" :open-case="openCase" />
    </aside>
  </div>
</template>

<style scoped>
.watch {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 36px;
  align-items: start;
}
.word {
  font-size: 1.9rem;
  font-weight: 660;
  letter-spacing: -0.02em;
  line-height: 1.15;
}
.sentence {
  font-size: 1.02rem;
  max-width: 68ch;
  margin: 4px 0 10px;
}
.faint-note {
  max-width: 82ch;
}
.empty {
  display: grid;
  gap: 8px;
  max-width: 56ch;
}
aside {
  display: grid;
  gap: 18px;
}
@media (width < 900px) {
  .watch {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
