import { listed } from '../form/number-text.ts'
import { readTyped } from '@spudder/core/base/writing'
import { CoreError } from '@spudder/core/base/error'
import {
  measureGround,
  type GridPoint,
  type MeasuredGround,
  type Shape,
} from '@spudder/core/stand/ground'
import type { SizeKind, StandSize, StandMeasures } from '@spudder/core/stand/plant'
import {
  parseQuantity,
  quantityOf,
  unitText,
  valueIn,
  type Dimension,
} from '@spudder/core/base/quantity'
import { volumeOfLoop, type Vessel } from '@spudder/core/stand/vessel'

/** How ground is measured. */
export const groundWays = {
  area: 'type it',
  sides: 'sides',
  circle: 'circle',
  triangle: 'three sides',
  offsets: 'widths along a line',
  draw: 'draw it',
  map: 'map file',
} as const
export type GroundWay = keyof typeof groundWays

/** Part of a loop as it is typed. */
export interface PartDraft {
  kind: Vessel['kind']
  length: string
  width: string
  depth: string
  full: string
}

/** The size of a stand as it is typed, whatever its kind. */
export const freshSizeDraft = () => ({
  way: 'area' as GroundWay | undefined,
  area: '',
  length: '',
  width: '',
  diameter: '',
  side1: '',
  side2: '',
  side3: '',
  line: '',
  widths: '',
  outline: [] as GridPoint[],
  /** Of the piece taken from a map file: its area on the globe [m²] and edge. */
  mapName: '',
  mapAreaM2: 0,
  mapOutline: [] as GridPoint[],
  count: '',
  trunk: '',
  girths: '',
  pot: '',
  volume: '',
  parts: [] as PartDraft[],
  ground: '',
  plants: '',
  row: '',
})
export type SizeDraft = ReturnType<typeof freshSizeDraft>

/** What was read of a size; a field that is empty is not wrong yet. */
export interface ReadSize {
  readonly size: StandSize | undefined
  readonly measures: StandMeasures & { readonly outline?: readonly GridPoint[] }
  readonly ground: MeasuredGround | undefined
  /** What is wrong, by field of the draft. */
  readonly problems: Readonly<Record<string, string>>
}

/** Reads fields and notes what is wrong in which. */
class Fields {
  readonly problems: Record<string, string> = {}
  note(field: string, error: unknown): undefined {
    if (!(error instanceof CoreError)) throw error
    this.problems[field] = error.sentence()
    return undefined
  }
  quantity(field: string, text: string, dimension: Dimension, unit: string): number | undefined {
    if (text.trim() === '') return undefined
    try {
      return valueIn(parseQuantity(text, dimension), unit)
    } catch (error) {
      return this.note(field, error)
    }
  }
  /** A list with its unit behind the last: "0, 8, 10 ft". */
  lengths(field: string, text: string): readonly number[] | undefined {
    if (text.trim() === '') return undefined
    const items = listed(text)
    try {
      const last = parseQuantity(items.at(-1) ?? '', 'length')
      const unit = unitText(last.unit)
      return items.map((item) =>
        Number.isFinite(readTyped(item))
          ? valueIn(quantityOf(readTyped(item), unit), 'm')
          : valueIn(parseQuantity(item, 'length'), 'm'),
      )
    } catch (error) {
      return this.note(field, error)
    }
  }
  /** A count, or rows times plants a row: "4 x 12". */
  count(field: string, text: string): number | undefined {
    if (text.trim() === '') return undefined
    const parts = text.split(/[x×*]/i).map((part) => part.trim())
    const product = parts.reduce((all, part) => all * (part === '' ? Number.NaN : Number(part)), 1)
    if (product >= 1 && product <= 1e6 && Number.isInteger(product)) return product
    this.problems[field] = 'Give a whole number, or rows times plants a row: 4 x 12.'
    return undefined
  }
  try<Value>(field: string, act: () => Value): Value | undefined {
    try {
      return act()
    } catch (error) {
      return this.note(field, error)
    }
  }
}

/** The shape of the chosen way once all its measures are there. */
function shapeOf(draft: SizeDraft, fields: Fields): Shape | undefined {
  const metres = (name: 'length' | 'width' | 'diameter' | 'side1' | 'side2' | 'side3' | 'line') =>
    fields.quantity(name, draft[name], 'length', 'm')
  switch (draft.way) {
    case 'sides': {
      const [lengthM, widthM] = [metres('length'), metres('width')]
      return lengthM === undefined || widthM === undefined
        ? undefined
        : { kind: 'sides', lengthM, widthM }
    }
    case 'circle': {
      const diameterM = metres('diameter')
      return diameterM === undefined ? undefined : { kind: 'circle', diameterM }
    }
    case 'triangle': {
      const [a, b, c] = [metres('side1'), metres('side2'), metres('side3')]
      return a === undefined || b === undefined || c === undefined
        ? undefined
        : { kind: 'triangle', sidesM: [a, b, c] }
    }
    case 'offsets': {
      const [lengthM, widthsM] = [metres('line'), fields.lengths('widths', draft.widths)]
      return lengthM === undefined || widthsM === undefined
        ? undefined
        : { kind: 'offsets', lengthM, widthsM }
    }
    case 'draw':
      return draft.outline.length < 3 ? undefined : { kind: 'outline', outline: draft.outline }
    default:
      return undefined
  }
}

const shapeField: Readonly<Partial<Record<GroundWay, string>>> = {
  sides: 'length',
  circle: 'diameter',
  triangle: 'side3',
  offsets: 'widths',
  draw: 'outline',
}

/** The ground of the chosen way; typed as an area it has no edge. */
function groundOf(draft: SizeDraft, fields: Fields): MeasuredGround | undefined {
  if (draft.way === 'area' || draft.way === undefined) {
    const areaM2 = fields.quantity('area', draft.area, 'area', 'm2')
    return areaM2 === undefined ? undefined : { areaM2, outline: [], formula: 'as typed' }
  }
  if (draft.way === 'map') {
    if (draft.mapAreaM2 <= 0) return undefined
    const formula = `area on the globe of "${draft.mapName}", from the map file`
    return { areaM2: draft.mapAreaM2, outline: draft.mapOutline, formula }
  }
  const shape = shapeOf(draft, fields)
  return shape && fields.try(shapeField[draft.way] ?? 'area', () => measureGround(shape))
}

/** Trunk thickness on average, typed or from girths, and how many were measured. */
function trunksOf(draft: SizeDraft, fields: Fields): StandSize | undefined {
  const girths = fields.lengths('girths', draft.girths)
  if (girths && girths.length > 0) {
    const diameterM = girths.reduce((sum, girth) => sum + girth, 0) / girths.length / Math.PI
    const counted = fields.count('count', draft.count) ?? girths.length
    return { kind: 'trunks', count: counted, diameterM }
  }
  const count = fields.count('count', draft.count)
  const diameterM = fields.quantity('trunk', draft.trunk, 'length', 'm')
  return count === undefined || diameterM === undefined
    ? undefined
    : { kind: 'trunks', count, diameterM }
}

/** A part of a loop once its measures are there. */
function vesselOf(part: PartDraft, index: number, fields: Fields): Vessel | undefined {
  const name = `part${index}`
  const metres = (text: string) => fields.quantity(name, text, 'length', 'm')
  const [lengthM, widthM, depthM] = [metres(part.length), metres(part.width), metres(part.depth)]
  switch (part.kind) {
    case 'box':
      return lengthM === undefined || widthM === undefined || depthM === undefined
        ? undefined
        : { kind: 'box', lengthM, widthM, depthM }
    case 'upright':
      return widthM === undefined || depthM === undefined
        ? undefined
        : { kind: 'upright', diameterM: widthM, depthM }
    case 'lying':
      return lengthM === undefined || widthM === undefined || depthM === undefined
        ? undefined
        : { kind: 'lying', diameterM: widthM, lengthM, depthM }
    case 'pipe': {
      const fullShare = fields.quantity(name, part.full, 'share', '%')
      return lengthM === undefined || widthM === undefined || fullShare === undefined
        ? undefined
        : { kind: 'pipe', diameterM: widthM, lengthM, fullShare: fullShare / 100 }
    }
  }
}

/** Volume of a loop, typed or by its parts. */
function volumeOf(draft: SizeDraft, fields: Fields): number | undefined {
  if (draft.parts.length === 0) return fields.quantity('volume', draft.volume, 'volume', 'L')
  const parts = draft.parts.map((part, index) => vesselOf(part, index, fields))
  if (parts.some((part) => part === undefined)) return undefined
  return fields.try('parts', () => volumeOfLoop(parts.filter((part) => part !== undefined)))
}

const given = <Name extends string>(name: Name, value: number | undefined) =>
  (value === undefined ? {} : { [name]: value }) as Partial<Record<Name, number>>

/** Reads the size of a stand from what is typed. */
export function readSize(kind: SizeKind, draft: SizeDraft): ReadSize {
  const fields = new Fields()
  const groundM2 = fields.quantity('ground', draft.ground, 'area', 'm2')
  const plantCount = fields.count('plants', draft.plants)
  const rowM = fields.quantity('row', draft.row, 'length', 'm')
  const measures = {
    ...given('groundM2', groundM2),
    ...given('plantCount', plantCount),
    ...given('rowM', rowM),
  }
  const done = (size: StandSize | undefined, ground?: MeasuredGround): ReadSize => ({
    size,
    measures:
      ground && ground.outline.length > 0 ? { ...measures, outline: ground.outline } : measures,
    ground,
    problems: fields.problems,
  })
  switch (kind) {
    case 'area': {
      const ground = groundOf(draft, fields)
      return done(ground && { kind: 'area', areaM2: ground.areaM2 }, ground)
    }
    case 'trunks':
      return done(trunksOf(draft, fields))
    case 'pots': {
      const count = fields.count('count', draft.count)
      const potL = fields.quantity('pot', draft.pot, 'volume', 'L')
      return done(
        count === undefined || potL === undefined ? undefined : { kind: 'pots', count, potL },
      )
    }
    case 'solution': {
      const volumeL = volumeOf(draft, fields)
      return done(volumeL === undefined ? undefined : { kind: 'solution', volumeL })
    }
  }
}
