import { select, type Selection } from 'd3-selection'
import { area, line } from 'd3-shape'
import {
  keptApart,
  nameHeight,
  type Along,
  type ChartPoint,
  type Ink,
  type Mark,
  type Placing,
} from './chart.ts'

/** Where a mark is drawn: inside the margins, with the scales in their room. */
export interface Plot {
  readonly g: Selection<SVGGElement, unknown, null, undefined>
  readonly x: (at: Along) => number
  readonly y: (at: Along) => number
  readonly width: number
  readonly height: number
  readonly margin: { readonly top: number; readonly right: number; readonly bottom: number }
}

/** A colour of the theme; a drawing that leaves the page has it written out. */
export const inked = (ink: Ink): string => `var(--${ink})`
/** Where a place stands; what is not on the axis stands at its beginning. */
export const placer =
  (scale: Placing) =>
  (at: Along): number =>
    scale(at) ?? 0

type Of<Kind extends Mark['kind']> = Extract<Mark, { kind: Kind }>
type Attributes = Readonly<Record<string, string | number | undefined>>

function put(g: Plot['g'], tag: string, attributes: Attributes, words?: string) {
  const made = g.append(tag)
  for (const [name, value] of Object.entries(attributes)) {
    if (value !== undefined) made.attr(name, value)
  }
  if (words !== undefined) made.text(words)
  return made
}
const stroke = (mark: { ink: Ink; width?: number; dash?: string; opacity?: number }) => ({
  stroke: inked(mark.ink),
  'stroke-width': mark.width ?? 1,
  'stroke-dasharray': mark.dash,
  opacity: mark.opacity,
  fill: 'none',
})
const textIn = (ink: Ink, anchor?: 'middle' | 'end') => ({
  fill: inked(ink),
  'text-anchor': anchor,
})

function drawPoint(plot: Plot, point: ChartPoint, { size, shape }: Of<'points'>): void {
  const [x, y] = [plot.x(point.x), plot.y(point.y)]
  const { low, high } = point
  const g = select(plot.g.append('g').attr('class', 'point').node() as SVGGElement)
  put(g, 'title', {}, point.words)
  if (low !== undefined && high !== undefined && high > low) {
    const [from, to] = point.isDoubtAlong
      ? [plot.x(low), plot.x(high)]
      : [plot.y(low), plot.y(high)]
    const ends = point.isDoubtAlong
      ? { x1: from, x2: to, y1: y, y2: y }
      : { x1: x, x2: x, y1: from, y2: to }
    put(g, 'line', { ...ends, ...stroke({ ink: 'ink', width: 1.3 }), class: 'doubt' })
  }
  const paint = { fill: point.fill ?? inked('sheet'), stroke: inked('ink'), 'stroke-width': 1.5 }
  if (shape === 'square') {
    const box = { x: x - size, y: y - size, width: size * 2, height: size * 2 }
    put(g, 'rect', { ...box, ...paint, 'stroke-dasharray': '2 1.5' })
  } else if (shape === 'pointer') {
    put(g, 'path', { d: `M${x},${y}l-${size},-${size * 2}h${size * 2}z`, fill: paint.fill })
  } else put(g, 'circle', { cx: x, cy: y, r: size, ...paint })
  if (point.isMadeUp) {
    const arm = size + 2
    const d = `M${x - arm},${y - arm}L${x + arm},${y + arm}M${x + arm},${y - arm}L${x - arm},${y + arm}`
    put(g, 'path', { d, stroke: inked('ink'), 'stroke-width': 1.3, class: 'made-up' })
  }
  if (point.text === undefined) return
  put(g, 'text', { x: x + 8, y: y - 6, ...textIn('ink'), 'font-weight': 600 }, point.text)
}

/** How each kind is drawn; one that is not here does not compile. */
const drawers: { readonly [Kind in Mark['kind']]: (mark: Of<Kind>, plot: Plot) => void } = {
  band(mark, { g, x, y }) {
    const shape = area<Of<'band'>['points'][number]>()
      .x((point) => x(point.x))
      .y0(({ low }) => y(low))
      .y1(({ high }) => y(high))
    const fill = inked(mark.ink)
    put(g, 'path', { class: 'band', d: shape(mark.points) ?? '', fill, opacity: mark.opacity })
  },
  line(mark, { g, x, y }) {
    const shape = line<Of<'line'>['points'][number]>()
      .x((point) => x(point.x))
      .y((point) => y(point.y))
    put(g, 'path', {
      class: 'line',
      'data-mark': mark.name,
      d: shape(mark.points) ?? '',
      ...stroke(mark),
    })
  },
  points(mark, plot) {
    for (const point of mark.points) drawPoint(plot, point, mark)
  },
  stretch(mark, { g, x, y, width, height }) {
    const [left, right] = mark.x ? mark.x.map(x) : [0, width]
    const [bottom, top] = mark.y ? mark.y.map(y) : [height, 0]
    const [from = 0, to = 0, low = 0, high = 0] = [left, right, bottom, top]
    const box = { x: from, y: high, width: Math.max(2, to - from), height: Math.max(0, low - high) }
    put(g, 'rect', { class: 'stretch', ...box, fill: inked(mark.ink), opacity: mark.opacity })
    // A stretch of time is named over the plot, one of figures inside it.
    const at = mark.y ? { x: from + 4, y: high + 12 } : { x: from + 2, y: -3 }
    if (mark.words) put(g, 'text', { ...at, ...textIn(mark.wordsIn ?? 'slate') }, mark.words)
  },
  rule(mark, { g, x, y, width, height, margin }) {
    const across = mark.x === undefined
    const at = across ? y(mark.y ?? 0) : x(mark.x)
    const ends = across
      ? { x1: 0, x2: width, y1: at, y2: at }
      : { x1: at, x2: at, y1: 0, y2: height }
    put(g, 'line', { class: 'rule', ...ends, ...stroke(mark) })
    if (!mark.words) return
    const ink: Ink = mark.ink === 'rust' ? 'rust' : 'slate'
    if (mark.side === 'bottom') {
      const below = { x: at, y: height + margin.bottom - 2, 'font-weight': 600 }
      put(g, 'text', { ...below, ...textIn(ink, 'middle') }, mark.words)
    } else put(g, 'text', { x: at + 5, y: 9, ...textIn(ink) }, mark.words)
  },
  names({ names }, { g, x, y, width }) {
    const atEnd = names.filter((name) => name.x === undefined)
    const ends = keptApart(
      atEnd.map((name) => y(name.y) + 4),
      nameHeight,
    )
    for (const name of names) {
      const end = ends[atEnd.indexOf(name)]
      const at = { x: name.x === undefined ? width + 10 : x(name.x) + 5, y: end ?? y(name.y) - 3 }
      const weight = { 'font-weight': name.isStrong ? 700 : 560 }
      const halo = { stroke: inked('sheet'), 'stroke-width': 3, 'paint-order': 'stroke' }
      const ink = textIn(name.isStrong ? 'ink' : 'slate')
      put(g, 'text', { class: 'name', ...at, ...weight, ...halo, ...ink }, name.words)
    }
  },
  letters({ letters }, { g, x, height }) {
    const places = keptApart(
      letters.map((letter) => x(letter.x)),
      11,
    )
    letters.forEach(({ words }, index) => {
      put(g, 'text', { x: places[index], y: height + 13, ...textIn('slate', 'middle') }, words)
    })
  },
  end({ words }, { g, width, height, margin }) {
    put(g, 'text', { x: width, y: height + margin.bottom - 2, ...textIn('slate', 'end') }, words)
  },
  brackets({ title, rows }, { g, x, width, margin }) {
    const rowHeight = 15
    put(g, 'text', { x: 0, y: 11 - margin.top, 'font-size': 10.5, ...textIn('slate') }, title)
    rows.forEach((row, index) => {
      const [from, to] = [x(row.from), row.isOpen ? width : x(row.to)]
      const ink: Ink = row.isStrong ? 'ink' : 'slate'
      const place = `translate(0 ${22 - margin.top + index * rowHeight})`
      const at = select(g.append('g').attr('transform', place).node() as SVGGElement)
      put(at, 'title', {}, row.words)
      const end = row.isOpen ? '' : `M${to},0v8`
      const shape = stroke({ ink, width: row.isStrong ? 2.2 : 1.3 })
      put(at, 'path', { d: `M${from},4H${to}M${from},0v8${end}`, ...shape })
      const weight = { 'font-size': 10.5, 'font-weight': row.isStrong ? 700 : 400 }
      put(at, 'text', { x: from - 5, y: 8, ...weight, ...textIn(ink, 'end') }, row.name)
    })
  },
}

/** Draws a mark over what is there. */
export function drawMark<Kind extends Mark['kind']>(mark: Of<Kind>, plot: Plot): void {
  // A kind and its drawer belong together; the record above says so, the lookup cannot.
  const drawer = drawers[mark.kind] as unknown as (mark: Of<Kind>, plot: Plot) => void
  drawer(mark, plot)
}
