import type { FoundDto } from '@spudder/contract/search'
import { describe, expect, it } from 'vitest'
import { api, get, newId, newPlace, post, sprayerBody, standBody } from '../tests/test-estate.ts'

describe('what is called so', () => {
  const named = async (...names: string[]) => {
    const { id } = await newPlace()
    for (const name of names) await post(`/places/${id}/stands`, { ...standBody(), name })
    const find = async (text: string) =>
      (await get<FoundDto[]>(`/places/${id}/found?text=${encodeURIComponent(text)}`)).map(
        ({ name }) => name,
      )
    return { id, find }
  }

  it('is found by any part of its name, in any letters; what begins so comes first', async () => {
    const { find } = await named('South lawn', 'Lawn by the gate', 'Oaks')
    expect(await find('LAWN')).toEqual(['Lawn by the gate', 'South lawn'])
    expect(await find('gate')).toEqual(['Lawn by the gate'])
    expect(await find('roses')).toEqual([])
  })

  it('is found by the letters typed, not by what they mean to a database', async () => {
    const { find } = await named('100 % shade', 'Row_7', 'Row 77')
    expect(await find('0 %')).toEqual(['100 % shade'])
    expect(await find('w_7')).toEqual(['Row_7'])
    expect(await find("'; drop table stand; --")).toEqual([])
  })

  it('is of one place alone', async () => {
    const [one, other] = [await named('Green'), await named('Green house')]
    expect(await one.find('green')).toEqual(['Green'])
    expect(await other.find('green')).toEqual(['Green house'])
    await api.get(`/api/places/${newId()}/found?text=a`).expect(404)
    await api.get(`/api/places/${one.id}/found?text=`).expect(400)
  })

  it('holds sprayers too, each kind by itself', async () => {
    const { id } = await named('Knapsack bed')
    const sprayer = { ...sprayerBody(), name: 'Knapsack' }
    await post(`/places/${id}/sprayers`, sprayer)
    const found = await get<FoundDto[]>(`/places/${id}/found?text=knap`)
    expect(found.map(({ kind, name }) => `${kind} ${name}`)).toEqual([
      'stand Knapsack bed',
      'sprayer Knapsack',
    ])
  })
})
