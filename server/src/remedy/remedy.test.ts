import type { RemedyDto } from '@spudder/contract/remedy'
import { describe, expect, it } from 'vitest'
import {
  lookBody,
  newStand,
  patch,
  post,
  refused,
  remedyBody,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

describe('a remedy', () => {
  it('is worked out on the server: 2 oz/1000 ft² over 1000 m² is 0.610 kg in 204 L', async () => {
    const { remedy } = await standWithRemedy()
    // 3.05152 kg/ha × 2 × 0.1 ha; 407.46 L/ha × 5 × 0.1 ha (factors of NIST SP 811).
    expect(Math.abs(remedy.productKg - 0.610304)).toBeLessThan(1e-6)
    expect(Math.abs(remedy.carrierL - 203.73)).toBeLessThan(0.01)
    expect(Math.abs(remedy.nutrientKg / remedy.productKg - 0.06)).toBeLessThan(1e-12)
    expect(remedy.derivation).toMatchObject({ formula: 'product = rate × area', mark: 'M' })
  })

  it('freezes the verdict it rests on, summing to one, with the pH that was measured', async () => {
    const { remedy } = await standWithRemedy()
    const [first] = remedy.verdict
    expect(first?.causeId).toBe('iron-tied-up-by-pH')
    const sum = remedy.verdict.reduce((total, { probability }) => total + probability, 0)
    expect(Math.abs(sum - 1)).toBeLessThan(1e-9)
  })

  it('tells what comes first on a day before what waits for it, whatever their ids', async () => {
    for (let round = 0; round < 6; round++) {
      const { stand, caseId } = await standWithRemedy()
      const { id } = await post<RemedyDto>(`/cases/${caseId}/remedies`, {
        ...remedyBody(),
        hasStrip: true,
      })
      const { jobs } = await storyOf(stand.id)
      const own = jobs.filter(({ remedyId }) => remedyId === id)
      const [strip, apply] = own
      expect([strip?.kind, apply?.kind]).toEqual(['strip', 'apply'])
      expect(apply?.afterJobId).toBe(strip?.id)
      expect(strip?.dueOn).toBe(apply?.dueOn)
    }
  })

  it('brings its jobs: the application, two looks, and the retest that was asked for', async () => {
    const { stand, caseId } = await standWithRemedy()
    await post(`/cases/${caseId}/remedies`, { ...remedyBody(), retestOn: '2026-03-01' })
    const { jobs, remedies } = await storyOf(stand.id)
    const second = jobs.filter(({ remedyId }) => remedyId === remedies[1]?.id)
    expect(second.map(({ kind, dueOn }) => `${kind} ${dueOn}`)).toEqual([
      'apply 2025-06-03',
      'look 2025-06-12',
      'look 2025-06-24',
      'test 2026-03-01',
    ])
  })

  it('sent twice is stored once, jobs too', async () => {
    const { stand, caseId } = await standWithRemedy()
    const body = remedyBody()
    const path = `/cases/${caseId}/remedies`
    expect(await post<RemedyDto>(path, body)).toEqual(await post<RemedyDto>(path, body))
    const { remedies, jobs } = await storyOf(stand.id)
    expect(remedies).toHaveLength(2)
    expect(jobs).toHaveLength(6)
    await refused('post', path, { ...body, rateValue: 3 }, 409)
  })

  it.each([
    [{ rateId: 'soil-eddha-trunk' }, /rate that suits/],
    [{ rateId: 'a-rate-of-my-own' }, /rate of the table/],
    [{ causeId: 'witchcraft' }, /cause of the verdict/],
    [{ tankL: 0.1 }, /at most 2000 fills/],
    [{ rateValue: 0 }, /Rate: give a number/],
    [{ carrierValue: -4 }, /Water: give a number/],
  ])('is refused with %j, and nothing is planned', async (change, message) => {
    const { stand, caseId } = await standWithRemedy()
    const body = { ...remedyBody(), ...change }
    const { detail } = await refused('post', `/cases/${caseId}/remedies`, body, 400)
    expect(detail).toMatch(message)
    const { remedies, jobs } = await storyOf(stand.id)
    expect([remedies.length, jobs.length]).toEqual([1, 3])
  })

  it('needs an open case', async () => {
    const { id } = await newStand()
    await post(`/stands/${id}/looks`, lookBody())
    const caseId = (await storyOf(id)).cases[0]?.id
    await patch(`/cases/${caseId}`, { outcome: 'given-up', closedOn: '2025-06-02' })
    const { detail } = await refused('post', `/cases/${caseId}/remedies`, remedyBody(), 409)
    expect(detail).toMatch(/closed on 2025-06-02/)
  })
})
