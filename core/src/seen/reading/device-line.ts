import type { Figure } from '../../base/reference/index.ts'
import type { ReadingKind } from './data/kinds.ts'

/** What a line of text from a pen or a meter says. */
export interface DeviceLine {
  readonly kind: Extract<ReadingKind, 'pH' | 'chlorophyll'> | undefined
  readonly value: number
  readonly temperatureC: number | undefined
}

const number = '([-+]?\\d+(?:[.,]\\d+)?)'
const read = (text: string | undefined): number | undefined =>
  text === undefined ? undefined : Number(text.replace(',', '.'))
const pHWord = new RegExp(`\\bpH\\b[^\\d+-]*${number}`, 'i')
const leafWord = new RegExp(`\\b(?:chl|chlorophyll)\\b[^\\d+-]*${number}`, 'i')
const heat = new RegExp(`${number}\\s*°?\\s*C\\b`)
const heatF = new RegExp(`${number}\\s*°?\\s*F\\b`)
const bare = new RegExp(`^\\s*${number}\\s*$`)

/**
 * Reads a line as pens and meters send them, by cable or over the air: a value with its name, or by itself, and a
 * temperature that may stand beside it. Common practice of such lines; there is no standard for them.
 * @returns undefined for a line that holds no value
 */
export function readDeviceLine(line: string): DeviceLine | undefined {
  const fahrenheit = read(heatF.exec(line)?.[1])
  const temperatureC =
    read(heat.exec(line)?.[1]) ?? (fahrenheit === undefined ? undefined : ((fahrenheit - 32) * 5) / 9) // prettier-ignore
  const pH = read(pHWord.exec(line)?.[1])
  if (pH !== undefined) return { kind: 'pH', value: pH, temperatureC }
  const leaf = read(leafWord.exec(line)?.[1])
  if (leaf !== undefined) return { kind: 'chlorophyll', value: leaf, temperatureC }
  const alone = read(bare.exec(line)?.[1])
  return alone === undefined ? undefined : { kind: undefined, value: alone, temperatureC }
}

/** When a pen counts as settled: so many values in a row, so close together. */
export const settling = {
  count: { value: 5, unit: 'values', source: 'a second or two of a pen', mark: 'J' },
  pH: {
    value: 0.03,
    unit: 'pH',
    source: 'what such a pen shows moves by its last digit',
    mark: 'J',
  },
  chlorophyll: { value: 0.5, unit: 'units', source: 'the meter’s own doubt of a leaf', mark: 'J' },
} as const satisfies Readonly<Record<string, Figure>>

/**
 * Whether the last values of a pen or meter lie close together: what it shows is no more on its way.
 * @param values in the unit of their kind: pH, or units of the meter [1], the newest last
 */
export function isSettled(kind: 'pH' | 'chlorophyll', values: readonly number[]): boolean {
  const last = values.slice(-settling.count.value)
  const spread = Math.max(...last) - Math.min(...last)
  return last.length === settling.count.value && spread <= settling[kind].value
}
