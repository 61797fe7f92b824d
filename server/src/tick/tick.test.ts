import type { SheetTickDto } from '@spudder/contract/tick'
import { describe, expect, it } from 'vitest'
import { get, newId, post, refused, standWithRemedy } from '../tests/test-estate.ts'

const at = (clock: string) => `2025-06-06T${clock}:00.000Z`
async function sheetOf() {
  const { applyJobId } = await standWithRemedy()
  const path = `/jobs/${applyJobId}/ticks`
  const tick = (number: number, clock: string, isTicked = true) =>
    post<SheetTickDto[]>(path, { part: 'fill', number, isTicked, at: at(clock) })
  return { path, tick, ticks: () => get<SheetTickDto[]>(path) }
}

describe('what is ticked off on a sheet', () => {
  it('is there on every device of the job, with who and when', async () => {
    const { path, tick, ticks } = await sheetOf()
    expect(await ticks()).toEqual([])
    await tick(2, '06:20')
    await tick(1, '06:00')
    await post(path, { part: 'step', number: 1, isTicked: true, at: at('05:50') })
    expect((await ticks()).map(({ part, number, at: when, by }) => [part, number, when, by])).toEqual([
      ['fill', 1, at('06:00'), 'Tess Marlow'],
      ['fill', 2, at('06:20'), 'Tess Marlow'],
      ['step', 1, at('05:50'), 'Tess Marlow'],
    ]) // prettier-ignore
  })

  it('is what was said last, whatever comes in last', async () => {
    const { tick, ticks } = await sheetOf()
    await tick(1, '06:00')
    await tick(1, '06:10', false)
    await tick(1, '06:05')
    expect(await ticks()).toMatchObject([{ isTicked: false, at: at('06:10') }])
    await tick(1, '06:15')
    expect(await ticks()).toMatchObject([{ isTicked: true, at: at('06:15') }])
  })

  it('by a clock that runs ahead stands in the way of nobody', async () => {
    const { path, ticks } = await sheetOf()
    await post(path, { part: 'fill', number: 1, isTicked: true, at: '2199-01-01T00:00:00.000Z' })
    const [tick] = await ticks()
    expect(new Date(tick?.at ?? '').getTime()).toBeLessThanOrEqual(Date.now())
    await post(path, { part: 'fill', number: 1, isTicked: false, at: new Date(Date.now() + 1000).toISOString() }) // prettier-ignore
    expect((await ticks())[0]?.isTicked).toBe(false)
  })

  it('is of a job that there is', async () => {
    const dto = { part: 'fill', number: 1, isTicked: true, at: at('06:00') }
    expect((await refused('post', `/jobs/${newId()}/ticks`, dto, 404)).code).toBe('not-found')
  })
})
