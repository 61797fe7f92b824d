import type { RemedyDto } from '@spudder/contract/remedy'
import type { SprayerDto } from '@spudder/contract/sprayer'
import { beforeAll, describe, expect, it } from 'vitest'
import {
  jarTestBody,
  lookBody,
  newId,
  newStand,
  patch,
  post,
  refused,
  sprayerBody,
  storyOf,
} from '../tests/test-estate.ts'
import { lawnWithProduct, sprayOf, type Lawn } from './tests/lawn-with-product.ts'

let lawn: Lawn
beforeAll(async () => {
  lawn = await lawnWithProduct()
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
