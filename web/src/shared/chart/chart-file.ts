import { schemes } from '../../ui/tokens.ts'
import type { Chart } from './chart.ts'
import { drawChart } from './draw-chart.ts'

/**
 * A colour as it is on paper: that of the light scheme, whatever the screen shows.
 * @throws {Error} for a colour that has none on paper
 */
function onSheet(_: string, name: string): string {
  const colour = (schemes.light as Readonly<Record<string, string>>)[name]
  if (colour === undefined) throw new Error(`no colour on paper for --${name}`)
  return colour
}

/** A chart as a drawing that stands alone: for paper, for a report, for another program. */
export function chartSvg(chart: Chart, width: number): string {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg')
  drawChart(svg, chart, width)
  svg.setAttribute('font-family', 'Inter, sans-serif')
  const title = document.createElementNS('http://www.w3.org/2000/svg', 'title')
  title.textContent = chart.label
  svg.prepend(title)
  return new XMLSerializer().serializeToString(svg).replace(/var\(--([a-z-]+)\)/g, onSheet)
}

/** Twice as many points as on the screen, so that it prints well. */
const pointsPerPx = 2

/**
 * A chart as a picture.
 * @throws {Error} where the browser cannot draw it
 */
export async function chartPng(chart: Chart, width: number): Promise<Blob> {
  const picture = new Image()
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(chartSvg(chart, width))}`
  await picture.decode()
  const canvas = document.createElement('canvas')
  canvas.width = width * pointsPerPx
  canvas.height = chart.height * pointsPerPx
  const paper = canvas.getContext('2d')
  if (!paper) throw new Error('this browser draws no pictures')
  paper.fillStyle = onSheet('', 'sheet')
  paper.fillRect(0, 0, canvas.width, canvas.height)
  paper.drawImage(picture, 0, 0, canvas.width, canvas.height)
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture came out'))))
  })
}
