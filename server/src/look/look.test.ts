import { describe, expect, it } from 'vitest'
import { lookBody, newStand, patch, post, refused, storyOf } from '../tests/test-estate.ts'

describe('a look', () => {
  it('is stored with findings and paint as they were given, and once', async () => {
    const { id } = await newStand()
    const body = lookBody()
    const first = await post(`/stands/${id}/looks`, body)
    expect(await post(`/stands/${id}/looks`, body)).toEqual(first)
    const { looks } = await storyOf(id)
    expect(looks).toHaveLength(1)
    expect(looks[0]).toMatchObject({ ...body, createdBy: 'Tess Marlow' })
  })

  it('with other findings under the same id is refused, so that nothing is dropped unsaid', async () => {
    const { id } = await newStand()
    const body = lookBody()
    await post(`/stands/${id}/looks`, body)
    const changed = { ...body, findings: { ...body.findings, roots: 'brown-soft' } }
    const { detail } = await refused('post', `/stands/${id}/looks`, changed, 409)
    expect(detail).toMatch(/Something else was already stored/)
  })

  it('sent again after its case was closed opens no other case', async () => {
    const { id } = await newStand()
    const body = lookBody()
    await post(`/stands/${id}/looks`, body)
    const [{ id: caseId } = { id: '' }] = (await storyOf(id)).cases
    await patch(`/cases/${caseId}`, { outcome: 'green', closedOn: '2025-06-20' })
    await post(`/stands/${id}/looks`, body)
    expect((await storyOf(id)).cases).toHaveLength(1)
  })

  it.each([
    [{ findings: { whereOnPlant: 'tips' } }, /no answer/],
    [{ findings: { roots: 'purple' } }, /one of white/],
    [{ paint: { 'leaf-99': { severity: 3, pattern: 'mottle' } } }, /leaves of the drawn plant/],
    [{ paint: { 'leaf-1': { severity: 9, pattern: 'mottle' } } }, /severity from 0 to 5/],
    [{ paint: { 'leaf-1': 'yellow' } }, /severity from 0 to 5/],
  ])('is refused with %j', async (change, message) => {
    const { id } = await newStand()
    const problem = await refused('post', `/stands/${id}/looks`, { ...lookBody(), ...change }, 400)
    expect(problem.detail).toMatch(message)
    expect(await storyOf(id)).toMatchObject({ looks: [], cases: [] })
  })
})
