/**
 * Values as lines that can be compared: numbers to nine digits, so that the order of a sum does not
 * count; ids and days as they are; sentences left out, for they may be said better. Sorted, for no
 * order of a table is a figure.
 */
export const sayFigures = (figures: readonly (readonly [name: string, value: unknown])[]): string =>
  figures
    .map(([name, value]) => `${name} ${JSON.stringify(asFigures(value))}`)
    .toSorted()
    .join('\n') + '\n'

const isSentence = (text: string) => text.includes(' ')

function asFigures(value: unknown): unknown {
  if (typeof value === 'number') return Number.isFinite(value) ? Number(value.toPrecision(9)) : String(value) // prettier-ignore
  if (typeof value === 'string') return isSentence(value) ? undefined : value
  if (Array.isArray(value)) return value.map(asFigures).filter((each) => each !== undefined)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value)
      .toSorted(([one], [other]) => (one < other ? -1 : 1))
      .map(([name, each]) => [name, asFigures(each)]),
  )
}
