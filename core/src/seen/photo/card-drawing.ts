import qrcode from 'qrcode-generator'
import { leafColour } from '../colour/index.ts'
import { colourCard } from './data/card.ts'
import { screenCard } from './data/screen.ts'

const hex = (rgb: readonly number[]): string =>
  `#${rgb.map((each) => each.toString(16).padStart(2, '0')).join('')}`

/** The modules of the code by which the card is found, dark ones true, rows of columns. */
function codeModules(text: string): readonly (readonly boolean[])[] {
  const code = qrcode(1, 'M')
  code.addData(text, 'Alphanumeric')
  code.make()
  const count = code.getModuleCount()
  return Array.from({ length: count }, (_, row) =>
    Array.from({ length: count }, (_, column) => code.isDark(row, column)),
  )
}

/** The card as SVG elements in millimetres, from its left upper corner on. */
export function cardShapes(text: string = colourCard.code.text): string {
  const { code, patches, patchSideMm, widthMm, heightMm } = colourCard
  const modules = codeModules(text)
  const size = code.side / modules.length
  const dark = modules.flatMap((columns, row) =>
    columns.flatMap((isDark, column) =>
      isDark
        ? [`M${(code.x + column * size).toFixed(3)} ${(code.y + row * size).toFixed(3)}h${size.toFixed(3)}v${size.toFixed(3)}h-${size.toFixed(3)}z`] // prettier-ignore
        : [],
    ),
  )
  return [
    `<rect width="${widthMm}" height="${heightMm}" fill="#ffffff"/>`,
    `<path d="${dark.join('')}" fill="#000000"/>`,
    ...patches.map(
      ({ x, y, rgb }) =>
        `<rect x="${x}" y="${y}" width="${patchSideMm}" height="${patchSideMm}" fill="${hex(rgb)}"/>`,
    ),
  ].join('')
}

/** The card as a picture of its own, to print in its true size and to cut out along its edge. */
export function cardDrawing(): string {
  const { widthMm, heightMm } = colourCard
  const edge = `<rect x="0.1" y="0.1" width="${widthMm - 0.2}" height="${heightMm - 0.2}" fill="none" stroke="#b0b0b0" stroke-width="0.2"/>`
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}" shape-rendering="crispEdges">${cardShapes()}${edge}</svg>`
}

/** What a screen shows to be measured: the card with a code of its own, and leaf colours beneath it, in millimetres. */
export function screenShapes(): string {
  const { code, fields, heightMm } = screenCard
  const { widthMm } = colourCard
  return [
    `<rect width="${widthMm}" height="${heightMm}" fill="#ffffff"/>`,
    cardShapes(code),
    ...fields.map(
      ({ x, y, side, greenness }) =>
        `<rect x="${x}" y="${y}" width="${side}" height="${side}" fill="${leafColour(greenness)}"/>`,
    ),
  ].join('')
}

/** The same as a picture of its own. */
export const screenDrawing = (): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${colourCard.widthMm} ${screenCard.heightMm}" shape-rendering="crispEdges">${screenShapes()}</svg>`
