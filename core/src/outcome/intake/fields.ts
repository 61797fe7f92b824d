/** What a spreadsheet can bring in. */
export const intakeKinds = ['stands', 'treatments', 'readings', 'looks'] as const
export type IntakeKind = (typeof intakeKinds)[number]

/** A column that a kind of file can have. */
export interface IntakeField {
  readonly name: string
  readonly label: string
  /** Without it no row can be taken in. */
  readonly isNeeded: boolean
  /** Headings that mean it, in small letters. */
  readonly headings: readonly string[]
  /** What a cell of it looks like. */
  readonly example: string
}

const field = (
  name: string,
  label: string,
  example: string,
  { isNeeded = false, headings = [] as readonly string[] } = {},
): IntakeField => ({
  name,
  label,
  isNeeded,
  example,
  headings: [label.toLowerCase(), name.toLowerCase(), ...headings],
})
const needed = (name: string, label: string, example: string, headings: readonly string[] = []) =>
  field(name, label, example, { isNeeded: true, headings })

const stand = needed('stand', 'Stand', 'North lawn', ['place', 'plot', 'location', 'field', 'site'])
const day = needed('day', 'Day', '2025-05-31', ['date', 'on', 'when'])
const note = field('note', 'Note', 'after rain', { headings: ['notes', 'remark', 'remarks'] })

/** The columns of each kind of file; a kind without them does not compile. */
export const intakeFields: Readonly<Record<IntakeKind, readonly IntakeField[]>> = {
  stands: [
    needed('name', 'Name', 'North lawn', ['stand', 'plot', 'location']),
    needed('kind', 'Kind', 'turf', ['type', 'context']),
    needed('plant', 'Plant', 'Bermudagrass', ['species', 'crop', 'grass']),
    field('area', 'Area', '1200 m2', { headings: ['size', 'ground'] }),
    field('count', 'Number of plants', '24', { headings: ['count', 'trees', 'pots', 'number'] }),
    field('trunk', 'Trunk across', '12 in', { headings: ['diameter', 'dbh', 'trunk'] }),
    field('pot', 'Pot holds', '10 L', { headings: ['pot', 'container'] }),
    field('solution', 'Solution', '900 L', { headings: ['volume', 'tank'] }),
    note,
  ],
  treatments: [
    stand,
    day,
    needed('product', 'Product or form', 'Ferrous sulfate', ['product', 'form', 'material']),
    needed('amount', 'Product used', '2.5 kg', ['amount', 'used', 'rate', 'quantity']),
    field('water', 'Water used', '400 L', { headings: ['water', 'carrier', 'volume'] }),
    field('route', 'Given', 'leaf', { headings: ['route', 'method', 'how'] }),
    field('lot', 'Lot', 'A-17', { headings: ['batch'] }),
    field('worker', 'Done by', 'Ines', { headings: ['who', 'operator', 'applicator', 'worker'] }),
    note,
  ],
  readings: [
    stand,
    day,
    needed('kind', 'What was measured', 'pH', ['test', 'parameter', 'analyte', 'reading']),
    needed('value', 'Value', '7.8', ['result']),
    field('method', 'By', 'laboratory', { headings: ['method'] }),
    field('instrument', 'Instrument', 'Downs laboratory', { headings: ['lab', 'laboratory'] }),
    note,
  ],
  looks: [
    stand,
    day,
    field('tier', 'Leaves affected', 'the youngest leaves only', { headings: ['leaves', 'tier'] }),
    field('pattern', 'Pattern on the leaf', 'fine green veins on yellow', {
      headings: ['pattern'],
    }),
    field('severity', 'Severity', '3', { headings: ['severity', 'score'] }),
    field('growth', 'Growth', 'slow', { headings: ['growth'] }),
    field('roots', 'Roots', 'white', { headings: ['roots'] }),
    note,
  ],
}

/** Columns of a file by the field that each is. */
export type IntakeMap = Readonly<Record<string, string>>

/** Which column is which field, by its heading; what nobody can tell is left out. */
export function guessIntake(kind: IntakeKind, header: readonly string[]): IntakeMap {
  const taken = new Set<string>()
  const entries = intakeFields[kind].flatMap(({ name, headings }) => {
    const column = header.find(
      (heading) => !taken.has(heading) && headings.includes(heading.trim().toLowerCase()),
    )
    if (column === undefined) return []
    taken.add(column)
    return [[name, column] as const]
  })
  return Object.fromEntries(entries)
}
