import type { DrillDto, OwnCaseDto } from '@spudder/contract/drill'
import { drawCase, goWell } from '@spudder/core/verdict/drill'
import { describe, expect, it } from 'vitest'
import { drillBody, entryBody, get, newId, newPlace, patch, post, refused, standWithRemedy } from '../tests/test-estate.ts' // prettier-ignore

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

describe('an own case', () => {
  const ownCases = (placeId: string) => get<OwnCaseDto[]>(`/places/${placeId}/own-cases`)
  /** A case that was treated, and closed. */
  async function closedCase(outcome: 'green' | 'given-up', placeId: string) {
    const { caseId, applyJobId } = await standWithRemedy(placeId)
    await post(`/jobs/${applyJobId}/entries`, entryBody())
    await patch(`/cases/${caseId}`, { outcome, closedOn: '2025-08-01', note: 'Held all summer.' })
    return caseId
  }

  it('can be drilled once it is closed as green, as it stood when somebody acted', async () => {
    const { id: placeId } = await newPlace()
    const caseId = await closedCase('green', placeId)
    await closedCase('given-up', placeId)
    await standWithRemedy(placeId)
    const [own, ...others] = await ownCases(placeId)
    expect(others).toEqual([])
    expect(own).toMatchObject({
      caseId,
      causeId: 'iron-tied-up-by-pH',
      closedOn: '2025-08-01',
      note: 'Held all summer.',
      treatments: [{ happenedOn: '2025-06-03' }],
    })
    expect(own?.known.map(({ name }) => name)).toContain('pH')
    const { id: elsewhere } = await newPlace()
    expect(await ownCases(elsewhere)).toEqual([])
  })

  it('is kept with what was said of it and what it came to, and put right like any', async () => {
    const { id: placeId } = await newPlace()
    const caseId = await closedCase('green', placeId)
    const body = { id: newId(), caseId, saidId: 'nitrogen-short', answeredOn: '2025-09-01' }
    const path = `/places/${placeId}/own-drills`
    const drill = await post<DrillDto>(path, body)
    expect(drill).toMatchObject({ kind: 'own', causeId: 'iron-tied-up-by-pH' })
    expect(drill.score).toMatchObject({
      truth: ['iron-tied-up-by-pH'],
      went: { saidId: 'nitrogen-short', right: 0 },
      own: { caseId },
    })
    await post(path, body)
    const drills = () => get<DrillDto[]>(`/places/${placeId}/drills`)
    expect(await drills()).toEqual([drill])
    await patch(`/things/drill/${drill.id}`, {
      version: 1,
      reason: 'Pressed the wrong one.',
      changes: { saidId: 'iron-tied-up-by-pH' },
    })
    expect((await drills())[0]?.score).toMatchObject({ went: { right: 1 }, own: { caseId } })
  })

  it('of another place, or that is open, is refused; so is one sent as drawn', async () => {
    const { id: placeId } = await newPlace()
    const { id: elsewhere } = await newPlace()
    const caseId = await closedCase('green', placeId)
    const body = { id: newId(), caseId, saidId: 'nitrogen-short', answeredOn: '2025-09-01' }
    await refused('post', `/places/${elsewhere}/own-drills`, body, 404)
    const drawn = { ...drillBody(), kind: 'own' }
    const { fields } = await refused('post', `/places/${placeId}/drills`, drawn, 400)
    expect(JSON.stringify(fields)).toContain('choose one that is drawn')
    const { drill } = await newDrill()
    const turned = { version: 1, reason: 'It was ours.', changes: { kind: 'own' } }
    const { detail } = await refused('patch', `/things/drill/${drill.id}`, turned, 400)
    expect(detail).toContain('stays drawn')
  })
})
