import { expect, it } from 'vitest'
import { galeraRounds } from './galera-rounds.ts'

it('three nodes lose nothing and show nobody an error while one is killed and one cut off', async () => {
  const result = await galeraRounds({ writers: 20 })
  expect(result.acknowledged).toBeGreaterThan(100)
  expect(result).toMatchObject({ lost: 0, doubled: 0, half: 0, errors: [], unread: 0 })
  expect(result.pauses.killed).toBeGreaterThan(0)
}, 600_000)
