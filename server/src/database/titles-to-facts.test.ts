import { sql } from 'drizzle-orm'
import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { db } from '../tests/test-estate.ts'

const migration = new URL('../../drizzle/0011_job_facts.sql', import.meta.url)

/** Titles as they were stored before they were worked out, with the facts that have to come of them. */
const old = [
  ['apply', 'Crystals, 50 lb', [null, null, null, null, null, null]],
  ['apply', 'Crystals, 50 lb, repeat 2 of 3', [null, null, 2, 3, null, null]],
  ['apply', 'Fe-DTPA, repeat 1 of 3, dose 2 of 3', [null, null, 1, 3, 2, 3]],
  ['apply', 'Sulfur flour, step 11 of 12', [null, null, null, null, 11, 12]],
  ['look', 'Look for the first change', ['first-change', null, null, null, null, null]],
  ['look', 'Look whether it is green', ['green', null, null, null, null, null]],
  ['test', 'Test pH again: does the plan hold?', ['plan-holds', null, null, null, null, null]],
  ['partner', 'Grub control, watered in by itself', [null, 'Grub control', null, null, null, null]],
  ['buy', 'Buy Crystals', [null, null, null, null, null, null]],
] as const

it('turns stored titles into what they were made of', async () => {
  const rows = await db.transaction(async (transaction) => {
    // Hides the real table from this connection for as long as it stands.
    await transaction.execute(
      sql`CREATE TEMPORARY TABLE job (id int, kind varchar(20), title varchar(160))`,
    )
    for (const [index, [kind, title]] of old.entries()) {
      await transaction.execute(sql`INSERT INTO job VALUES (${index}, ${kind}, ${title})`)
    }
    for (const statement of readFileSync(migration, 'utf8').split('--> statement-breakpoint')) {
      await transaction.execute(sql.raw(statement))
    }
    const [found] = await transaction.execute(
      sql`SELECT purpose, subject, round, rounds, step, steps FROM job ORDER BY id`,
    )
    await transaction.execute(sql`DROP TEMPORARY TABLE job`)
    return found as unknown as Record<string, unknown>[]
  })
  expect(rows.map((row) => Object.values(row))).toEqual(old.map(([, , facts]) => facts))
})
