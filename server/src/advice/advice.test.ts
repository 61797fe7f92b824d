import type { AdviceDto } from '@spudder/contract/advice'
import type { HistoryPageDto } from '@spudder/contract/history'
import { describe, expect, it } from 'vitest'
import { clientOf, get, newId, newStand, patch, refused } from '../tests/test-estate.ts'

const note = (words: string, givenOn = '2025-06-03') => ({ id: newId(), givenOn, words })

describe('an adviser’s note', () => {
  it('stands beside the verdict with its writer, is put right and struck out, and is in the history', async () => {
    const { id: standId, placeId } = await newStand()
    const adviser = await clientOf('Perrin Oakhanger', placeId, 'adviser')
    const path = `/stands/${standId}/advice`
    const write = async (body: object) => (await adviser.post(`/api${path}`).send(body)).body as AdviceDto // prettier-ignore
    const older = await write(note('Have the water tested.', '2025-06-01'))
    const newer = await write(note('Lower the pH before any iron.'))
    const listed = async () => (await get<AdviceDto[]>(path)).map(({ words, createdBy }) => [words, createdBy]) // prettier-ignore
    expect(await listed()).toEqual([
      ['Lower the pH before any iron.', 'Perrin Oakhanger'],
      ['Have the water tested.', 'Perrin Oakhanger'],
    ])
    await patch(`/things/advice/${newer.id}`, { version: 1, reason: 'said too much', changes: { words: 'Lower the pH.' } }) // prettier-ignore
    await patch(`/things/advice/${older.id}`, { version: 1, reason: 'another stand', isStruck: true }) // prettier-ignore
    expect((await listed()).map(([words]) => words)).toEqual(['Lower the pH.'])
    const { lines } = await get<HistoryPageDto>(`/places/${placeId}/history?standId=${standId}`) // prettier-ignore
    expect(lines.filter(({ kind }) => kind === 'advice').map(({ act }) => act)).toEqual(
      expect.arrayContaining(['stored', 'changed', 'struck']),
    )
  })

  it('is written by who may advise, and says something', async () => {
    const { id, placeId } = await newStand()
    const scout = await clientOf('A scout', placeId, 'scout')
    expect((await scout.post(`/api/stands/${id}/advice`).send(note('Iron!'))).status).toBe(403)
    const { fields } = await refused('post', `/stands/${id}/advice`, note(''), 400)
    expect(fields).toMatchObject([{ field: 'words' }])
  })
})
