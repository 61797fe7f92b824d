import { vennlowEstate } from '@spudder/sim/vennlow'
import { addDays } from '@spudder/core/base/calendar'
import { beforeAll, describe, expect, it } from 'vitest'
import type { PlaceDto } from '@spudder/contract/place'
import { type PlanningDto } from '@spudder/contract/planning'
import { toPlan } from '@spudder/core/days/task'
import type { ProductDto } from '@spudder/contract/shelf'
import type { OutlookDto } from '@spudder/contract/weather'
import type { StandStoryDto } from '@spudder/contract/stand'
import type { TrialDto } from '@spudder/contract/trial'
import type { ZoneDto } from '@spudder/contract/zone'
import { db, get, newId, ownedByTess, services, storyOf } from '../tests/test-estate.ts'
import { loadHistory } from './load-history.ts'
import { figuresOfStory, sayFigures } from './tests/say-figures.ts'

const stage = { db, ...services }

type Owned = { readonly sprayerId?: string; readonly productId?: string }

/** The estate as of a day, under ids of its own, since the database is shared. */
function estateOn(today: string) {
  const { place, shelf, sprayers, jarTests, sittings, drills, settings, stands } =
    vennlowEstate(today)
  const ownId = new Map(
    [...sprayers.map(({ dto }) => dto.id), ...shelf.map(({ id }) => id)].map((id) => [id, newId()]),
  )
  const ownIds = ({ sprayerId, productId }: Owned) => ({
    ...(sprayerId === undefined ? {} : { sprayerId: ownId.get(sprayerId) ?? '' }),
    ...(productId === undefined ? {} : { productId: ownId.get(productId) ?? '' }),
  })
  const fresh = JSON.parse(JSON.stringify({ ...place, id: newId() })) as typeof place
  return {
    place: fresh,
    shelf: shelf.map((product) => ({ ...product, id: ownId.get(product.id) ?? newId() })),
    settings,
    sprayers: sprayers.map(({ dto, ...rest }) => ({
      ...rest,
      dto: { ...dto, id: ownId.get(dto.id) ?? newId() },
    })),
    drills: drills.map((each) => ({ ...each, drill: { ...each.drill, id: newId() } })),
    sittings: sittings.map((each) => ({ ...each, sitting: { ...each.sitting, id: newId() } })),
    jarTests: jarTests.map((test) => ({ ...test, id: newId() })),
    stands: stands.map(({ stand, acts }) => ({
      stand: { ...stand, id: newId() },
      acts: acts.map((act) =>
        act.kind === 'remedy' ? { ...act, dto: { ...act.dto, ...ownIds(act.dto) } } : act,
      ),
    })),
  }
}

// A leap day, so that a year back from it is none.
const today = '2024-02-29'
const stories = new Map<string, StandStoryDto>()
beforeAll(async () => {
  const estate = estateOn(today)
  await loadHistory(stage, estate, new Date(`${today}T09:00:00Z`))
  await ownedByTess(estate.place.id)
  for (const { stand } of estate.stands) stories.set(stand.name, await storyOf(stand.id))
})
const storyNamed = (name: string) => {
  const story = stories.get(name)
  if (!story) throw new Error(`no stand ${name}`)
  return story
}

describe('the demo estate', () => {
  it('has stands of every kind that its scenario names, each with a year of readings', () => {
    expect(stories.size).toBeGreaterThanOrEqual(6)
    const contexts = new Set([...stories.values()].map(({ stand }) => stand.context))
    expect([...contexts].toSorted()).toEqual([
      'aquaponic',
      'container',
      'row-crop',
      'shrub',
      'tree',
      'turf',
    ])
    const all = [...stories.values()].flatMap(({ readings }) => readings)
    expect(all.length).toBeGreaterThan(200)
    expect(all.every(({ takenOn }) => takenOn > addDays(today, -740) && takenOn <= today)).toBe(
      true,
    )
  })

  it('has a case solved, one gone wrong and explained, one just opened, and a stand not looked into', () => {
    expect(storyNamed('Events lawn').cases.at(-1)?.outcome).toBe('green')
    const [failed, solved] = storyNamed('Pin oak avenue').cases
    expect(failed).toMatchObject({ outcome: 'given-up' })
    expect(failed?.outcomeNote).toMatch(/wrong chelate/)
    expect(solved?.outcome).toBe('green')
    const opened = storyNamed('Gardenia house')
    expect(opened.cases.at(-1)?.openedOn).toBe(addDays(today, -2))
    expect(opened.remedies).toEqual([])
    expect(storyNamed('Bowling green').cases).toEqual([])
  })

  it('has photos that can be compared, pale before and greener after, and a strip that stayed pale', () => {
    const { photos, readings } = storyNamed('Events lawn')
    expect(photos.map(({ measure }) => measure?.isComparable)).toEqual(Array(7).fill(true))
    const of = (part: string) =>
      photos
        .filter(({ measure }) => measure?.part === part)
        .map(({ measure }) => measure?.greenness ?? NaN)
    const [before = NaN, after = NaN] = of('whole')
    expect(after - before).toBeGreaterThan(0.25)
    expect(Math.abs((of('untreated')[0] ?? NaN) - before)).toBeLessThan(0.1)
    expect(readings.filter(({ kind }) => kind === 'photoGreenness')).toHaveLength(7)
  })

  it('has a trial rated on three days and a field in zones, each on its map', async () => {
    const { stand } = storyNamed('Events lawn')
    const [trial] = await get<TrialDto[]>(`/stands/${stand.id}/trials`)
    expect(trial?.ratings).toHaveLength(3 * 16)
    const field = storyNamed('Long Down sorghum').stand
    const zones = await get<ZoneDto[]>(`/stands/${field.id}/zones`)
    expect(zones.map(({ name, score }) => [name, score]).toSorted()).toEqual([
      ['Bottom', 1],
      ['Brow', 4],
      ['Slope', 2.5],
    ])
    expect(zones.every(({ origin }) => origin !== null)).toBe(true)
  })

  it('has the figures that it had, and plans the season from the same tasks', async () => {
    const lines = [...stories].map(([name, story]) => [name, figuresOfStory(story)] as const)
    await expect(sayFigures(lines)).toMatchFileSnapshot('tests/stories.txt')
    const { placeId } = storyNamed('Events lawn').stand
    const [planning, products, outlook, settings] = await Promise.all([
      get<PlanningDto>(`/places/${placeId}/planning`),
      get<ProductDto[]>(`/places/${placeId}/products`),
      get<OutlookDto>(`/places/${placeId}/weather/outlook?from=${today}&to=${addDays(today, 300)}`),
      get<PlaceDto[]>('/places').then(
        (all) => all.find(({ id }) => id === placeId)?.settings ?? {},
      ),
    ])
    const { frame, tasks } = toPlan(planning, {
      products,
      outlook,
      settings,
      system: 'metric',
      today,
    })
    const plan = [
      ['ground', { ...frame, days: frame.days.length }],
      ...tasks.map((task) => [task.kind, { ...task, follows: task.follows.length }] as const),
    ] as const
    await expect(sayFigures(plan)).toMatchFileSnapshot('tests/plan.txt')
  })

  it('signs every row with one of its staff on the day it was written', () => {
    const rows = [...stories.values()].flatMap(({ looks, entries, readings }) => [
      ...looks.map(({ createdBy, createdAt, lookedOn }) => ({
        createdBy,
        createdAt,
        day: lookedOn,
      })),
      ...entries.map(({ createdBy, createdAt, happenedOn: day }) => ({
        createdBy,
        createdAt,
        day,
      })),
      ...readings.map(({ createdBy, createdAt, takenOn: day }) => ({ createdBy, createdAt, day })),
    ])
    for (const { createdBy, createdAt, day } of rows) {
      expect(createdBy).toMatch(/^(Marla Quist|Tobin Ashgrove|Ines Calloway)$/)
      expect(createdAt.slice(0, 10)).toBe(day)
    }
  })

  it('is loaded whole or not at all', async () => {
    const estate = estateOn(today)
    const { place, stands } = estate
    const broken = stands.map(({ stand }, index) => ({
      stand: index === 3 ? { ...stand, plantId: 'triffid' } : stand,
      acts: [],
    }))
    const half = { ...estate, stands: broken }
    await expect(loadHistory(stage, half, new Date())).rejects.toThrow(/plant/)
    const places = await get<{ id: string }[]>('/places')
    expect(places.some(({ id }) => id === place.id)).toBe(false)
  })

  it('is the same every time it is made for a day', () => {
    expect(vennlowEstate(today)).toEqual(vennlowEstate(today))
    expect(vennlowEstate(today)).not.toEqual(vennlowEstate(addDays(today, 1)))
  })
})
