import { intakeRoutes } from '@spudder/contract/intake'
import { CoreError } from '@spudder/core/base/error'
import { guessDayOrder, type DayOrder, type Table } from '@spudder/core/base/table'
import {
  guessIntake,
  intakeFields,
  readIntake,
  readIntakeTable,
  type IntakeError,
  type IntakeKind,
  type IntakeKnown,
  type IntakeMap,
} from '@spudder/core/outcome/intake'
import { computed, ref, shallowRef } from 'vue'
import { call } from '../../api/call.ts'
import { useChange } from '../../api/use-change.ts'
import { tableText } from '../../shared/file/table-text.ts'

/** Rows read before the page gets to draw again. */
const rowsAtOnce = 500
const nextFrame = () => new Promise((resolve) => setTimeout(resolve))
/** Between two questions how far it is [ms]. */
const askEveryMs = 250

/** A spreadsheet on its way in: opened, its columns named, its rows read, stored whole. */
export function useIntake(
  placeId: () => string | undefined,
  known: () => Omit<IntakeKnown, 'dayOrder'>,
) {
  const kind = ref<IntakeKind>('treatments')
  const fileName = ref('')
  const csv = ref('')
  const id = ref('')
  const table = shallowRef<Table>()
  const map = ref<IntakeMap>({})
  const dayOrder = ref<DayOrder>('ymd')
  const isUnsure = ref(false)
  const problem = ref('')
  const errors = shallowRef<readonly IntakeError[]>([])
  const count = ref(0)
  const progress = ref<number>()
  const stored = ref('')
  const take = useChange(intakeRoutes.take, { told: 'beside' })
  let run = 0

  const missing = computed(() =>
    intakeFields[kind.value].filter(({ name, isNeeded }) => isNeeded && !map.value[name]),
  )

  async function read(): Promise<void> {
    run += 1
    const mine = run
    errors.value = []
    count.value = 0
    if (!table.value || missing.value.length > 0) return
    const wrong: IntakeError[] = []
    let good = 0
    for (let from = 0; from < table.value.rows.length; from += rowsAtOnce) {
      const part = [from, from + rowsAtOnce] as const
      const given = { map: map.value, known: { ...known(), dayOrder: dayOrder.value }, part }
      const result = readIntake(kind.value, table.value, given)
      wrong.push(...result.errors)
      good += result.rows.length
      progress.value = Math.min(1, (from + rowsAtOnce) / table.value.rows.length)
      await nextFrame()
      if (mine !== run) return
    }
    progress.value = undefined
    errors.value = wrong
    count.value = good
  }

  function guessDays(): void {
    const at = table.value?.header.indexOf(map.value['day'] ?? '') ?? -1
    if (!table.value || at < 0) return
    const guessed = guessDayOrder(table.value.rows.map((cells) => cells[at] ?? ''))
    dayOrder.value = guessed.order
    isUnsure.value = !guessed.isSure
  }

  function openText(): void {
    problem.value = ''
    table.value = undefined
    if (csv.value === '') return
    try {
      table.value = readIntakeTable(kind.value, csv.value)
      map.value = guessIntake(kind.value, table.value.header)
      guessDays()
      void read()
    } catch (error) {
      problem.value =
        error instanceof CoreError ? error.sentence('File') : 'File: it cannot be read.'
    }
  }
  async function open([file]: readonly File[]): Promise<void> {
    if (!file) return
    stored.value = ''
    id.value = crypto.randomUUID()
    fileName.value = file.name.slice(-160)
    try {
      csv.value = await tableText(file)
      openText()
    } catch {
      table.value = undefined
      problem.value = 'File: this workbook cannot be opened. Save it as CSV and bring that.'
    }
  }
  function choose(next: IntakeKind): void {
    kind.value = next
    openText()
  }
  function setColumn(field: string, column: string): void {
    const { [field]: _old, ...rest } = map.value
    map.value = column === '' ? rest : { ...rest, [field]: column }
    if (field === 'day') guessDays()
    void read()
  }
  function setDayOrder(order: DayOrder): void {
    dayOrder.value = order
    isUnsure.value = false
    void read()
  }

  /** Asks how far it is until it is in. */
  async function watchProgress(place: string): Promise<void> {
    while (take.isLoading.value) {
      const { stored: done, of } = await call(intakeRoutes.progress, {
        placeId: place,
        intakeId: id.value,
      }).catch(() => ({ stored: 0, of: 0 }))
      if (of > 0) progress.value = done / of
      await new Promise((resolve) => setTimeout(resolve, askEveryMs))
    }
    progress.value = undefined
  }
  async function store(): Promise<void> {
    const place = placeId()
    if (place === undefined) return
    const dto = {
      id: id.value,
      kind: kind.value,
      fileName: fileName.value,
      csv: csv.value,
      map: map.value,
      dayOrder: dayOrder.value,
    }
    const sending = take.send({ placeId: place, dto })
    void watchProgress(place)
    const answer = await sending
    if (!answer) return
    stored.value = `${answer.count} rows of ${fileName.value} are in.`
    csv.value = ''
    table.value = undefined
  }
  return {
    kind,
    fileName,
    table,
    map,
    dayOrder,
    isUnsure,
    problem,
    errors,
    count,
    missing,
    progress,
    stored,
    take,
    open,
    choose,
    setColumn,
    setDayOrder,
    store,
  }
}
