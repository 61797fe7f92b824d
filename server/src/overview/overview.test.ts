import type { OverviewPageDto } from '@spudder/contract/overview'
import type { ProductDto } from '@spudder/contract/shelf'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { describe, expect, it } from 'vitest'
import { insertPerson, putMembership } from '../access/membership.repository.ts'
import { newPerson } from '../access/make-owner.ts'
import { recordedBy, recorderAt } from '../recorder/recorder.ts'
import type { Role } from '@spudder/contract/access'
import {
  db,
  newId,
  newPlace,
  newStand,
  patch,
  post,
  productBody,
  remedyBody,
  standWithRemedy,
} from '../tests/test-estate.ts'
import { readOverview } from './overview.service.ts'

/** Somebody who is something at some places; how it stands there as they see it. */
async function overviewOf(places: Readonly<Record<string, Role>>, at = new Date()) {
  const recorder = recorderAt('Tess Marlow', at)
  const person = newPerson(recorder, 'Ona Birch')
  await insertPerson(db, person)
  for (const [placeId, role] of Object.entries(places))
    await putMembership(db, { personId: person.id, placeId, role, untilDay: null, ...recordedBy(recorder) }) // prettier-ignore
  return (page = { offset: 0, limit: 20 }): Promise<OverviewPageDto> =>
    readOverview(db, { personId: person.id, at }, page)
}

const colour = (standId: string, value: number, takenOn = '2025-06-03') =>
  post(`/stands/${standId}/readings`, { id: newId(), kind: 'turfColour', value, method: 'eye', takenOn }) // prettier-ignore

describe('how it stands at places', () => {
  it('tells the palest first, counted anew where something changed', async () => {
    const [one, other] = [await newStand(), await newStand()]
    const empty = await newPlace()
    await colour(one.id, 6)
    await colour(other.id, 4)
    const read = await overviewOf({ [one.placeId]: 'manager', [other.placeId]: 'scout', [empty.id]: 'owner' }) // prettier-ignore
    const order = async () => (await read()).rows.map(({ placeId }) => placeId)
    expect(await order()).toEqual([other.placeId, one.placeId, empty.id])
    await colour(one.id, 2, '2025-06-04')
    expect(await order()).toEqual([one.placeId, other.placeId, empty.id])
    const { total, rows } = await read({ offset: 1, limit: 1 })
    expect([total, rows.map(({ placeId, role }) => [placeId, role])]).toEqual([3, [[other.placeId, 'scout']]]) // prettier-ignore
    expect((await read()).rows[0]?.state).toMatchObject({ stands: 1, palest: { standId: one.id, seenOn: '2025-06-04' } }) // prettier-ignore
  })

  it('tells what is due by the day on which it is asked, and open cases', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    await patch(`/jobs/${applyJobId}`, { dueOn: '2025-06-10', version: 1 })
    const on = async (day: string) => {
      const read = await overviewOf({ [stand.placeId]: 'manager' }, new Date(`${day}T12:00:00Z`))
      return (await read()).rows[0]?.state
    }
    const before = await on('2025-06-09')
    expect(before).toMatchObject({ dueToday: 0, overdue: 0, nextOn: '2025-06-10', openCases: 1 })
    expect((await on('2025-06-10'))?.dueToday).toBe(1)
    expect(await on('2025-06-11')).toMatchObject({ dueToday: 0, overdue: 1 })
  })

  it('tells what does not last for what is planned', async () => {
    const { stand, remedy } = await standWithRemedy()
    const product = await post<ProductDto>(`/places/${stand.placeId}/products`, { ...productBody(), sourceId: 'fe-eddha', label: { ...productBody().label, analysis: { Fe: '6' }, chelated: '6', derivedFrom: 'iron EDDHA' }, stockKg: 0.001 }) // prettier-ignore
    await post(`/cases/${remedy.caseId}/remedies`, { ...remedyBody(), productId: product.id, applyOn: addDays(dateToDay(new Date()), 3) }) // prettier-ignore
    const read = await overviewOf({ [stand.placeId]: 'manager' })
    const [short] = (await read()).rows[0]?.state?.short ?? []
    expect(short).toMatchObject({ productId: product.id, name: product.name })
    expect(short?.missingKg).toBeGreaterThan(0)
  })

  it('shows an inspector no state, and nobody a place that was put away', async () => {
    const { placeId } = await newStand()
    const away = await newPlace()
    await patch(`/places/${away.id}`, { isArchived: true, version: 1 })
    const read = await overviewOf({ [placeId]: 'inspector', [away.id]: 'owner' })
    expect(await read()).toMatchObject({ total: 1, rows: [{ placeId, state: null }] })
  })
})
