<script setup lang="ts">
import { useCurrency } from '../../shared/units/use-currency.ts'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import ChipChoice from '../../ui/ChipChoice.vue'
import { usePractice } from '../../shared/practice/practice.ts'
import NextChecks from '../../shared/verdict/NextChecks.vue'
import ColourVial from './ColourVial.vue'
import DropKits from './DropKits.vue'
import LinePen from './LinePen.vue'
import LaboratoryImport from './LaboratoryImport.vue'
import LaboratoryOrders from './LaboratoryOrders.vue'
import PHHistory from './PHHistory.vue'
import PHMeter from './PHMeter.vue'
import ReadingForm from './ReadingForm.vue'
import ReadingList from './ReadingList.vue'
import SchoolsTable from './SchoolsTable.vue'

const currency = useCurrency()
const { stand, verdict, openChecks, hasFindings } = useStandCase()

const { isOn } = usePractice()
const everyTool = [
  { value: 'meter', words: 'pH pen' },
  { value: 'own', words: 'Your own pen' },
  { value: 'drops', words: 'Drop kits' },
  { value: 'vial', words: 'Colour vial' },
  { value: 'by-hand', words: 'A number at hand' },
  { value: 'laboratory', words: 'Laboratory' },
] as const
type Tool = (typeof everyTool)[number]['value']
/** The pen of this bench is a stand-in; what a pen of one's own reads is typed. */
const hasPen = computed(() => isOn('pHPen'))
const tools = computed(() => everyTool.filter(({ value }) => hasPen.value || value !== 'meter'))
const usual = computed<Tool>(() => {
  if (stand.value?.size.kind === 'solution') return 'drops'
  return hasPen.value ? 'meter' : 'by-hand'
})
const chosen = ref<Tool>()
const tool = computed<Tool | undefined>({
  get: () => chosen.value ?? usual.value,
  set: (value) => (chosen.value = value),
})

const file = useTemplateRef<InstanceType<typeof LaboratoryImport>>('file')
/** Results that came back are opened as any other file is. */
async function openResults(laboratory: string, fileName: string, csv: string): Promise<void> {
  await nextTick()
  file.value?.open(fileName, csv, laboratory)
}
</script>

<template>
  <div v-if="stand" class="bench stack gap-32 items-start">
    <div class="work">
      <ChipChoice v-model="tool" label="Measure with" :options="tools" />
      <div class="sheet tool">
        <PHMeter v-if="tool === 'meter'" />
        <LinePen v-else-if="tool === 'own'" />
        <DropKits v-else-if="tool === 'drops'" />
        <ColourVial v-else-if="tool === 'vial'" />
        <ReadingForm v-else-if="tool === 'by-hand'" />
        <template v-else>
          <LaboratoryOrders @results="openResults" />
          <hr />
          <LaboratoryImport ref="file" />
        </template>
      </div>
      <PHHistory />
      <SchoolsTable v-if="stand.size.kind !== 'solution'" />
    </div>
    <aside>
      <NextChecks
        v-if="openChecks && verdict && hasFindings"
        :checks="openChecks.checks"
        :verdict="verdict"
        :currency="currency"
        :shown="4"
      />
      <ReadingList />
    </aside>
  </div>
</template>

<style scoped>
.bench {
  grid-template-columns: minmax(0, 1fr) 340px;
}
.work,
aside {
  display: grid;
  gap: 18px;
  min-width: 0;
}
.tool {
  padding: 14px 18px 16px;
}
hr {
  border: 0;
  border-top: 1px solid var(--line);
  margin: 16px 0;
}
@media (width < 980px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
