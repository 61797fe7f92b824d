import { and, asc, eq } from 'drizzle-orm'
import type { Connection } from '../database/connect.ts'
import { insertOnce } from '../database/insert-once.ts'
import { jarTest } from '../database/schema.ts'

export type JarTestRow = typeof jarTest.$inferSelect

export const insertJarTest = (connection: Connection, row: JarTestRow) =>
  insertOnce(connection, jarTest, row)

/** Oldest first: of two on one day the one recorded later is the newer. */
export const listJarTests = (connection: Connection, placeId: string): Promise<JarTestRow[]> =>
  connection
    .select()
    .from(jarTest)
    .where(and(eq(jarTest.placeId, placeId), eq(jarTest.isStruck, false)))
    .orderBy(asc(jarTest.testedOn), asc(jarTest.createdAt))
