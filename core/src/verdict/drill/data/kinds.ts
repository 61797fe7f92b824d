import { eachFrom } from '../../../base/reference/index.ts'

/** What a drill may ask, from the easiest on. */
export const drillKinds = eachFrom(
  { source: 'as many as are taken in at a glance, or as look alike at all', mark: 'J' },
  {
    leaf: {
      label: 'Which plant?',
      about: 'Four drawn plants: point at the one that shows what is asked for.',
      /** Plants or causes to choose from; null: every cause of the kind of stand. */
      offers: 4,
    },
    look: {
      label: 'Which cause?',
      about: 'One plant, what was found at a look, and its story: say what it is.',
      offers: 12,
    },
    case: {
      label: 'Whole case',
      about: 'Look, ask and test as you would, decide, and see what comes. Money and days count.',
      offers: null,
    },
    own: {
      label: 'Case of ours',
      about:
        'A closed case of this place that greened, as it stood when somebody acted: say what it was.',
      offers: 12,
    },
  } as const satisfies Readonly<
    Record<string, { label: string; about: string; offers: number | null }>
  >,
)

export type DrillKind = keyof typeof drillKinds
export const drillKindNames = Object.keys(drillKinds) as readonly DrillKind[]

/** Kinds whose cases are drawn: their truth is known. */
export type DrawnKind = Exclude<DrillKind, 'own'>
export const drawnKinds = drillKindNames.filter((kind): kind is DrawnKind => kind !== 'own')
