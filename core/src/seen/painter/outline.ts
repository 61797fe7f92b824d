import type { LeafForm } from '../../stand/plant/index.ts'

/** A point of a leaf before it is posed: u across, t along, as shares of its length. */
export type LeafPoint = readonly [u: number, t: number]

/** Half the width of a leaf at a share t of its length, by form. */
const halfWidths: Readonly<Record<Exclude<LeafForm, 'palmate'>, (t: number) => number>> = {
  ovate: (t) => 0.29 * Math.sin(Math.PI * t ** 0.82) ** 0.95,
  lobed: (t) =>
    0.4 *
    Math.sin(Math.PI * t ** 0.9) ** 0.8 *
    (0.3 + 0.7 * Math.abs(Math.sin(Math.PI * 3.5 * t)) ** 1.2),
  blade: (t) => 0.036 * Math.min(1, 3 + 8 * t) * (1 - t ** 2.6) ** 0.8,
  // A twig set with needles, and a frond set with leaflets: the outline is the comb they make.
  needle: (t) =>
    0.13 *
    Math.sin(Math.PI * t ** 0.9) ** 0.35 *
    (0.1 + 0.9 * Math.abs(Math.sin(Math.PI * 13 * t))),
  frond: (t) =>
    0.25 *
    Math.sin(Math.PI * t ** 0.8) ** 0.7 *
    (0.08 + 0.92 * Math.abs(Math.sin(Math.PI * 11 * t)) ** 0.8),
  cabbage: (t) => 0.25 * Math.sin(Math.PI * t ** 1.35) ** 0.6 + 0.012 * Math.sin(t * 42),
}

const along = (count: number): number[] => Array.from({ length: count + 1 }, (_, i) => i / count)

/** Radius of a palmate leaf around its base, by direction from the tip [rad]. */
function palmateRadius(direction: number): number {
  const away = Math.abs(direction)
  if (away > 2.75) return 0.1
  const lobe = Math.abs(Math.cos((away * 5) / 2.05)) ** 1.4
  return (0.34 + 0.32 * lobe) * (1 - 0.1 * away)
}

/** Tips of the five lobes of a palmate leaf, where its main veins run. */
export const palmateVeinDirections = [-2.46, -1.23, 0, 1.23, 2.46] as const
/** Where the main veins of a palmate leaf meet, along the leaf. */
export const palmateHub = 0.32

function palmateOutline(inset: number): LeafPoint[] {
  return along(72).map((share) => {
    const direction = -Math.PI + share * 2 * Math.PI
    const radius = palmateRadius(direction) * inset
    return [radius * Math.sin(direction), palmateHub + radius * Math.cos(direction)] as const
  })
}

/** Point on a lobe of a palmate leaf, at a share of the way to its edge. */
export function onPalmateLobe(direction: number, share: number): LeafPoint {
  const radius = palmateRadius(direction) * share
  return [radius * Math.sin(direction), palmateHub + radius * Math.cos(direction)]
}

/** Half the width of a leaf at t; a palmate leaf is treated as the ovate one it fills. */
export function halfWidth(form: LeafForm, t: number): number {
  return form === 'palmate' ? halfWidths.ovate(t) * 1.4 : halfWidths[form](t)
}

/** How many points an outline takes a side; combs take more. */
const stationsOf: Readonly<Partial<Record<LeafForm, number>>> = {
  blade: 24,
  needle: 182,
  frond: 154,
}

/**
 * Outline of a leaf.
 * @param inset 1 the whole leaf; less draws the same outline drawn in from the margin
 */
export function leafOutline(form: LeafForm, inset = 1): readonly LeafPoint[] {
  if (form === 'palmate') return palmateOutline(inset)
  const ends = (1 - inset) / 2
  const stations = along(stationsOf[form] ?? 48).map((t) => ends + t * inset)
  const right = stations.map((t): LeafPoint => [halfWidth(form, t) * inset, t])
  const left = stations.toReversed().map((t): LeafPoint => [-halfWidth(form, t) * inset, t])
  return [...right, ...left]
}
