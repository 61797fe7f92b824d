import 'reflect-metadata'
import { CreateAdviceDto } from '@spudder/contract/advice'
import { CreateAcidPlanDto } from '@spudder/contract/acid-plan'
import { CloseCaseDto } from '@spudder/contract/case'
import { CreateLaboratoryOrderDto } from '@spudder/contract/laboratory'
import { CreateLookDto } from '@spudder/contract/look'
import { CreatePlaceDto } from '@spudder/contract/place'
import { CreateReadingDto } from '@spudder/contract/reading'
import { CreateRemedyDto } from '@spudder/contract/remedy'
import { CreateStandDto } from '@spudder/contract/stand'
import { CreateTrialDto } from '@spudder/contract/trial'
import { CreateZoneDto } from '@spudder/contract/zone'
import { CreateStoryEventDto } from '@spudder/contract/story'
import { checkDto } from '@spudder/contract/validation'
import { addDays, seasonOfYear } from '@spudder/core/base/calendar'
import { describe, expect, it } from 'vitest'
import { bellDrawFor, drawFor, idFor } from '../seeded/index.ts'
import { vennlowEstate, type Act } from './index.ts'
import { adviser, recordKeepers } from './people.ts'

const today = '2025-11-24'
const { place, stands } = vennlowEstate(today)
const acts = stands.flatMap((stand) => stand.acts)
const named = (name: string) => stands.find(({ stand }) => stand.name === name)?.acts ?? []

const idsOf = (act: Exclude<Act, { kind: 'entry' }>): string[] => {
  if (act.kind === 'photo') return [act.photoId]
  return 'id' in act.dto ? [act.dto.id] : []
}

describe('Vennlow Estate', () => {
  it('lies where its last months and next weeks are in leaf', () => {
    for (let month = 1; month <= 12; month++) {
      const day = `2026-${String(month).padStart(2, '0')}-15`
      const { latitude = 0 } = vennlowEstate(day).settings
      // Five weeks back is the middle of what its stories tell.
      const season = seasonOfYear(addDays(day, -35), latitude)
      expect(season, day).not.toBe('winter')
    }
  })

  it('looks at falling leaves and at sorghum in summer, whenever it is opened', () => {
    for (const day of ['2026-01-20', '2026-04-20', '2026-08-20', '2026-11-30']) {
      const { settings, stands: told } = vennlowEstate(day)
      for (const name of ['Pin oak avenue', 'Long Down sorghum']) {
        const looks = told.find(({ stand }) => stand.name === name)?.acts ?? []
        const last = looks.filter((act) => act.kind === 'look').at(-1)
        expect(
          last?.kind === 'look' && seasonOfYear(last.dto.lookedOn, settings.latitude ?? 0),
          `${name}, ${day}`,
        ).toBe('summer')
      }
    }
  })

  it('is written down in requests that the product accepts', () => {
    expect(checkDto(CreatePlaceDto, place).ok).toBe(true)
    for (const { stand } of stands) expect(checkDto(CreateStandDto, stand).ok).toBe(true)
    const classes = {
      reading: CreateReadingDto,
      event: CreateStoryEventDto,
      look: CreateLookDto,
      advice: CreateAdviceDto,
      remedy: CreateRemedyDto,
      acidPlan: CreateAcidPlanDto,
      order: CreateLaboratoryOrderDto,
      close: CloseCaseDto,
      trial: CreateTrialDto,
      zone: CreateZoneDto,
    } as const
    for (const act of acts) {
      if (act.kind === 'entry' || act.kind === 'photo') continue
      const checked = checkDto<object>(classes[act.kind], act.dto)
      expect([act.kind, checked.ok ? [] : checked.fields]).toEqual([act.kind, []])
    }
  })

  it('has an id for every record, none of them twice', () => {
    const ids = acts.flatMap((act: Act) => (act.kind === 'entry' ? [act.entryId] : idsOf(act)))
    expect(ids.length).toBeGreaterThan(200)
    expect(new Set(ids).size).toBe(ids.length)
  })

  it('was written down in the order in which it happened, by its staff', () => {
    for (const stand of stands) {
      const days = stand.acts.map(({ on }) => on)
      expect(days).toEqual(days.toSorted())
      expect(days.at(-1)?.localeCompare(today)).toBeLessThanOrEqual(0)
    }
    const staff = new Set(acts.map(({ by }) => by))
    expect([...staff].toSorted()).toEqual(
      [...recordKeepers.map(({ name }) => name), adviser.name].toSorted(),
    )
  })

  it('shows a chelate past its pH failing and the right one working on the oaks', () => {
    const severities = named('Pin oak avenue').flatMap((act) =>
      act.kind === 'reading' && act.dto.kind === 'severity' ? [act.dto] : [],
    )
    const entries = named('Pin oak avenue').filter(({ kind }) => kind === 'entry')
    const mean = (from: string, to: string) => {
      const values = severities.filter(({ takenOn }) => takenOn > from && takenOn <= to)
      return values.reduce((sum, { value }) => sum + value, 0) / values.length
    }
    const [first = '', second = ''] = entries.map(({ on }) => on)
    expect(mean(first, second)).toBeGreaterThan(2.5)
    expect(mean(second, '9999')).toBeLessThan(1.5)
  })

  it('leaves the bowling green pale and the lettuce with a dose for today', () => {
    const colours = named('Bowling green').flatMap((act) =>
      act.kind === 'reading' && act.dto.kind === 'turfColour' ? [act.dto.value] : [],
    )
    expect(colours.at(-1)).toBeLessThan(5)
    const remedies = named('Lettuce raft loop').filter(({ kind }) => kind === 'remedy')
    expect(remedies.at(-1)).toMatchObject({ dto: { applyOn: today, sourceId: 'fe-dtpa' } })
  })
})

describe('seeded draws', () => {
  const names = Array.from({ length: 4000 }, (_, index) => `name ${index}`)

  it('belong to their name', () => {
    expect(drawFor('a')).toBe(drawFor('a'))
    expect(drawFor('a')).not.toBe(drawFor('b'))
  })

  it('are spread evenly, or as a bell of deviation one', () => {
    const draws = names.map(drawFor)
    const mean = draws.reduce((sum, draw) => sum + draw, 0) / draws.length
    expect(Math.abs(mean - 0.5)).toBeLessThan(0.02)
    expect(draws.filter((draw) => draw < 0.1).length / draws.length).toBeCloseTo(0.1, 1)
    const bell = names.map(bellDrawFor)
    const square = bell.reduce((sum, draw) => sum + draw ** 2, 0) / bell.length
    expect(Math.abs(square - 1)).toBeLessThan(0.1)
  })

  it('make ids that are UUIDs and differ', () => {
    const ids = names.map(idFor)
    expect(new Set(ids).size).toBe(ids.length)
    for (const id of ids.slice(0, 50)) {
      expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-8[0-9a-f]{3}-[0-9a-f]{12}$/)
    }
  })
})
