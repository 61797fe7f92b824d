type Dated<Row> = Omit<Row, 'createdAt'> & { readonly createdAt: string }

/** A row as it travels: its moment as text. */
export function toDto<Row extends { createdAt: Date }>(row: Row): Dated<Row> {
  return { ...row, createdAt: row.createdAt.toISOString() }
}
