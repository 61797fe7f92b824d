<script setup lang="ts" generic="Row extends object">
import { Button, Table } from 'ant-design-vue'
import { computed, h, type FunctionalComponent } from 'vue'
import { compare, type Column } from './table-columns.ts'
import { saveCsvTable, saveXlsxTable, type FileTable } from './table-files.ts'
import ScrollBox from './ScrollBox.vue'

/** A list of things as a table: sorted, filtered and paged where that helps; scrolls in its own box. */
const props = defineProps<{
  label: string
  columns: readonly Column<Row>[]
  rows: readonly Row[]
  rowKey: (row: Row) => string
  rowClass?: (row: Row) => string
  /** What stands there while there is no row. */
  empty?: string
  /** The keys of rows that are chosen; absent where none can be. */
  chosen?: readonly string[]
  nameOf?: (row: Row) => string
}>()
const emit = defineEmits<{ choose: [keys: readonly string[]] }>()
defineSlots<Record<string, (given: { row: Row }) => unknown>>()

/** More than so many are turned over in pages. */
const mostOnPage = 100

/** The table as a file: figures that it can be sorted by as figures, all else as it is read. */
const asFile = computed((): FileTable => {
  const told = props.columns.filter(({ text, sortBy }) => text ?? sortBy)
  return {
    name: `spudder-${props.label.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`,
    heads: told.map(({ title }) => title),
    rows: props.rows.map((row) =>
      told.map(({ text, sortBy, isFigure }) => {
        const figure = isFigure ? sortBy?.(row) : undefined
        return typeof figure === 'number' ? figure : (text?.(row) ?? String(sortBy?.(row) ?? ''))
      }),
    ),
  }
})

/** A cell that heads its row is a heading. */
const cell: FunctionalComponent = (_, { attrs, slots }) =>
  h(attrs['scope'] === 'row' ? 'th' : 'td', attrs, slots)
cell.inheritAttrs = false

const drawn = computed(() =>
  props.columns.map((column) => ({
    key: column.key,
    title: column.title,
    className: column.isFigure ? 'figure' : '',
    ...(column.width === undefined ? {} : { width: column.width }),
    ...(column.isFigure ? { align: 'right' as const } : {}),
    customHeaderCell: () => ({ scope: 'col' }),
    customCell: () => (column.isHead ? { scope: 'row' } : {}),
    ...sorting(column),
    ...filtering(column),
  })),
)
function sorting({ sortBy }: Column<Row>) {
  if (!sortBy) return {}
  return {
    sorter: (left: Row, right: Row, order?: string | null) => {
      const [one, other] = [sortBy(left), sortBy(right)]
      const isOpen = one === undefined || other === undefined
      return isOpen && order === 'descend' ? -compare(one, other) : compare(one, other)
    },
  }
}
function filtering({ filters, isIn }: Column<Row>) {
  if (!filters || !isIn) return {}
  return {
    filters: filters.map(({ value, words }) => ({ value, text: words })),
    onFilter: (value: unknown, row: Row) => isIn(row, String(value)),
  }
}
const columnOf = (key: unknown): Column<Row> | undefined =>
  props.columns.find((column) => column.key === key)
const selection = computed(() =>
  props.chosen === undefined
    ? undefined
    : {
        selectedRowKeys: [...props.chosen],
        columnWidth: 44,
        onChange: (keys: readonly (string | number)[]) => emit('choose', keys.map(String)),
        getCheckboxProps: (row: Row) => ({
          'aria-label': `Choose ${props.nameOf?.(row) ?? props.rowKey(row)}`,
        }),
      },
)
</script>

<template>
  <ScrollBox :label="label">
    <Table
      class="data"
      size="small"
      :columns="drawn"
      :data-source="[...rows]"
      :row-key="rowKey as never"
      :row-class-name="(row: Row) => rowClass?.(row) ?? ''"
      :row-selection="selection as never"
      :pagination="
        rows.length > mostOnPage ? { pageSize: mostOnPage, showSizeChanger: false } : false
      "
      :show-sorter-tooltip="false"
      :components="{ body: { cell } }"
      :locale="{ emptyText: empty ?? 'Nothing here yet.' }"
    >
      <template #headerCell="{ column }">
        <span :class="{ 'visually-hidden': columnOf(column.key)?.isTitleHidden }">{{
          column.title
        }}</span>
      </template>
      <template #bodyCell="{ column, record }">
        <slot :name="String(column.key)" :row="record as Row">
          <component :is="columnOf(column.key)?.isCited ? 'cite' : 'span'">{{
            columnOf(column.key)?.text?.(record as Row) ?? ''
          }}</component>
        </slot>
      </template>
    </Table>
  </ScrollBox>
  <p v-if="rows.length > 0 && asFile.heads.length > 0" class="files text-tiny no-print">
    <Button type="link" size="small" :aria-label="`${label} as CSV`" @click="saveCsvTable(asFile)"
      >CSV</Button
    >
    <Button type="link" size="small" :aria-label="`${label} as XLSX`" @click="saveXlsxTable(asFile)"
      >XLSX</Button
    >
  </p>
</template>

<style scoped>
.files :deep(.ant-btn) {
  padding: 0 6px;
  height: auto;
  font-size: inherit;
}
/* Rows as lines on the page, not as a box: a heading of small words, one line under each row. */
.data :deep(.ant-table.ant-table-small) {
  background: none;
  font-size: var(--text-small);
}
.data :deep(.ant-table-small.ant-table .ant-table-thead > tr > th) {
  padding: 4px 12px 4px 0;
  background: none;
  border-bottom: 1px solid var(--strong-line);
  color: var(--slate);
  font-size: var(--text-tiny);
  vertical-align: bottom;
}
.data :deep(.ant-table-small.ant-table .ant-table-thead > tr > th::before) {
  display: none;
}
.data :deep(.ant-table-small.ant-table .ant-table-tbody > tr > *) {
  padding: 6px 12px 6px 0;
  border-top: 0;
  border-bottom: 1px solid var(--line);
  text-align: start;
  vertical-align: top;
  font-weight: inherit;
}
.data :deep(.ant-table-small.ant-table .ant-table-tbody > tr > th) {
  font-weight: 600;
}
.data :deep(.ant-table-small.ant-table .ant-table-cell.figure) {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
/* Rows of which too little is known. */
.data :deep(.little td) {
  color: var(--slate);
}
/* The cell that heads a row is chosen with it. */
.data :deep(.ant-table-small.ant-table .ant-table-tbody > tr.ant-table-row-selected > *) {
  background: var(--rust-wash);
}
.data :deep(.ant-table-small.ant-table .ant-table-tbody > tr.ant-table-row:hover > th) {
  background: var(--sunken);
}
.data :deep(.ant-table-small.ant-table .ant-table-selection-column) {
  padding-inline: 0 12px;
  text-align: start;
}
</style>
