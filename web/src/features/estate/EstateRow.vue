<script setup lang="ts">
import { toStandSize, type EstateRowDto } from '@spudder/contract/stand'
import { contexts, findPlant, sizeWords } from '@spudder/core/stand/plant'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { computed } from 'vue'
import RibbonBand from '../../shared/ribbon/RibbonBand.vue'
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

const model = computed(() =>
  ribbonModel({ stand: props.row.stand, ...props.row.ribbon }, props.today, props.until),
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
  <div class="row">
    <div class="name">
      <RouterLink :to="{ name: 'stand', params: { standId: row.stand.id } }">
        {{ row.stand.name }}
      </RouterLink>
      <span class="about">{{ about }}</span>
    </div>
    <RibbonBand
      :model="model"
      :scale="scale"
      :today="today"
      :band-height="32"
      :label="row.stand.name"
    />
    <div class="state">
      <template v-if="model.now">
        <span class="colour">
          <b>{{ model.now.words }}</b>
          <span class="figure">{{ model.now.figure }}</span>
        </span>
      </template>
      <span :class="['next', { due: progress.step === 'due' }]">{{ progress.words }}</span>
    </div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: var(--name-width) minmax(0, 1fr) var(--state-width);
  align-items: center;
  height: 68px;
  border-top: 1px solid var(--line);
}
.name {
  min-width: 0;
  padding-right: 12px;
  display: grid;
}
.name a {
  font-weight: 620;
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
  font-size: 0.76rem;
  color: var(--slate);
  line-height: 1.25;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.state {
  padding-left: 14px;
  display: grid;
  min-width: 0;
}
.colour {
  display: flex;
  gap: 0 7px;
  flex-wrap: wrap;
  align-items: baseline;
}
.colour b,
.figure {
  white-space: nowrap;
}
.colour b {
  font-weight: 620;
}
.figure {
  font-size: 0.84rem;
  color: var(--slate);
}
.next {
  max-width: 100%;
  font-size: 0.8rem;
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
