/** The number in a text field; NaN, which every check refuses, where there is none. */
export function numberIn(text: string): number {
  const trimmed = text.trim()
  return trimmed === '' ? Number.NaN : Number(trimmed)
}
