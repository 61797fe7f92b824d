type AsText<Value> = Value extends Date ? string : Value
type Dated<Row> = { [Name in keyof Row]: AsText<Row[Name]> }

/** A row as it travels: its moments as text. */
export function toDto<Row extends object>(row: Row): Dated<Row> {
  const dto = { ...row } as Record<string, unknown>
  // A plain loop: every row that is answered runs through it.
  for (const name in dto) {
    const value = dto[name]
    if (value instanceof Date) dto[name] = value.toISOString()
  }
  return dto as Dated<Row>
}
