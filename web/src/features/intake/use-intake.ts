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
import { computed, ref, shallowRef, type Ref } from 'vue'
import { call } from '../../api/call.ts'
import { useChange } from '../../api/use-change.ts'
import { tableText } from '../../shared/file/table-text.ts'

/** Rows read before the page gets to draw again. */
const rowsAtOnce = 500
const nextFrame = () => new Promise((resolve) => setTimeout(resolve))
/** Between two questions how far it is [ms]. */
const askEveryMs = 250

type Known = () => Omit<IntakeKnown, 'dayOrder'>

/** What a file is, and which of its columns is what. */
function useColumns() {
  const kind = ref<IntakeKind>('treatments')
  const csv = ref('')
  const table = shallowRef<Table>()
  const map = ref<IntakeMap>({})
  const dayOrder = ref<DayOrder>('ymd')
  const isUnsure = ref(false)
  const problem = ref('')
  const missing = computed(() =>
    intakeFields[kind.value].filter(({ name, isNeeded }) => isNeeded && !map.value[name]),
  )
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
    } catch (error) {
      problem.value =
        error instanceof CoreError ? error.sentence('File') : 'File: it cannot be read.'
    }
  }
  function setColumn(field: string, column: string): void {
    const { [field]: _old, ...rest } = map.value
    map.value = column === '' ? rest : { ...rest, [field]: column }
    if (field === 'day') guessDays()
  }
  function setDayOrder(order: DayOrder): void {
    dayOrder.value = order
    isUnsure.value = false
  }
  return { kind, csv, table, map, dayOrder, isUnsure, problem, missing, openText, setColumn, setDayOrder } // prettier-ignore
}

/** Reads the rows in parts, so that the page stays alive; a change of the columns starts anew. */
function useRows(
  { kind, table, map, dayOrder, missing }: ReturnType<typeof useColumns>,
  known: Known,
) {
  const errors = shallowRef<readonly IntakeError[]>([])
  const count = ref(0)
  const progress = ref<number>()
  let run = 0
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
  return { errors, count, progress, read }
}

interface UnderWay {
  readonly take: { readonly isLoading: Ref<boolean> }
  readonly progress: Ref<number | undefined>
}

/** Asks how far a file is until it is in. */
async function watchProgress(
  placeId: string,
  intakeId: string,
  { take, progress }: UnderWay,
): Promise<void> {
  while (take.isLoading.value) {
    const none = { stored: 0, of: 0 }
    const asked = await call(intakeRoutes.progress, { placeId, intakeId }).catch(() => none)
    if (asked.of > 0) progress.value = asked.stored / asked.of
    await new Promise((resolve) => setTimeout(resolve, askEveryMs))
  }
  progress.value = undefined
}

/** A spreadsheet on its way in: opened, its columns named, its rows read, stored whole. */
export function useIntake(placeId: () => string | undefined, known: Known) {
  const columns = useColumns()
  const rows = useRows(columns, known)
  const { kind, csv, table, map, dayOrder, problem } = columns
  const fileName = ref('')
  const id = ref('')
  const stored = ref('')
  const take = useChange(intakeRoutes.take, { told: 'beside' })

  async function open([file]: readonly File[]): Promise<void> {
    if (!file) return
    stored.value = ''
    id.value = crypto.randomUUID()
    fileName.value = file.name.slice(-160)
    try {
      csv.value = await tableText(file)
    } catch {
      table.value = undefined
      problem.value = 'File: this workbook cannot be opened. Save it as CSV and bring that.'
      return
    }
    columns.openText()
    await rows.read()
  }
  /** After the file is seen otherwise it is read again. */
  const then = (change: () => void) => {
    change()
    void rows.read()
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
    void watchProgress(place, id.value, { take, progress: rows.progress })
    const answer = await sending
    if (!answer) return
    stored.value = `${answer.count} rows of ${fileName.value} are in.`
    csv.value = ''
    table.value = undefined
  }
  return {
    ...columns,
    ...rows,
    fileName,
    stored,
    take,
    open,
    choose: (next: IntakeKind) => then(() => ((kind.value = next), columns.openText())),
    setColumn: (field: string, column: string) => then(() => columns.setColumn(field, column)),
    setDayOrder: (order: DayOrder) => then(() => columns.setDayOrder(order)),
    store,
  }
}
