import { toStandSize, type EstateRowDto, type EstateStandDto } from '@spudder/contract/stand'
import type { Day } from '@spudder/core/base/calendar'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { standProgress, type StandProgress } from '@spudder/core/outcome/progress'
import {
  greennessReading,
  greennessWords,
  isColourKind,
  leafColour,
} from '@spudder/core/seen/colour'
import { seenWith, type Eye } from '@spudder/core/seen/eye'
import { readingWords } from '@spudder/core/seen/reading'
import { contexts, findPlant, sizeWords } from '@spudder/core/stand/plant'
import { toOutline, type Outline } from '@spudder/core/stand/ground'
import type { Known } from '../../shared/known/known.ts'

/** A stand as one line of the list, and as one shape of the map. */
export interface ListedStand {
  readonly id: string
  readonly name: string
  readonly plant: string
  readonly kind: string
  readonly size: string
  /** "yellow, colour 4 of 9"; empty before anybody looked. */
  readonly colour: string
  /** 0 white to 1 deep green; undefined before anybody looked. */
  readonly greenness: number | undefined
  /** As the ribbon is painted; undefined before anybody looked. */
  readonly paint: string | undefined
  readonly progress: StandProgress
  readonly dueOn: Day | undefined
  readonly nextSheetJobId: string | undefined
  /** Put out since the beginning of the year, at the prices of the shelf [money]. */
  readonly spent: number
  readonly outline: Outline | undefined
  /** Where its own grid begins on the grid of the place, east and north [m]; undefined: nobody said. */
  readonly at: readonly [number, number] | undefined
}

/** What draws the eye to a stand, by the words of its colour. */
const isPale = (greenness: number | undefined): boolean =>
  greenness !== undefined && ['pale', 'yellow', 'white'].includes(greennessWords(greenness))

/** How far a stand is, from what the server tells of it. */
export function progressOf(
  { openCase, state }: Pick<EstateRowDto, 'openCase' | 'state'>,
  seen: { readonly day: Day; readonly greenness: number } | undefined,
  nextJob: { readonly dueOn: Day; readonly title: string } | undefined,
  today: Day,
): StandProgress {
  const { lastClosed } = state
  return standProgress({
    today,
    lastLookOn: state.lastLookOn ?? undefined,
    lastColourOn: seen?.day,
    isPale: isPale(seen?.greenness),
    openedOn: openCase?.openedOn,
    hasRemedy: state.hasRemedy,
    lastAppliedOn: state.lastAppliedOn ?? undefined,
    closed:
      lastClosed?.closedOn && lastClosed.outcome
        ? { on: lastClosed.closedOn, outcome: lastClosed.outcome }
        : undefined,
    nextJob,
  })
}

function colourOf(reading: EstateStandDto['colour'], eyes: readonly Eye[]) {
  if (!reading || !isColourKind(reading.kind)) return undefined
  const { greenness } = greennessReading(seenWith(eyes, { ...reading, kind: reading.kind }))
  return {
    day: reading.takenOn,
    greenness,
    words: `${greennessWords(greenness)}, ${readingWords(reading)}`,
  }
}

/** @throws {CoreError} plant-unknown where a plant is not of the catalogue */
export function listedStand(
  of: EstateStandDto,
  { eyes }: Pick<Known, 'eyes'>,
  today: Day,
  system: UnitSystem,
): ListedStand {
  const { stand, nextJob, spent } = of
  const seen = colourOf(of.colour, eyes)
  return {
    id: stand.id,
    name: stand.name,
    plant: findPlant(stand.plantId).name,
    kind: contexts[stand.context].label,
    size: sizeWords(toStandSize(stand.size), system),
    colour: seen?.words ?? '',
    greenness: seen?.greenness,
    paint: seen && leafColour(seen.greenness),
    progress: progressOf(of, seen, nextJob ?? undefined, today),
    dueOn: nextJob?.dueOn,
    nextSheetJobId: of.nextSheetJobId ?? undefined,
    spent,
    outline: stand.measures?.outline && toOutline(stand.measures.outline),
    at: stand.measures?.atM && [stand.measures.atM[0] ?? 0, stand.measures.atM[1] ?? 0],
  }
}

/** What stands are grouped by. */
export const groupings = {
  none: 'one list',
  kind: 'by kind',
  plant: 'by plant',
  step: 'by what comes next',
} as const
export type Grouping = keyof typeof groupings

/** Which stands are wanted. */
export interface Filter {
  readonly text: string
  /** Kinds of stands; none chosen: every kind. */
  readonly kinds: readonly string[]
  readonly isPaleOnly: boolean
  readonly isDueOnly: boolean
}
export const noFilter: Filter = { text: '', kinds: [], isPaleOnly: false, isDueOnly: false }

export function wantedStands(all: readonly ListedStand[], filter: Filter): ListedStand[] {
  const text = filter.text.trim().toLowerCase()
  return all.filter(
    ({ name, plant, kind, greenness, progress }) =>
      `${name} ${plant}`.toLowerCase().includes(text) &&
      (filter.kinds.length === 0 || filter.kinds.includes(kind)) &&
      (!filter.isPaleOnly || isPale(greenness)) &&
      (!filter.isDueOnly || progress.step === 'due'),
  )
}

const groupOf: Readonly<Record<Grouping, (stand: ListedStand) => string>> = {
  none: () => '',
  kind: ({ kind }) => kind,
  plant: ({ plant }) => plant,
  step: ({ progress }) => progress.step,
}

/** Stands in their groups, the groups by their names. */
export function groupStands(
  stands: readonly ListedStand[],
  grouping: Grouping,
): readonly { readonly name: string; readonly stands: readonly ListedStand[] }[] {
  const groups = new Map<string, ListedStand[]>()
  for (const stand of stands) {
    const name = groupOf[grouping](stand)
    groups.set(name, [...(groups.get(name) ?? []), stand])
  }
  return [...groups]
    .map(([name, own]) => ({ name, stands: own }))
    .toSorted((one, other) => one.name.localeCompare(other.name))
}
