import type { LeafForm } from '../../stand/plant/index.ts'
import {
  halfWidth,
  onPalmateLobe,
  palmateHub,
  palmateVeinDirections,
  type LeafPoint,
} from './outline.ts'

/** The vein net of a leaf, from the thickest to the finest. */
export interface VeinNet {
  readonly main: readonly (readonly LeafPoint[])[]
  readonly side: readonly (readonly LeafPoint[])[]
  readonly fine: readonly (readonly LeafPoint[])[]
}

const range = (count: number): number[] => Array.from({ length: count }, (_, index) => index)

function parallelVeins(): VeinNet {
  const line = (share: number): LeafPoint[] =>
    range(13).map((i) => [halfWidth('blade', i / 12) * share, (i / 12) * 0.97])
  return { main: [line(0)], side: [line(-0.45), line(0.45)], fine: [line(-0.78), line(0.78)] }
}

function palmateVeins(): VeinNet {
  const hub: LeafPoint = [0, palmateHub]
  const main = palmateVeinDirections.map((direction) => [hub, onPalmateLobe(direction, 0.92)])
  const branch = (direction: number, at: number, side: number): LeafPoint[] => [
    onPalmateLobe(direction, at),
    onPalmateLobe(direction + side * 0.28, at + 0.22),
  ]
  const branches = palmateVeinDirections.flatMap((direction) =>
    [0.3, 0.5, 0.68].flatMap((at) => [branch(direction, at, -1), branch(direction, at, 1)]),
  )
  const fine = palmateVeinDirections.flatMap((direction) =>
    [0.4, 0.58].flatMap((at) =>
      [-1, 1].map((side) => [
        onPalmateLobe(direction + side * 0.14, at + 0.1),
        onPalmateLobe(direction + side * 0.34, at + 0.06),
      ]),
    ),
  )
  return { main: [[[0, 0], hub], ...main], side: branches, fine }
}

function featherVeins(form: LeafForm): VeinNet {
  const pairs = form === 'cabbage' ? 6 : 7
  const starts = range(pairs).map((i) => 0.08 + (0.74 * i) / (pairs - 1))
  const reach = form === 'lobed' ? 0.1 : 0.13
  const sideOf = (t: number, sign: number): LeafPoint[] =>
    range(5).map((i) => {
      const share = i / 4
      const at = t + reach * share ** 1.3
      return [sign * halfWidth(form, at) * 0.93 * share, at]
    })
  const side = starts.flatMap((t) => [sideOf(t, -1), sideOf(t, 1)])
  const fine = starts.slice(0, -1).flatMap((t, index) => {
    const next = starts[index + 1] ?? 1
    return [-1, 1].flatMap((sign) =>
      [0.35, 0.6, 0.82].map((share): LeafPoint[] => {
        const from = t + reach * share ** 1.3
        const to = next + reach * (share - 0.12) ** 1.3
        return [
          [sign * halfWidth(form, from) * 0.93 * share, from],
          [sign * halfWidth(form, to) * 0.93 * (share - 0.12), to],
        ]
      }),
    )
  })
  const midrib: LeafPoint[] = [
    [0, -0.1],
    [0, 0.5],
    [0, 0.97],
  ]
  return { main: [midrib], side, fine }
}

/** The vein net that belongs to a leaf form. */
export function veinsOf(form: LeafForm): VeinNet {
  if (form === 'blade') return parallelVeins()
  return form === 'palmate' ? palmateVeins() : featherVeins(form)
}
