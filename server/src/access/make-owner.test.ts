import { eq, sql } from 'drizzle-orm'
import { afterAll, describe, expect, it } from 'vitest'
import { installation, person } from '../database/schema.ts'
import { db } from '../tests/test-estate.ts'
import { makeOwner } from './make-owner.ts'
import { selectAlone } from './session.repository.ts'

describe('a first start', () => {
  const [name, was] = ['Twice Made', selectAlone(db)]
  afterAll(async () => {
    const singlePersonId = (await was)?.id ?? null
    await db.update(installation).set({ singlePersonId })
    await db.delete(person).where(eq(person.name, name))
  })

  it('of several servers at once makes one person who works there alone', async () => {
    await was
    for (let round = 0; round < 5; round += 1) {
      // Emptied, not cleared: a row that was there would be held by the one who looks first.
      await db.execute(sql`truncate table ${installation}`)
      await db.delete(person).where(eq(person.name, name))
      await Promise.all(Array.from({ length: 4 }, () => makeOwner(db, name)))
      const made = await db.select().from(person).where(eq(person.name, name))
      expect(made).toHaveLength(1)
      expect((await selectAlone(db))?.id).toBe(made[0]?.id)
    }
  })
})
