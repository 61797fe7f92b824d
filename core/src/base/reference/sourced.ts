/**
 * How well a figure is founded.
 * P published, source named; C common practice in the trade; D derived by arithmetic;
 * M from memory of a published source, not re-read; J our own judgement, where nobody states a
 * figure and one is needed.
 */
export type Mark = 'P' | 'C' | 'D' | 'M' | 'J'

/** Words for a mark, as shown beside a figure. */
const markWords: Readonly<Record<Mark, string>> = {
  P: 'published',
  C: 'common practice',
  D: 'derived',
  M: 'from memory of a published source',
  J: 'our judgement',
}

/** Where a figure comes from. A record of reference data without it does not compile. */
export interface Sourced {
  readonly source: string
  readonly mark: Mark
}

/** A source with its mark, said once: "common practice", "Marschner (from memory of …)". */
export function sourceWords({ source, mark }: Sourced): string {
  return source.includes(markWords[mark]) ? source : `${source} (${markWords[mark]})`
}

/** The same source for every record of a table. */
export const eachFrom = <Rows extends Readonly<Record<string, object>>>(
  sourced: Sourced,
  rows: Rows,
): { readonly [Name in keyof Rows]: Rows[Name] & Sourced } =>
  Object.fromEntries(Object.entries(rows).map(([name, row]) => [name, { ...row, ...sourced }])) as {
    readonly [Name in keyof Rows]: Rows[Name] & Sourced
  }
