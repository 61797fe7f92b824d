<script setup lang="ts">
import type { DayDto, DayJobDto } from '@spudder/contract/day'
import { jobRoutes, type HandDto } from '@spudder/contract/job'
import { personRoutes, type MeDto } from '@spudder/contract/person'
import { roleMay } from '@spudder/contract/access'
import { computed } from 'vue'
import { usePlace } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import { useRead } from '../../api/use-read.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import ChoiceField from '../../ui/ChoiceField.vue'
import EmptyState from '../../ui/EmptyState.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { byHand } from './by-hand.ts'
import { clockWords, weatherWords } from './day-words.ts'

/** The same day of everybody, as it goes: who is at what, what comes next, what nobody is named for. */
const props = defineProps<{ day: DayDto; me: MeDto | undefined; canPlan: boolean }>()
const { place } = usePlace()
const people = useRead(personRoutes.people, () => {
  const placeId = place.value?.id
  return placeId === undefined || !props.canPlan ? undefined : { placeId }
})
const change = useChange(jobRoutes.change, { told: 'beside' })
const hands = computed(() => byHand(props.day))
const crew = computed(() => (people.data.value ?? []).filter(({ role }) => roleMay(role, 'work')))
const choices = computed(() => [
  { value: '', words: 'whoever comes to it' },
  ...crew.value.map(({ personId, name }) => ({ value: personId, words: name })),
])

const since = ({ job }: DayJobDto, name: string | null) => {
  const own = (job.underWay ?? []).find((each) => each.name === name)
  if (!own) return ''
  const at = new Date(own.since)
  return `since ${clockWords(at.getHours() + at.getMinutes() / 60)}`
}
const first = ({ job }: DayJobDto): string => job.hands?.[0]?.personId ?? ''
/** Another is named in the place of whoever is named first; the others stay. */
function name({ job }: DayJobDto, personId: string): void {
  const named = crew.value.find((each) => each.personId === personId)
  const rest = (job.hands ?? []).slice(1).filter((each) => each.personId !== personId)
  const wanted: HandDto[] = named ? [{ personId, name: named.name }, ...rest] : rest
  void change.send({ jobId: job.id, dto: { hands: wanted, version: job.version } })
}
const about = (entry: DayJobDto): string =>
  [
    entry.job.dueOn < today() ? `due ${dayWords(entry.job.dueOn)}` : (entry.job.startsAt ?? ''),
    entry.waitsFor === null ? '' : `first: ${entry.waitsFor}`,
    weatherWords(entry),
  ]
    .filter((words) => words !== '')
    .join('; ')
</script>

<template>
  <div class="board stack gap-24">
    <p class="text-slate" role="status">
      {{ day.done.length }} done, {{ day.mine.length + day.others.length }} to do today{{
        day.overdue.length > 0 ? `, ${day.overdue.length} overdue` : ''
      }}.
    </p>
    <ProblemNote :problem="people.error.value ?? change.error.value" />
    <EmptyState
      v-if="hands.length === 0"
      title="Nothing to do today"
      words="What is planned for today stands here by who does it."
    />
    <section v-for="hand in hands" :key="hand.name ?? ''" class="stack gap-4">
      <h2 :class="{ idle: hand.now.length === 0 }">{{ hand.name ?? 'Nobody named' }}</h2>
      <ul class="plain-list" :aria-label="hand.name ?? 'Nobody named'">
        <li v-for="each in hand.now" :key="each.job.id" class="line at">
          <p>
            <b>{{ each.standName }}</b>: {{ each.job.title }}
            <span class="text-small text-strong">&ensp;at it {{ since(each, hand.name) }}</span>
          </p>
        </li>
        <li v-for="each in hand.next" :key="each.job.id" class="line">
          <div class="stack">
            <p>
              <b>{{ each.standName }}</b>: {{ each.job.title }}
            </p>
            <p
              class="text-small"
              :class="each.missesWindow || each.job.dueOn < today() ? 'text-rust' : 'text-slate'"
            >
              {{ about(each) }}
            </p>
          </div>
          <ChoiceField
            v-if="canPlan"
            class="no-print"
            :model-value="first(each)"
            label="Who"
            :options="choices"
            @update:model-value="name(each, $event)"
          />
        </li>
      </ul>
    </section>
    <section v-if="day.done.length > 0" class="stack gap-4">
      <h2 class="idle">Done</h2>
      <ul class="plain-list" aria-label="Done">
        <li v-for="each in day.done" :key="each.job.id" class="line">
          <p class="text-slate">
            {{ each.standName }}: {{ each.job.title
            }}{{ each.job.changedBy ? `, ${each.job.changedBy}` : '' }}
          </p>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 200px;
  gap: 4px 16px;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.at {
  background: var(--sunken);
  box-shadow: inset 4px 0 0 var(--rust);
  padding-left: 12px;
}
.idle {
  color: var(--slate);
}
@media (width < 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
