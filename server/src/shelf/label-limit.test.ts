import type { EntryDto } from '@spudder/contract/entry'
import type { RemedyDto } from '@spudder/contract/remedy'
import type { StandDto } from '@spudder/contract/stand'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lawnWithProduct, sprayOf } from '../remedy/tests/lawn-with-product.ts'
import { api, entryBody, newId, patch, post, refused, storyOf } from '../tests/test-estate.ts'

const mostKg = 4 * 0.305151727 // 4 oz/1000 ft² over 0.1 ha (NIST SP 811)

describe('the label is a hard limit', () => {
  it('whatever rate of the table is taken and however much water', async () => {
    const lawn = await lawnWithProduct()
    const strength = { rateId: 'leaf-sulfate-2-percent' }
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom({}, strength),
        fc.double({ min: 0.05, max: 12, noNaN: true }),
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        fc.integer({ min: 0, max: 20000 }),
        async (way, rateValue, water, days) => {
          const day = new Date(Date.UTC(2026, 0, 1) + days * 864e5).toISOString().slice(0, 10)
          const carrierValue = 'rateId' in way ? water * 43.56 : water
          const body = sprayOf(lawn, { ...way, rateValue, carrierValue, applyOn: day })
          const { status, body: answer } = await api.post(`/api${lawn.path}`).send(body)
          const carrierL = water * 407.4583 * 0.1
          const productKg = 'rateId' in way ? (rateValue / 100) * carrierL : rateValue * 0.305151727
          if (productKg > mostKg * 1.00001) expect([status, productKg]).toEqual([400, productKg])
          else if (status === 201) expect(answer.productKg).toBeLessThanOrEqual(mostKg * 1.00001)
        },
      ),
      { numRuns: 40 },
    )
  })

  it('over several jobs on one day', async () => {
    const fresh = await lawnWithProduct()
    await post(fresh.path, sprayOf(fresh, { rateValue: 3 }))
    const { detail, fields } = await refused(
      'post',
      fresh.path,
      sprayOf(fresh, { rateValue: 2 }),
      400,
    )
    expect(detail).toMatch(/With what else is on 2025-06-03: Over the label: it allows at most 4/)
    expect(fields[0]?.field).toBe('rateValue')
    await post(fresh.path, sprayOf(fresh, { rateValue: 2, applyOn: '2025-06-20' }))
  })

  it('also when several people plan at the same moment', async () => {
    const fresh = await lawnWithProduct()
    const bodies = Array.from({ length: 6 }, () => sprayOf(fresh, { rateValue: 3 }))
    const answers = await Promise.all(
      bodies.map((body) => api.post(`/api${fresh.path}`).send(body)),
    )
    expect(answers.map(({ status }) => status).toSorted()).toEqual([201, 400, 400, 400, 400, 400])
  })

  it('when a job is moved onto another', async () => {
    const fresh = await lawnWithProduct()
    await post(fresh.path, sprayOf(fresh, { rateValue: 3 }))
    await post(fresh.path, sprayOf(fresh, { rateValue: 3, applyOn: '2025-06-20' }))
    const { jobs } = await storyOf(fresh.stand.id)
    const later = jobs.find(({ kind, dueOn }) => kind === 'apply' && dueOn === '2025-06-20')
    await refused('patch', `/jobs/${later?.id}`, { dueOn: '2025-06-03' }, 400)
    await patch(`/jobs/${later?.id}`, { dueOn: '2025-06-21' })
  })

  it('when the label itself is read again', async () => {
    const fresh = await lawnWithProduct()
    await post(fresh.path, sprayOf(fresh, { rateValue: 3 }))
    const path = `/products/${fresh.product.id}`
    const stricter = { labelMaximum: { value: 2, unit: 'oz/1000 ft2' } }
    expect((await refused('patch', path, stricter, 409)).detail).toMatch(/Drop that job first/)
    await patch(path, { labelMaximum: { value: 3, unit: 'oz/1000 ft2' } })
  })

  it('when the ground shrinks under a plan', async () => {
    const fresh = await lawnWithProduct()
    await post(fresh.path, sprayOf(fresh, { rateValue: 3 }))
    const path = `/stands/${fresh.stand.id}`
    const smaller = { size: { kind: 'area', areaM2: 500 } }
    expect((await refused('patch', path, smaller, 409)).detail).toMatch(/Record or drop them first/)
    const outline = [[0, 0], [40, 0], [40, 25], [0, 25]] // prettier-ignore
    expect((await patch<StandDto>(path, { measures: { outline } })).measures).toEqual({ outline })
  })

  it('where it cannot be compared', async () => {
    const fresh = await lawnWithProduct()
    await patch(`/products/${fresh.product.id}`, { labelMaximum: { value: 1, unit: 'oz/in' } })
    const { detail } = await refused('post', fresh.path, sprayOf(fresh), 400)
    expect(detail).toMatch(/cannot be compared yet. Give a size by trunks/)
  })

  it('by what really went out: struck or put on another day, it makes room again', async () => {
    const fresh = await lawnWithProduct()
    await post(fresh.path, sprayOf(fresh, { rateValue: 3 }))
    const { jobs } = await storyOf(fresh.stand.id)
    const job = jobs.find(({ kind }) => kind === 'apply')
    // Sprayed a week late, and with more than was planned.
    const body = { ...entryBody(3.5 * 0.305151727), happenedOn: '2025-06-10' }
    const entry = await post<EntryDto>(`/jobs/${job?.id ?? ''}/entries`, body)
    const more = (rateValue: number, applyOn: string) => sprayOf(fresh, { rateValue, applyOn })
    const over = await refused('post', fresh.path, more(1, '2025-06-10'), 400)
    expect(over.detail).toMatch(/With what else is on 2025-06-10: Over the label/)
    await post(fresh.path, more(4, '2025-06-03'))

    const right = { ...body, id: newId(), happenedOn: '2025-06-12', reason: 'It was Thursday.' }
    const corrected = await post<EntryDto>(`/entries/${entry.id}/corrections`, right)
    await refused('post', fresh.path, more(1, '2025-06-12'), 400)
    await post(fresh.path, more(1, '2025-06-10'))

    const struck = { ...right, id: newId(), isStruck: true, reason: 'Of another lawn.' }
    await post(`/entries/${corrected.id}/corrections`, struck)
    await post(fresh.path, more(4, '2025-06-12'))
  })
})

describe('a label that counts by volume', () => {
  it('stops until a spoon was weighed, whatever its form usually weighs', async () => {
    const fresh = await lawnWithProduct()
    const byVolume = { labelMaximum: { value: 4, unit: 'fl oz/1000 ft2' } }
    await patch(`/products/${fresh.product.id}`, byVolume)
    const unweighed = await refused('post', fresh.path, sprayOf(fresh), 400)
    expect(unweighed.detail).toMatch(/cannot be compared yet. Give the weight of a level spoon/)
    // What is no fact of the request is no way round it.
    const general = await refused('post', fresh.path, sprayOf(fresh, { densityKgPerL: 1 }), 400)
    expect(general.fields[0]?.field).toBe('densityKgPerL')
    const weighed = await post<RemedyDto>(fresh.path, sprayOf(fresh, { weighedKgPerL: 1.1 }))
    expect([weighed.weighedKgPerL, weighed.densityKgPerL]).toEqual([1.1, 1.1])
  })

  it('is compared by the weight that stands with the product', async () => {
    const fresh = await lawnWithProduct()
    const label = { labelMaximum: { value: 4, unit: 'fl oz/1000 ft2' }, densityKgPerL: 1 }
    await patch(`/products/${fresh.product.id}`, label)
    const remedy = await post<RemedyDto>(fresh.path, sprayOf(fresh))
    expect([remedy.weighedKgPerL, remedy.densityKgPerL]).toEqual([null, 1])
    const over = await refused('post', fresh.path, sprayOf(fresh, { rateValue: 8 }), 400)
    expect(over.detail).toMatch(/Over the label/)
  })
})
