import type { DrillDto } from '@spudder/contract/drill'
import { drawCase, goWell } from '@spudder/core/verdict/drill'
import { describe, expect, it } from 'vitest'
import { drillBody, get, newId, newPlace, patch, post, refused } from '../tests/test-estate.ts'

async function newDrill() {
  const { id: placeId } = await newPlace()
  const path = `/places/${placeId}/drills`
  const body = drillBody()
  const drill = await post<DrillDto>(path, body)
  return { path, body, drill, drills: () => get<DrillDto[]>(path) }
}

describe('an answer in a drill', () => {
  it('is kept with what was true and what it came to, whatever the sender thinks', async () => {
    const { body, drill, drills } = await newDrill()
    const { answeredOn: _, id: __, saidId, asked: ___, ...spec } = body
    expect(drill.score.truth).toEqual(['nitrogen-short'])
    expect(drill.score.went).toMatchObject({ saidId, right: 0 })
    expect(drill.score.good).toEqual(goWell(drawCase(spec)))
    expect(drill.score.offered).toContain('nitrogen-short')
    expect(await drills()).toEqual([drill])
  })

  it('sent twice is there once', async () => {
    const { path, body, drills } = await newDrill()
    await post<DrillDto>(path, body)
    expect(await drills()).toHaveLength(1)
  })

  it('in a whole case costs what was asked', async () => {
    const { path } = await newDrill()
    const body = { ...drillBody(), kind: 'case', asked: ['roots', 'leaf-analysis'] }
    const { score } = await post<DrillDto>(path, body)
    expect(score.went.asked).toEqual(['roots', 'leaf-analysis'])
    expect(score.went.loss).toBeGreaterThan(60)
    expect(score.regret).toBeCloseTo(score.went.loss - score.good.loss, 6)
  })

  it('that was somebody else’s is struck out; its day is put right, and what it came to stays', async () => {
    const { drill, drills } = await newDrill()
    const thing = `/things/drill/${drill.id}`
    await patch(thing, { version: 1, reason: 'Late.', changes: { answeredOn: '2025-05-01' } })
    expect(await drills()).toMatchObject([{ answeredOn: '2025-05-01', score: drill.score }])
    await patch(thing, {
      version: 2,
      reason: 'Another answer.',
      changes: { saidId: 'nitrogen-short' },
    })
    expect((await drills())[0]?.score.went).toMatchObject({ saidId: 'nitrogen-short', right: 1 })
    await patch(thing, { version: 3, reason: 'Somebody else was at it.', isStruck: true })
    expect(await drills()).toEqual([])
  })

  it('that could not be given, or is of another kind of stand, is refused with what could', async () => {
    const { path } = await newDrill()
    const strange = { ...drillBody(), saidId: 'something-else' }
    expect((await refused('post', path, strange, 400)).detail).toContain('could be said')
    const elsewhere = {
      ...drillBody(),
      id: newId(),
      context: 'hydroponic',
      causeId: 'mowing-injury',
    }
    expect((await refused('post', path, elsewhere, 400)).detail).toContain('kind of stand')
    const unknown = { ...drillBody(), id: newId(), causeId: 'magic' }
    expect((await refused('post', path, unknown, 400)).detail).toContain('choose one of the list')
  })
})
