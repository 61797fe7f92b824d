<script setup lang="ts">
import { toStandSize, type EstateRowDto } from '@spudder/contract/stand'
import { contexts, findPlant, sizeWords } from '@spudder/core/stand/plant'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { computed } from 'vue'
import RibbonBand from '../../shared/ribbon/RibbonBand.vue'
import { useKnown } from '../../shared/known/use-known.ts'
import { ribbonModel } from '../../shared/ribbon/ribbon-model.ts'
import type { TimeScale } from '../../shared/ribbon/time-axis.ts'
import { progressOf } from './estate-list.ts'

const props = defineProps<{
  row: EstateRowDto
  scale: TimeScale
  today: string
  until: string
  system: UnitSystem
}>()

const store = useKnown()
const model = computed(() =>
  ribbonModel(
    { stand: props.row.stand, ...props.row.ribbon },
    store.known,
    props.today,
    props.until,
  ),
)
const about = computed(() => {
  const { plantId, context, size } = props.row.stand
  return `${findPlant(plantId).name} · ${contexts[context].label.toLowerCase()} · ${sizeWords(toStandSize(size), props.system)}`
})
const progress = computed(() =>
  progressOf(props.row, model.value.now, model.value.jobs[0], props.today),
)
</script>

<template>
  <div class="row stack items-center ruled">
    <div class="name shrinks stack">
      <RouterLink :to="{ name: 'stand', params: { standId: row.stand.id } }">
        {{ row.stand.name }}
      </RouterLink>
      <span class="about text-tiny text-slate">{{ about }}</span>
    </div>
    <RibbonBand
      :model="model"
      :scale="scale"
      :today="today"
      :band-height="32"
      :label="row.stand.name"
    />
    <div class="state stack shrinks">
      <template v-if="model.now">
        <span class="colour lined wrapped items-baseline">
          <b>{{ model.now.words }}</b>
          <span class="figure text-small text-slate">{{ model.now.figure }}</span>
        </span>
      </template>
      <span :class="['next', { due: progress.step === 'due' }]">{{ progress.words }}</span>
    </div>
  </div>
</template>

<style scoped>
.row {
  grid-template-columns: var(--name-width) minmax(0, 1fr) var(--state-width);
  height: 68px;
}
.name {
  padding-right: 12px;
}
.name a {
  font-weight: 600;
  text-decoration: none;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name a:hover {
  text-decoration: underline;
  text-decoration-color: var(--rust);
}
.about {
  line-height: 1.25;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.state {
  padding-left: 14px;
}
.colour {
  gap: 0 7px;
}
.colour b,
.figure {
  white-space: nowrap;
}
.colour b {
  font-weight: 600;
}
.next {
  max-width: 100%;
  font-size: var(--text-tiny);
  color: var(--slate);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.next.due {
  color: var(--rust);
  font-weight: 600;
}
@media (width < 700px) {
  .row {
    grid-template-columns: minmax(40%, 1fr) minmax(0, auto);
    grid-template-rows: auto auto;
    height: 104px;
  }
  .row > :nth-child(2) {
    grid-row: 2;
    grid-column: 1 / -1;
  }
  .about,
  .next {
    display: none;
  }
  .next.due {
    display: block;
  }
  .state {
    justify-items: end;
  }
}
</style>
