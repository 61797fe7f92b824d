import type { ZoneDto } from '@spudder/contract/zone'
import { globePointOf } from '@spudder/core/stand/ground'
import { describe, expect, it } from 'vitest'
import { whereInZones } from './where-in-zones.ts'

const origin = { longitude: -1.512, latitude: 51.204 }
const square = (name: string, west: number): ZoneDto =>
  ({ id: name, name, origin, outline: [[west, 0], [west + 40, 0], [west + 40, 40], [west, 40]] }) as unknown as ZoneDto // prettier-ignore
const zones = [square('West', 0), square('East', 100)]
const at = (x: number, y: number, accuracyM: number) => ({ ...globePointOf([x, y], origin), accuracyM }) // prettier-ignore

describe('where somebody stands among the zones', () => {
  it('is the zone around them, said with how sure the phone is', () => {
    const where = whereInZones(at(20, 20, 5), zones, 'metric')
    expect([where?.zone?.name, where?.words]).toEqual(['West', 'You stand in West (to 5 m).'])
    expect(whereInZones(at(38, 20, 8), zones, 'metric')?.words).toMatch(/West, near its edge: look/)
  })

  it('is the nearest one, and how far, where they stand in none', () => {
    const where = whereInZones(at(85, 20, 5), zones, 'metric')
    expect(where?.zone).toBeUndefined()
    expect(where?.words).toMatch(/in no zone: East is 15 m away/)
  })

  it('is not the ground at all, from afar', () => {
    expect(whereInZones(at(9000, 0, 5), zones, 'metric')?.words).toMatch(/not on this ground: East is/) // prettier-ignore
  })

  it('is not known where no zone says where it lies', () => {
    const nowhere = [{ ...square('West', 0), origin: null }] as unknown as ZoneDto[]
    expect(whereInZones(at(20, 20, 5), nowhere, 'metric')).toBeUndefined()
  })
})
