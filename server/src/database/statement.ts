import { sql, type AnyColumn, type SQL } from 'drizzle-orm'
import type { Connection } from './connect.ts'

/** A statement that only wants its values. */
export interface Built<Answer> {
  readonly execute: (values?: Record<string, unknown>) => Promise<Answer>
}

/** A value that a statement is given each time it runs. */
export const given = (name: string) => sql.placeholder(name)

/** A column that is one of several values, of which there must be one at least. */
export const isOneOf = (column: AnyColumn, name: string): SQL =>
  // The driver writes a list as its values.
  sql`${column} in (${given(name)})`

/**
 * A statement that is put together once for each connection, not once for each request: that took
 * longer than to send it.
 * @param build it, with {@link given} where a value comes in
 */
export function statement<const Name extends string, Answer>(
  build: (connection: Connection) => Built<Answer>,
): (connection: Connection, values: Readonly<Record<Name, unknown>>) => Promise<Answer> {
  const built = new WeakMap<Connection, Built<Answer>>()
  return (connection, values) => {
    let known = built.get(connection)
    if (!known) built.set(connection, (known = build(connection)))
    return known.execute(values)
  }
}
