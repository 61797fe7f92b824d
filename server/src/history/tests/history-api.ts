import type { HistoryPageDto, TakenBackDto } from '@spudder/contract/history'
import { changeHeader } from '@spudder/contract/route'
import { expect } from 'vitest'
import { api, get, newId, post } from '../../tests/test-estate.ts'

/** The history of a place as the tests ask for it. */
export const historyOf = (placeId: string, query = ''): Promise<HistoryPageDto> =>
  get<HistoryPageDto>(`/places/${placeId}/history${query}`)

/** Changes under a name of their own, which is answered so that they can be taken back. */
export async function changed(path: string, body: object): Promise<string> {
  const groupId = newId()
  const answer = await api.patch(`/api${path}`).set(changeHeader, groupId).send(body)
  expect(answer.status, JSON.stringify(answer.body)).toBe(200)
  return groupId
}

/** Takes back what was changed under a name. */
export const takeBack = (placeId: string, groupId: string): Promise<TakenBackDto> =>
  post<TakenBackDto>(`/places/${placeId}/taken-back`, { groupId })
