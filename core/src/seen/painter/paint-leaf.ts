import { randomLcg } from 'd3-random'
import type { LeafPaint } from '../finding/index.ts'
import type { LeafForm } from '../../stand/plant/index.ts'
import { greennessOf, leafColour } from '../colour/index.ts'
import { leafFrame, type LeafPose } from './leaf-frame.ts'
import { halfWidth, leafOutline, type LeafPoint } from './outline.ts'
import { pathThrough, type Shape } from './shape.ts'
import { veinsOf } from './veins.ts'

export interface LeafDrawing {
  readonly form: LeafForm
  readonly pose: LeafPose
  /** What shows on it; absent for a healthy leaf. */
  readonly paint?: LeafPaint | undefined
  /** Decides where blotches and spots fall. */
  readonly seed: number
}

const healthy = leafColour(0.84)
const healthyVein = leafColour(0.66)
const greenVein = leafColour(0.88)
const scorch = '#8a5a34'
const bronze = '#7d6a3c'
const blackened = '#2f2c25'
const edge = '#00000026'

/** A tool that lays shapes of one leaf down in its frame. */
interface Brush {
  fill(points: readonly LeafPoint[], colour: string, opacity?: number): Shape
  lines(
    lines: readonly (readonly LeafPoint[])[],
    colour: string,
    width: number,
    opacity?: number,
  ): Shape[]
}

function brushFor(pose: LeafPose): Brush {
  const frame = leafFrame(pose)
  const place = (points: readonly LeafPoint[]) => points.map(([u, t]) => frame(u, t))
  return {
    fill: (points, colour, opacity = 1) => ({
      kind: 'fill',
      d: pathThrough(place(points), true),
      colour,
      opacity,
    }),
    lines: (lines, colour, width, opacity = 1) =>
      lines.map((points) => ({
        kind: 'line',
        d: pathThrough(place(points)),
        colour,
        width: width * pose.length,
        opacity,
      })),
  }
}

function blot([u, t]: LeafPoint, radius: number): LeafPoint[] {
  return Array.from({ length: 10 }, (_, index): LeafPoint => {
    const turn = (index / 10) * 2 * Math.PI
    return [u + radius * Math.cos(turn), t + radius * 1.3 * Math.sin(turn)]
  })
}

/** Blotches strewn over the leaf, inside its outline. */
function blots(form: LeafForm, seed: number, count: number, radius: number): LeafPoint[][] {
  const random = randomLcg(seed)
  const width = form === 'blade' ? 0.02 : radius
  return Array.from({ length: count }, (_, index) => {
    const t = 0.12 + (0.74 * (index + random() * 0.8)) / count
    const u = (random() * 2 - 1) * Math.max(0, halfWidth(form, t) * 0.78 - width * 0.6)
    return blot([u, t], width * (0.7 + random() * 0.6))
  })
}

/** The green wedge that stays at the base of a leaf short of magnesium. */
function baseWedge(form: LeafForm): LeafPoint[] {
  const stations = Array.from({ length: 13 }, (_, index) => (index / 12) * 0.52)
  const at = (t: number) => halfWidth(form, t) * 0.86 * (1 - t / 0.52) ** 0.7
  return [
    ...stations.map((t): LeafPoint => [at(t), t]),
    ...stations.toReversed().map((t): LeafPoint => [-at(t), t]),
  ]
}

/** The end of a leaf from a share of its length on, in another colour. */
function endsFrom(form: LeafForm, brush: Brush, from: number, colour: string): Shape[] {
  const tip = leafOutline(form).filter(([, t]) => t > from)
  return tip.length > 2 ? [brush.fill(tip, colour, 0.9)] : []
}
const scorchedEnds = (form: LeafForm, brush: Brush) => endsFrom(form, brush, 0.84, scorch)

/** Hard-edged sectors of a variegated leaf, between the midrib and the margin. */
function sectors(form: LeafForm): LeafPoint[][] {
  const spans = [
    [0.1, 0.42, 1],
    [0.5, 0.92, 1],
    [0.26, 0.7, -1],
  ] as const
  return spans.map(([from, to, side]) => {
    const stations = Array.from({ length: 13 }, (_, index) => from + ((to - from) * index) / 12)
    return [
      [side * 0.01, from],
      ...stations.map((t): LeafPoint => [side * halfWidth(form, t) * 0.97, t]),
      [side * 0.01, to],
    ]
  })
}

/** Widths of veins, as shares of leaf length; a blade is drawn longer, so its lines are finer. */
const veinWidths = (form: LeafForm) =>
  form === 'blade'
    ? { main: 0.008, side: 0.005, fine: 0.004, band: 0.013 }
    : { main: 0.02, side: 0.011, fine: 0.006, band: 0.055 }

/**
 * Draws one leaf: outline, vein net and, where it is sick, its pattern.
 * @returns shapes in the order in which they are laid down; the first is the outline
 */
export function paintLeaf({ form, pose, paint, seed }: LeafDrawing): readonly Shape[] {
  const sick = paint && paint.severity > 0 ? paint : undefined
  const small = sick?.pattern === 'small-rosetted' ? 0.62 : 1
  const brush = brushFor({ ...pose, length: pose.length * small })
  const outline = leafOutline(form)
  const veins = veinsOf(form)
  const width = veinWidths(form)
  const margin = brush.lines([[...outline, outline[0] ?? [0, 0]]], edge, 0.006)
  const net = (colour: string, fine = true) => [
    ...(fine ? brush.lines(veins.fine, colour, width.fine) : []),
    ...brush.lines(veins.side, colour, width.side),
    ...brush.lines(veins.main, colour, width.main),
  ]
  if (!sick) return [brush.fill(outline, healthy), ...net(healthyVein, false), ...margin]

  const pale = leafColour(greennessOf('severity', sick.severity))
  const worst = sick.severity === 5 ? scorchedEnds(form, brush) : []
  const draw = (): Shape[] => {
    switch (sick.pattern) {
      case 'fine-green-veins':
      case 'small-rosetted':
        return [brush.fill(outline, pale), ...net(greenVein), ...worst]
      case 'stripes':
        return [
          brush.fill(outline, pale),
          ...brush.lines([...veins.side, ...veins.main], greenVein, width.side * 1.8),
          ...worst,
        ]
      case 'broad-green-bands':
        return [
          brush.fill(outline, pale),
          ...brush.lines([...veins.side, ...veins.main], greenVein, width.band, 0.55),
          ...net(greenVein, false),
          ...worst,
        ]
      case 'even-pale':
        return [brush.fill(outline, pale), ...net(pale, false), ...worst]
      case 'bleached':
        return [brush.fill(outline, leafColour(0.06)), ...net(leafColour(0.16), false), ...worst]
      case 'mottle':
        return [
          brush.fill(outline, healthy),
          ...blots(form, seed, 13, 0.07).map((points) => brush.fill(points, pale, 0.85)),
          ...net(healthyVein, false),
          ...worst,
        ]
      case 'spots':
        return [
          brush.fill(outline, leafColour(0.7)),
          ...blots(form, seed, 4 + sick.severity * 2, 0.03).map((points) =>
            brush.fill(points, scorch),
          ),
          ...net(healthyVein, false),
        ]
      case 'margin-scorch':
        return [
          brush.fill(outline, sick.severity > 1 ? scorch : pale),
          brush.fill(leafOutline(form, 0.96 - sick.severity * 0.05), pale),
          brush.fill(leafOutline(form, 0.86 - sick.severity * 0.06), healthy),
          ...net(healthyVein, false),
        ]
      case 'variegated':
        return [
          brush.fill(outline, healthy),
          ...sectors(form).map((points) => brush.fill(points, pale)),
          ...net(healthyVein, false),
        ]
      case 'bronzed':
        return [
          brush.fill(outline, bronze),
          ...blots(form, seed, 4 + sick.severity * 2, 0.05).map((points) =>
            brush.fill(points, blackened, 0.7),
          ),
          ...net(blackened, false),
        ]
      case 'twisted-tips':
        return [
          brush.fill(outline, healthy),
          ...endsFrom(form, brush, 0.62, pale),
          ...net(healthyVein, false),
          ...endsFrom(form, brush, 0.86, scorch),
        ]
      case 'dead-tips':
        return [
          brush.fill(outline, leafColour(0.7)),
          ...net(healthyVein, false),
          ...endsFrom(form, brush, 0.66, scorch),
        ]
      case 'base-wedge':
        return [
          brush.fill(outline, pale),
          brush.fill(baseWedge(form), healthy),
          ...net(healthyVein, false),
          ...worst,
        ]
    }
  }
  return [...draw(), ...margin]
}
