import type { AxisScale } from 'd3-axis'
import type { Token } from '../../ui/tokens.ts'
import type { ScaleContinuousNumeric, ScalePoint, ScaleTime } from 'd3-scale'

/** A place along an axis: a figure, a day, or the name of a group. */
export type Along = number | Date | string

type Scale = ScaleContinuousNumeric<number, number> | ScaleTime<number, number> | ScalePoint<string>
/** A scale of either kind, as the drawing uses it. */
export type Placing = AxisScale<Along> & { range: (to: [number, number]) => unknown }

/** Colours of the drawings, by their names in the theme. */
export type Ink = Token

/** An axis; its scale needs a domain only, the frame gives it its room. */
export interface Axis {
  readonly scale: Scale
  /** How many ticks, or which; none where the axis is not written. */
  readonly ticks: number | readonly Along[]
  readonly words?: (at: never) => string
  readonly hasGrid?: boolean
  /** Behind the last tick of the lower axis: "pH". */
  readonly unit?: string
  /** What the figures look like, beside a standing axis. */
  readonly colours?: readonly {
    readonly from: number
    readonly to: number
    readonly fill: string
  }[]
}

interface Look {
  readonly ink: Ink
  readonly width?: number
  readonly dash?: string
  readonly opacity?: number
}

/** One value with its doubt. */
export interface ChartPoint {
  readonly x: Along
  readonly y: Along
  /** Ends of its doubt, up and down or along. */
  readonly low?: number
  readonly high?: number
  readonly isDoubtAlong?: boolean
  readonly fill?: string
  /** Made up by a stand-in: crossed out, whatever its shape. */
  readonly isMadeUp?: boolean
  /** Beside it. */
  readonly text?: string
  /** What is read of it by those who point at it, or go along by keys. */
  readonly words: string
}

/** What is drawn, the first below the next. */
export type Mark =
  | ({
      readonly kind: 'band'
      readonly points: readonly { readonly x: Along; readonly low: number; readonly high: number }[]
    } & Look)
  | ({
      readonly kind: 'line'
      /** Which line it is, where somebody has to find it. */
      readonly name?: string
      readonly points: readonly { readonly x: Along; readonly y: Along }[]
    } & Look)
  | {
      readonly kind: 'points'
      readonly points: readonly ChartPoint[]
      readonly size: number
      /** Squares and dashed edges for what stands apart from the rest. */
      readonly shape?: 'circle' | 'square' | 'pointer'
    }
  /** A stretch of one axis or both, over the whole of the other where it has none. */
  | ({
      readonly kind: 'stretch'
      readonly x?: readonly [Along, Along]
      readonly y?: readonly [number, number]
      readonly words?: string
      /** Ink of its words. */
      readonly wordsIn?: Ink
    } & Look)
  /** A line across at one place. */
  | ({
      readonly kind: 'rule'
      readonly x?: Along
      readonly y?: Along
      readonly words?: string
      /** Where its words stand; below the axis they take the place of its figures. */
      readonly side?: 'top' | 'bottom'
    } & Look)
  /** Names of lines; those at the end of the axis are kept apart. */
  | {
      readonly kind: 'names'
      readonly names: readonly {
        readonly x?: Along
        readonly y: Along
        readonly words: string
        readonly isStrong?: boolean
      }[]
    }
  /** Letters under the axis, kept apart. */
  | {
      readonly kind: 'letters'
      readonly letters: readonly { readonly x: Along; readonly words: string }[]
    }
  /** Words under the end of the axis: the day that it comes to. */
  | { readonly kind: 'end'; readonly words: string }
  /** Ranges over the drawing, a row each. */
  | {
      readonly kind: 'brackets'
      readonly title: string
      readonly rows: readonly {
        readonly name: string
        readonly from: number
        readonly to: number
        readonly isOpen: boolean
        readonly isStrong: boolean
        readonly words: string
      }[]
    }

/** A drawing with axes. */
export interface Chart {
  /** What it shows and what it comes to, said to those who do not see it. */
  readonly label: string
  /** With its margins [px]. */
  readonly height: number
  readonly margin: {
    readonly top: number
    readonly right: number
    readonly bottom: number
    readonly left: number
  }
  readonly x: Axis
  readonly y: Axis
  readonly marks: readonly Mark[]
}

/** A line of names is so high [px]. */
export const nameHeight = 13

/**
 * Moves what would lie on each other apart, downwards or to the right.
 * @param places where each would like to stand, in any order [px]
 * @param least distance [px]
 * @returns where each stands, in the same order [px]
 */
export function keptApart(places: readonly number[], least: number): number[] {
  const stand: number[] = []
  let last = -Infinity
  const order = places.map((place, index) => ({ place, index }))
  for (const { place, index } of order.toSorted((one, other) => one.place - other.place)) {
    last = Math.max(place, last + least)
    stand[index] = last
  }
  return stand
}
