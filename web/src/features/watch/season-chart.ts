import { daysBetween } from '@spudder/core/base/calendar'
import { leafColour, type SeenGreenness } from '@spudder/core/seen/colour'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'

const [width, height] = [510, 150]
const margin = { left: 6, right: 6, top: 8, bottom: 20 }

/** Colour through the season as a drawing for paper, with a mark on each day of work. */
export function seasonChart(
  seen: readonly SeenGreenness[],
  entries: readonly { readonly happenedOn: string }[],
): string {
  const [first, last] = [seen[0], seen.at(-1)]
  if (!first || !last) return ''
  const span = Math.max(1, daysBetween(first.day, last.day))
  const x = scaleLinear([0, span], [margin.left, width - margin.right])
  const y = scaleLinear([0, 1], [height - margin.bottom, margin.top])
  const at = (day: string) => x(daysBetween(first.day, day))
  const path = line<SeenGreenness>()
    .x(({ day }) => at(day))
    .y(({ greenness }) => y(greenness))([...seen])
  const marks = entries
    .filter(({ happenedOn }) => happenedOn >= first.day && happenedOn <= last.day)
    .map(({ happenedOn }) => {
      const place = at(happenedOn).toFixed(1)
      return `<line x1="${place}" x2="${place}" y1="${margin.top}" y2="${height - margin.bottom}" stroke="#a23f1b"/>`
    })
  const points = seen.map(
    ({ day, greenness }) =>
      `<circle cx="${at(day).toFixed(1)}" cy="${y(greenness).toFixed(1)}" r="3.4" fill="${leafColour(greenness)}" stroke="#232c33" stroke-width="0.7"/>`,
  )
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">`,
    `<line x1="${margin.left}" x2="${width - margin.right}" y1="${height - margin.bottom}" y2="${height - margin.bottom}" stroke="#b9b1a1"/>`,
    ...marks,
    `<path d="${path ?? ''}" fill="none" stroke="#4f5b64" stroke-width="1"/>`,
    ...points,
    `<text x="${margin.left}" y="${height - 5}" font-size="9" fill="#4f5b64">${first.day}</text>`,
    `<text x="${width - margin.right}" y="${height - 5}" font-size="9" text-anchor="end" fill="#4f5b64">${last.day}</text>`,
    '</svg>',
  ].join('')
}
