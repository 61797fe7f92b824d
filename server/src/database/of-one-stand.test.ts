import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { sql, type SQL } from 'drizzle-orm'
import { expect, it } from 'vitest'
import { databaseErrno } from './database-fault.ts'
import { api, db, productBody, post, remedyBody, standWithRemedy } from '../tests/test-estate.ts'

const rowsOf = async (query: SQL) => {
  const [rows] = await db.execute(query)
  return rows as unknown as Record<string, string>[]
}

/** Order within a stand: set by the planner, which takes both from one list. Ticks name their job and nothing else. */
const byPlannerOnly = ['job.after_job_id', 'sheet_tick.job_id']

it('every column that names another row does so within its stand or its place', async () => {
  const named = await rowsOf(sql`
    SELECT CONCAT(c.table_name, '.', c.column_name) AS name, GROUP_CONCAT(k.column_name) AS keyed
    FROM information_schema.columns c
    LEFT JOIN information_schema.key_column_usage f
      ON f.table_schema = c.table_schema AND f.table_name = c.table_name
      AND f.column_name = c.column_name AND f.referenced_table_name IS NOT NULL
    LEFT JOIN information_schema.key_column_usage k
      ON k.constraint_schema = f.constraint_schema AND k.constraint_name = f.constraint_name
      AND k.table_name = f.table_name
    WHERE c.table_schema = DATABASE() AND c.column_name REGEXP '^(case|job|after_job|remedy|acid_plan|entry|corrects|product|sprayer)_id$'
    GROUP BY c.table_name, c.column_name ORDER BY name`)
  expect(named.length).toBeGreaterThanOrEqual(15)
  const alone = named.filter(({ keyed }) => !/\b(stand|place)_id\b/.test(keyed ?? ''))
  expect(alone.map(({ name }) => name)).toEqual(byPlannerOnly)
})

it('the database itself refuses what is of another place, and so does the server with words', async () => {
  const [here, there] = [await standWithRemedy(), await standWithRemedy()]
  const foreign = await post<{ id: string }>(`/places/${there.stand.placeId}/products`, productBody()) // prettier-ignore
  const [job] = await rowsOf(
    sql`SELECT id, stand_id AS standId, place_id AS placeId FROM job WHERE stand_id = ${here.stand.id} LIMIT 1`,
  )
  expect(job?.['placeId']).toBe(here.stand.placeId)
  const errnoOf = (query: SQL) => db.execute(query).then(() => 0, databaseErrno)
  const noParent = 1452
  const jobId = job?.['id']
  expect(await errnoOf(sql`UPDATE job SET product_id = ${foreign.id} WHERE id = ${jobId}`)).toBe(noParent) // prettier-ignore
  expect(await errnoOf(sql`UPDATE job SET case_id = ${there.caseId} WHERE id = ${jobId}`)).toBe(noParent) // prettier-ignore
  expect(await errnoOf(sql`UPDATE remedy SET product_id = ${foreign.id} WHERE stand_id = ${here.stand.id}`)).toBe(noParent) // prettier-ignore
  const picture = sql`INSERT INTO photo (id, stand_id, case_id, file_name, type, byte_count, width_px, height_px, created_by, created_at)
    VALUES (${randomUUID()}, ${here.stand.id}, ${there.caseId}, 'leaf.jpg', 'image/jpeg', 1, 1, 1, 'Tess Marlow', NOW(3))`
  expect(await errnoOf(picture)).toBe(noParent)
  const sent = { ...remedyBody(), productId: foreign.id }
  const { status, body } = await api.post(`/api/cases/${here.caseId}/remedies`).send(sent)
  expect(status).toBe(400)
  expect((body as { detail: string }).detail).toMatch(/Product: choose one of the shelf/)
})

const migration = new URL('../../drizzle/0018_of_one_stand.sql', import.meta.url)

it('ids that crossed places before are let go of by the migration', async () => {
  const { stand, caseId } = await standWithRemedy()
  const statements = readFileSync(migration, 'utf8').split('--> statement-breakpoint')
  const lettingGo = statements.filter((each) => each.includes('UPDATE `photo`'))
  expect(lettingGo).toHaveLength(2)
  const rows = await db.transaction(async (transaction) => {
    // Hides the real table from this connection for as long as it stands.
    await transaction.execute(sql`CREATE TEMPORARY TABLE photo (id int, stand_id varchar(36), case_id varchar(36), entry_id varchar(36))`) // prettier-ignore
    await transaction.execute(sql`INSERT INTO photo VALUES (1, ${stand.id}, ${caseId}, NULL), (2, ${randomUUID()}, ${caseId}, ${randomUUID()})`) // prettier-ignore
    for (const each of lettingGo) await transaction.execute(sql.raw(each))
    const [found] = await transaction.execute(sql`SELECT case_id AS caseId, entry_id AS entryId FROM photo ORDER BY id`) // prettier-ignore
    await transaction.execute(sql`DROP TEMPORARY TABLE photo`)
    return found as unknown as Record<string, string | null>[]
  })
  expect(rows).toEqual([
    { caseId, entryId: null },
    { caseId: null, entryId: null },
  ])
})
