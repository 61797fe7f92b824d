/** A part of a list, and how long the list is. */
interface Page<Row> {
  readonly total: number
  readonly rows: readonly Row[]
}

/** Reads a list page by page to its end: none stops in silence where a page is full. */
export async function readToEnd<Row>(
  readPage: (offset: number) => Promise<Page<Row>>,
): Promise<Row[]> {
  const all: Row[] = []
  for (;;) {
    const { total, rows } = await readPage(all.length)
    all.push(...rows)
    if (rows.length === 0 || all.length >= total) return all
  }
}
