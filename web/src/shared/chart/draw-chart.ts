import { formatNumber } from '@spudder/core/base/writing'
import { axisBottom, axisLeft, type Axis as DrawnAxis } from 'd3-axis'
import { select } from 'd3-selection'
import type { Along, Axis, Chart, Placing } from './chart.ts'
import { drawMark, inked, placer, type Plot } from './draw-marks.ts'

/** A value that can be read of a chart, and where it stands in the drawing [px]. */
export interface Readable {
  readonly words: string
  readonly x: number
  readonly y: number
}

const textSize = 11.5

/** A copy of the scale in its room, so that one chart can be drawn in two sizes. */
function inRoom({ scale }: Axis, from: number, to: number): Placing {
  const placed = scale.copy() as unknown as Placing
  placed.range([from, to])
  return placed
}

function writeAxis(plot: Plot, axis: Axis, drawn: DrawnAxis<Along>, side: 'left' | 'bottom'): void {
  const { ticks, words, hasGrid = false } = axis
  if (typeof ticks === 'number') drawn.ticks(ticks)
  else drawn.tickValues([...ticks])
  const plain = (at: Along) => (typeof at === 'number' ? formatNumber(at) : String(at))
  drawn.tickFormat(words ? (words as (at: Along) => string) : plain)
  const length = side === 'left' ? plot.width : plot.height
  drawn
    .tickSizeOuter(0)
    .tickSizeInner(hasGrid ? -length : 0)
    .tickPadding(side === 'left' ? 7 : 8)
  const g = plot.g.append('g').attr('class', `axis ${side}`)
  if (side === 'bottom') g.attr('transform', `translate(0 ${plot.height})`)
  g.call(drawn)
  g.attr('font-family', null).attr('font-size', null)
  g.select('.domain').remove()
  g.selectAll('line').attr('stroke', inked('line'))
  g.selectAll('text').attr('fill', inked('slate'))
}

/** What the figures of a standing axis look like, in a strip left of the plot; words stand beside it. */
function paintAxis({ g, y }: Plot, { colours }: Axis): void {
  if (!colours) return
  for (const { from, to, fill } of colours) {
    const box = { x: -12, y: y(to), width: 8, height: y(from) - y(to), fill }
    const rect = g.append('rect')
    for (const [name, value] of Object.entries(box)) rect.attr(name, value)
  }
  g.selectAll('.left text').attr('x', -17)
}

/**
 * Draws a chart into an element, in place of what was there.
 * @param width of the whole with its margins [px]
 * @returns what can be read of it, from left to right
 */
export function drawChart(svg: SVGSVGElement, chart: Chart, width: number): readonly Readable[] {
  const { margin, height } = chart
  const root = select(svg)
  root.selectAll('*').remove()
  root
    .attr('width', width)
    .attr('height', height)
    .attr('viewBox', `0 0 ${width} ${height}`)
    .attr('font-size', textSize)
  const inner = {
    width: Math.max(60, width - margin.left - margin.right),
    height: height - margin.top - margin.bottom,
  }
  const [x, y] = [inRoom(chart.x, 0, inner.width), inRoom(chart.y, inner.height, 0)]
  const g = root.append('g').attr('transform', `translate(${margin.left} ${margin.top})`)
  const plot: Plot = { g, x: placer(x), y: placer(y), ...inner, margin }
  writeAxis(plot, chart.y, axisLeft(y), 'left')
  writeAxis(plot, chart.x, axisBottom(x), 'bottom')
  paintAxis(plot, chart.y)
  if (chart.x.unit) {
    const unit = g
      .append('text')
      .attr('x', inner.width + 16)
      .attr('y', inner.height + 17)
    unit.attr('fill', inked('slate')).text(chart.x.unit)
  }
  for (const mark of chart.marks) drawMark(mark, plot)
  return chart.marks
    .flatMap((mark) => (mark.kind === 'points' ? mark.points : []))
    .map(({ words, x: at, y: up }) => ({
      words,
      x: plot.x(at) + margin.left,
      y: plot.y(up) + margin.top,
    }))
    .toSorted((one, other) => one.x - other.x || one.y - other.y)
}
