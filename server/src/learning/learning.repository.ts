import { readingKindNames } from '@spudder/core/seen/reading'
import { isColourKind } from '@spudder/core/seen/colour'
import { and, asc, eq, inArray, isNotNull } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { inOrder } from '../database/in-order.ts'
import { entry, reading } from '../database/schema.ts'
import { selectFamilies, toldWith } from '../stand/stand.repository.ts'

const colourKinds = readingKindNames.filter(isColourKind)

/** Colours of some stands and their strips that were not struck out, and all entries of their cases. */
export async function selectLearning(connection: Connection, standIds: readonly string[]) {
  if (standIds.length === 0) return { colours: [], entries: [] }
  const families = await selectFamilies(connection, standIds)
  const [colours, entries] = await Promise.all([
    connection
      .select()
      .from(reading)
      .where(
        and(
          inArray(reading.standId, families.ids),
          inArray(reading.kind, colourKinds),
          eq(reading.isStruck, false),
        ),
      )
      .orderBy(asc(reading.takenOn), asc(inOrder(reading))),
    // Steps of an acid plan belong to no case: they move the soil, and the leaf in its own time.
    connection
      .select()
      .from(entry)
      .where(and(inArray(entry.standId, families.ids), isNotNull(entry.caseId)))
      .orderBy(asc(entry.happenedOn), asc(inOrder(entry))),
  ])
  return { colours: toldWith(families, colours), entries: toldWith(families, entries) }
}
