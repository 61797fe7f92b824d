import { CoreError } from '@spudder/core/base/error'
import {
  dayOrderIn,
  fitsFile,
  guessMap,
  readLaboratoryFile,
  RowReader,
  sampleNames,
  type CellError,
  type ImportedReading,
  type LaboratoryFile,
  type LaboratoryMap,
} from '@spudder/core/seen/laboratory'
import { addDays } from '@spudder/core/base/calendar'
import { computed, ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import { today } from '../../shared/units/today.ts'

/** Rows read before the page gets to draw again. */
const rowsAtOnce = 250
const nextFrame = () => new Promise((resolve) => setTimeout(resolve))

/** Stands of the place, for saying which sample is of which. */
export interface NamedStand {
  readonly id: string
  readonly name: string
}

/** Samples called as a stand is called are of it. */
function withStands(
  guessed: LaboratoryMap,
  read: LaboratoryFile,
  stands: readonly NamedStand[],
): LaboratoryMap {
  const byName = new Map(stands.map(({ id, name }) => [name.toLowerCase(), id]))
  const named = sampleNames(guessed, read).flatMap((name) => {
    const id = guessed.stands[name] ?? byName.get(name.toLowerCase())
    return id === undefined ? [] : [[name, id] as const]
  })
  return { ...guessed, stands: Object.fromEntries(named) }
}

/** Reads the rows in parts, so that the page stays alive; a change of the columns starts anew. */
function useRows(
  file: ShallowRef<LaboratoryFile | undefined>,
  map: Ref<LaboratoryMap | undefined>,
) {
  const readings = shallowRef<readonly ImportedReading[]>([])
  const errors = shallowRef<readonly CellError[]>([])
  const rowsRead = ref(0)
  let run = 0
  async function read(): Promise<void> {
    if (!file.value || !map.value) return
    run += 1
    const mine = run
    const [found, wrong]: [ImportedReading[], CellError[]] = [[], []]
    const reader = new RowReader(file.value, map.value, addDays(today(), 1))
    rowsRead.value = 0
    for (let from = 0; from < file.value.rows.length; from += rowsAtOnce) {
      const part = reader.read(from, from + rowsAtOnce)
      found.push(...part.readings)
      wrong.push(...part.errors)
      rowsRead.value = Math.min(from + rowsAtOnce, file.value.rows.length)
      await nextFrame()
      if (mine !== run) return
    }
    readings.value = found
    errors.value = wrong
  }
  /** Lets a reading under way run out unheard. */
  const stop = () => {
    run += 1
  }
  return { readings, errors, rowsRead, read, stop }
}

/** A file of results as it is being read: its columns, its readings so far, what is wrong. */
export function useFileReading(
  remembered: () => readonly LaboratoryMap[],
  stands: () => readonly NamedStand[],
) {
  const fileName = ref('')
  const csv = ref('')
  const file = shallowRef<LaboratoryFile>()
  const map = ref<LaboratoryMap>()
  const problem = ref('')
  const { readings, errors, rowsRead, read: readRows, stop } = useRows(file, map)

  function open(name: string, text: string, laboratory: string): void {
    problem.value = ''
    try {
      const read = readLaboratoryFile(text)
      const known = remembered().findLast(
        (each) => fitsFile(each, read) && (laboratory === '' || each.laboratory === laboratory),
      )
      fileName.value = name
      csv.value = text
      file.value = read
      const guessed = known ?? guessMap(read, laboratory === '' ? 'My laboratory' : laboratory)
      map.value = withStands(guessed, read, stands())
      void readRows()
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      file.value = undefined
      problem.value = error.sentence(name)
    }
  }
  function change(part: Partial<LaboratoryMap>): void {
    if (!map.value) return
    map.value = { ...map.value, ...part }
    void readRows()
  }
  function forget(): void {
    stop()
    file.value = undefined
    map.value = undefined
    csv.value = ''
  }
  const rowCount = computed(() => file.value?.rows.length ?? 0)
  const isWhole = computed(() => file.value !== undefined && rowsRead.value === rowCount.value)
  /** Whether the days could be read in another order too. */
  const isOrderOpen = computed(
    () => file.value && map.value && !dayOrderIn(file.value, map.value.dayColumn).isSure,
  )
  const samples = computed(() =>
    file.value && map.value ? sampleNames(map.value, file.value) : [],
  )
  const found = { readings, errors, rowsRead, rowCount, isWhole, isOrderOpen, samples }
  return { fileName, csv, file, map, problem, ...found, open, change, forget }
}
