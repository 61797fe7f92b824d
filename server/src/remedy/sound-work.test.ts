import type { RemedyDto } from '@spudder/contract/remedy'
import type { ProductDto } from '@spudder/contract/shelf'
import type { SprayerDto } from '@spudder/contract/sprayer'
import type { StandDto } from '@spudder/contract/stand'
import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import {
  api,
  jarTestBody,
  lookBody,
  newId,
  newStand,
  patch,
  post,
  productBody,
  refused,
  sprayerBody,
  storyOf,
} from '../tests/test-estate.ts'

/** A lawn of 1000 m² with an open case and a product of at most 4 oz/1000 ft² (12.206 kg/ha). */
async function lawnWithProduct() {
  const stand = await newStand()
  await post(`/stands/${stand.id}/looks`, lookBody())
  const caseId = (await storyOf(stand.id)).cases[0]?.id ?? ''
  const product = await post<ProductDto>(`/places/${stand.placeId}/products`, productBody())
  return { stand, caseId, product, path: `/cases/${caseId}/remedies` }
}
type Lawn = Awaited<ReturnType<typeof lawnWithProduct>>

const sprayOf = ({ product }: Lawn, change: object = {}) => ({
  id: newId(),
  causeId: 'iron-tied-up-by-pH',
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  rateId: 'leaf-sulfate-turf-summer',
  rateValue: 2,
  carrierValue: 1,
  contentShare: 0.2,
  applyOn: '2025-06-03',
  productId: product.id,
  ...change,
})
const mostKg = 4 * 0.305151727 // 4 oz/1000 ft² over 0.1 ha (NIST SP 811)

let lawn: Lawn
beforeAll(async () => {
  lawn = await lawnWithProduct()
})

describe('the label is a hard limit', () => {
  it('whatever rate of the table is taken and however much water', async () => {
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
})

describe('a tank', () => {
  const urea = { kindId: 'urea', name: 'Urea', dose: '2 lb' }
  it('takes no new partner before a jar test is recorded', async () => {
    const fresh = await lawnWithProduct()
    const body = sprayOf(fresh, { partners: [urea] })
    expect((await refused('post', fresh.path, body, 400)).detail).toMatch(/No jar test of Urea/)
    await post(`/places/${fresh.stand.placeId}/jar-tests`, jarTestBody())
    const stored = await post<{ partners: object[] }>(fresh.path, body)
    expect(stored.partners).toEqual([urea])
    // Sent again after a lost answer it is the same remedy.
    expect(await post<object>(fresh.path, body)).toEqual(stored)
  })

  it('keeps the newest jar', async () => {
    const fresh = await lawnWithProduct()
    const path = `/places/${fresh.stand.placeId}/jar-tests`
    await post(path, jarTestBody())
    await post(path, { ...jarTestBody(), testedOn: '2025-05-03', outcome: 'settles' })
    const body = sprayOf(fresh, { partners: [urea] })
    expect((await refused('post', fresh.path, body, 400)).detail).toMatch(/settles, curdles/)
  })

  it('says that 400 gal/acre on leaves is a drench', async () => {
    const body = sprayOf(lawn, { carrierValue: 400 / 43.56, applyOn: '2025-07-07' })
    const { detail, fields } = await refused('post', lawn.path, body, 400)
    expect(detail).toMatch(/a drench, no spray: 10 times/)
    expect(fields[0]?.field).toBe('carrierValue')
  })

  it('brings its water down only to a pH below its own', async () => {
    const water = { alkalinityMgPerLCaCO3: 250, pH: 8.2, acidId: 'citric' }
    const at = (targetPH: number) =>
      sprayOf(lawn, { applyOn: '2025-08-08', conditioning: { ...water, targetPH } })
    await refused('post', lawn.path, at(8.5), 400)
    expect(await post(lawn.path, at(5.5))).toMatchObject({
      conditioning: { ...water, targetPH: 5.5 },
    })
  })

  it('is filled by a sprayer of the place', async () => {
    const fresh = await lawnWithProduct()
    const mine = await post<SprayerDto>(`/places/${fresh.stand.placeId}/sprayers`, sprayerBody())
    const theirs = await post<SprayerDto>(`/places/${lawn.stand.placeId}/sprayers`, sprayerBody())
    await refused('post', fresh.path, sprayOf(fresh, { sprayerId: theirs.id }), 400)
    expect(await post(fresh.path, sprayOf(fresh, { sprayerId: mine.id }))).toMatchObject({
      sprayerId: mine.id,
    })
  })
})

describe('a dose to a loop with fish', () => {
  async function loop() {
    const stand = await newStand({
      context: 'aquaponic',
      plantId: 'lettuce',
      size: { kind: 'solution', volumeL: 5200 },
    })
    await post(`/stands/${stand.id}/looks`, { ...lookBody(), findings: {}, paint: {} })
    const caseId = (await storyOf(stand.id)).cases[0]?.id ?? ''
    return { stand, path: `/cases/${caseId}/remedies` }
  }
  const dose = (change: object = {}) => ({
    id: newId(),
    causeId: 'iron-tied-up-by-pH',
    route: 'solution',
    sourceId: 'fe-dtpa',
    rateId: 'solution-aquaponic',
    rateValue: 2,
    presentIronMgPerL: 0,
    contentShare: 0.11,
    applyOn: '2025-06-03',
    ...change,
  })

  it('is shared over the days asked, and over more where fish bear only so much', async () => {
    const { stand, path } = await loop()
    await post(path, dose({ doseDays: 1 }))
    const shares = (await storyOf(stand.id)).jobs.filter(({ kind }) => kind === 'apply')
    expect(shares.map(({ dueOn, share }) => [dueOn, share])).toEqual([
      ['2025-06-03', 0.5],
      ['2025-06-04', 0.5],
    ])
  })

  it('stops where it is too strong for fish, or there is enough', async () => {
    const { path } = await loop()
    expect((await refused('post', path, dose({ rateValue: 6 }), 400)).detail).toMatch(
      /6 mg\/L of iron is too much: over 5 mg\/L.*fish and the filter are harmed/,
    )
    const enough = dose({ presentIronMgPerL: 2.5 })
    expect((await refused('post', path, enough, 400)).detail).toMatch(/2.5 mg\/L already/)
  })
})

describe('work without any label', () => {
  it('stops over what leaves bear, wants a reason above practice, and keeps it with the job', async () => {
    const fresh = await lawnWithProduct()
    const salt = (rateValue: number, why?: string) => {
      const { productId: _, ...spray } = sprayOf(fresh)
      return {
        ...spray,
        sourceId: 'ferrous-sulfate',
        rateId: 'leaf-sulfate-turf-summer',
        contentShare: 0.2,
        rateValue,
        carrierValue: 4,
        ...(why === undefined ? {} : { why }),
      }
    }
    const stopped = await refused('post', fresh.path, salt(20, 'Moss has to go.'), 400)
    expect(stopped.detail).toMatch(/grass blackens/)
    const asked = await refused('post', fresh.path, salt(6), 400)
    expect(asked.fields[0]).toMatchObject({ field: 'why' })
    expect(asked.detail).toMatch(/say why. A few words do/)
    const kept = await post<RemedyDto>(fresh.path, salt(6, 'Moss has to go from this strip.'))
    expect(kept.why).toBe('Moss has to go from this strip.')
    expect((await storyOf(fresh.stand.id)).remedies.at(-1)?.why).toBe(kept.why)
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

describe('a season of one remedy', () => {
  it('keeps every repeat within the label, beside what else is on its day', async () => {
    const fresh = await lawnWithProduct()
    await post(fresh.path, sprayOf(fresh, { rateValue: 3, applyOn: '2025-06-24' }))
    // Two to four weeks apart: the repeat falls on the day of the other spray.
    const body = sprayOf(fresh, { rateValue: 3, applyOn: '2025-06-03', repeats: 1 })
    const { detail } = await refused('post', fresh.path, body, 400)
    expect(detail).toMatch(/With what else is on 2025-06-24/)
    await post(fresh.path, { ...body, repeats: 0 })
  })

  it('puts a partner that must be watered in out by itself, a day behind the spray', async () => {
    const fresh = await lawnWithProduct()
    const grub = { kindId: 'grub-control', name: 'Grub control', dose: '3 oz/1000 ft2' }
    const inTank = await refused('post', fresh.path, sprayOf(fresh, { partners: [grub] }), 400)
    expect(inTank.detail).not.toBe('')
    await post(fresh.path, sprayOf(fresh, { partners: [{ ...grub, isApart: true }] }))
    const { jobs } = await storyOf(fresh.stand.id)
    const spray = jobs.find(({ kind }) => kind === 'apply')
    const apart = jobs.find(({ kind }) => kind === 'partner')
    expect(apart).toMatchObject({
      title: 'Grub control, watered in by itself',
      dueOn: '2025-06-04',
      afterJobId: spray?.id,
      afterDays: 1,
    })
    await patch(`/jobs/${apart?.id ?? ''}`, { status: 'done' })
  })
})
