<script setup lang="ts">
import {
  auditActs,
  auditActWords,
  personRoutes,
  type AuditAct,
  type AuditLineDto,
} from '@spudder/contract/person'
import type { PlaceDto } from '@spudder/contract/place'
import { Button } from 'ant-design-vue'
import { computed, ref } from 'vue'
import { addressOf } from '../../../api/call.ts'
import { useReadOn } from '../../../api/use-read.ts'
import { momentWords } from '../../../shared/units/moment.ts'
import ChoiceField from '../../../ui/ChoiceField.vue'
import DataTable from '../../../ui/DataTable.vue'
import ProblemNote from '../../../ui/ProblemNote.vue'
import type { Column } from '../../../ui/table-columns.ts'

/** Who did what and from where: sign-ins and refusals among it. Nothing of it can be changed. */
const props = defineProps<{ place: PlaceDto }>()
const act = ref<AuditAct | ''>('')
/** Where each page that was turned to begins; the first begins at the newest. */
const pages = ref<readonly (number | undefined)[]>([undefined])
const before = computed(() => pages.value.at(-1))
const page = useReadOn(personRoutes.audit, () => ({
  placeId: props.place.id,
  query: {
    ...(act.value === '' ? {} : { act: act.value }),
    ...(before.value === undefined ? {} : { before: before.value }),
  },
}))
const lines = computed(() => page.data.value?.lines ?? [])
const next = computed(() => page.data.value?.next ?? undefined)
const file = computed(() => addressOf(personRoutes.auditFile, { placeId: props.place.id }))
const options = [
  { value: '' as const, words: 'everything' },
  ...auditActs.map((value) => ({ value, words: auditActWords[value] })),
]
function show(wanted: AuditAct | ''): void {
  act.value = wanted
  pages.value = [undefined]
}
/** Addresses of what was changed stand in the file; on the page they say nothing to anybody. */
const columns: readonly Column<AuditLineDto>[] = [
  { key: 'at', title: 'When', isHead: true, text: ({ at }) => momentWords(at), width: 120 },
  { key: 'actor', title: 'Who', text: ({ actor }) => actor },
  { key: 'act', title: 'Did', text: (line) => auditActWords[line.act] },
  { key: 'subject', title: 'What', text: ({ subject }) => subject.replace(/ \(\/.*\)$/, '') },
  { key: 'from', title: 'From', text: ({ device, address }) => `${device}, ${address}` },
]
</script>

<template>
  <div class="stack gap-12">
    <p class="faint-note">
      Who came in, what they did and what they were refused, from which device and address. What was
      changed stands in History with its before and after.
    </p>
    <div class="lined wrapped gap-16 items-end">
      <ChoiceField
        class="act"
        :model-value="act"
        label="What"
        :options="options"
        @update:model-value="show"
      />
      <Button :href="file" download>Save all as CSV</Button>
    </div>
    <ProblemNote :problem="page.error.value" />
    <DataTable
      label="Who came in"
      :columns="columns"
      :rows="lines"
      :row-key="(line) => String(line.position)"
      :row-class="({ outcome }) => (outcome === 'refused' ? 'refused' : '')"
    />
    <div class="lined gap-8">
      <Button v-if="pages.length > 1" @click="pages = pages.slice(0, -1)">Newer</Button>
      <Button v-if="next !== undefined" @click="pages = [...pages, next]">Older</Button>
    </div>
  </div>
</template>

<style scoped>
.act {
  width: 240px;
}
:deep(.refused) td {
  color: var(--rust);
}
</style>
