type AsText<Value> = Value extends Date ? string : Value
type Dated<Row> = { [Name in keyof Row]: AsText<Row[Name]> }

/** A row as it travels: its moments as text. */
export function toDto<Row extends object>(row: Row): Dated<Row> {
  const fields = Object.entries(row).map(([name, value]: [string, unknown]) => [
    name,
    value instanceof Date ? value.toISOString() : value,
  ])
  return Object.fromEntries(fields) as Dated<Row>
}
