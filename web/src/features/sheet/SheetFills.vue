<script setup lang="ts">
import type { Sheet, SheetFill } from '@spudder/core/days/sheet'
import { computed } from 'vue'
import TickBox from './TickBox.vue'

/** What each fill takes, large, and a box to tick for every one. */
const props = defineProps<{ sheet: Sheet; ticked: readonly number[]; isDense: boolean }>()
defineEmits<{ tick: [number: number, isTicked: boolean] }>()

const fills = computed(() => {
  const { full, part, total, boxes } = props.sheet
  const fullCount = boxes.filter(({ isPart }) => !isPart).length
  const rows: { title: string; fill: SheetFill }[] = []
  if (full)
    rows.push({
      title: fullCount > 1 ? `each of ${fullCount} full tanks` : 'the full tank',
      fill: full,
    })
  if (part) rows.push({ title: full ? 'then the part fill' : 'one part fill', fill: part })
  return rows.length > 0 ? rows : [{ title: 'for the whole job', fill: total }]
})
const isSplit = computed(() => props.sheet.full !== undefined || props.sheet.part !== undefined)
</script>

<template>
  <section class="fills stack" :class="{ dense: isDense }" aria-label="Amounts">
    <div v-for="row in fills" :key="row.title" class="fill">
      <h2>{{ row.title }}</h2>
      <p class="amounts lined wrapped items-baseline">
        <span v-if="row.fill.water" class="big text-heavy"
          >{{ row.fill.water }} <small>water</small></span
        >
        <span v-if="row.fill.acid" class="big text-heavy second">{{ row.fill.acid }}</span>
        <span class="big text-heavy">{{ row.fill.product }} <small>product</small></span>
        <span v-if="row.fill.spoons" class="text-body text-strong">= {{ row.fill.spoons }}</span>
      </p>
    </div>
    <ul v-if="sheet.boxes.length > 0" class="boxes all-columns stack">
      <li v-for="box in sheet.boxes" :key="box.number" v-memo="[box, ticked.includes(box.number)]">
        <TickBox :is-ticked="ticked.includes(box.number)" @tick="$emit('tick', box.number, $event)">
          <b>{{ box.isPart ? 'part' : box.number }}</b>
          <template v-if="box.endsAt"> ends {{ box.endsAt }}</template>
        </TickBox>
      </li>
    </ul>
    <p v-if="isSplit" class="whole all-columns text-slate">
      Whole job: {{ sheet.total.product }} product<template v-if="sheet.total.water">
        in {{ sheet.total.water }} water</template
      >.
    </p>
  </section>
</template>

<style scoped>
.fills {
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 12px 26px;
}
h2 {
  font-size: var(--text-body);
  color: var(--slate);
}
.amounts {
  gap: 0 18px;
}
.big {
  font-size: var(--text-huge);
  letter-spacing: -0.02em;
  line-height: 1.2;
}
.big small {
  font-size: var(--text-body);
  font-weight: 500;
  letter-spacing: 0;
}
.second {
  font-size: var(--text-large);
}
.boxes {
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 2px 18px;
}
@media (width < 700px) {
  .big {
    font-size: 2.3rem;
  }
  .second {
    font-size: var(--text-large);
  }
  .boxes {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .fills {
    grid-template-columns: repeat(auto-fit, minmax(70mm, 1fr));
    gap: 2mm 8mm;
  }
  .big {
    font-size: 24pt;
  }
  .big small,
  h2 {
    font-size: 11.5pt;
    color: #000;
  }
  .second {
    font-size: 15pt;
  }
  .boxes {
    grid-template-columns: repeat(auto-fill, minmax(52mm, 1fr));
  }
  .whole {
    color: #000;
  }
  .dense .boxes {
    grid-template-columns: repeat(4, 1fr);
  }
  .dense .big {
    font-size: 21pt;
  }
  .dense .second {
    font-size: 13pt;
  }
}
</style>
