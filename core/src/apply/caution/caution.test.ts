import { describe, expect, it } from 'vitest'
import { cautionsFor, type Hazard } from './index.ts'

const ids = (...[context, route]: ['turf' | 'aquaponic', 'leaf' | 'solution']) =>
  cautionsFor({ context, route, sourceId: 'fe-dtpa' }).map(({ id }) => id)

describe('cautions', () => {
  it('always put the label first and warn of poisoning', () => {
    expect(ids('turf', 'leaf').slice(0, 2)).toEqual(['label-first', 'poison'])
  })

  it('speak of fish only where there are fish, of heat and stains only when spraying', () => {
    expect(ids('aquaponic', 'solution')).toContain('fish')
    expect(ids('aquaponic', 'solution')).not.toContain('stains')
    expect(ids('turf', 'leaf')).toEqual(expect.arrayContaining(['heat', 'stains', 'water']))
    expect(ids('turf', 'leaf')).not.toContain('fish')
  })

  it('speak of acid, pesticides and backflow only where the work has them about it', () => {
    const work = { context: 'turf', route: 'leaf', sourceId: 'ferrous-sulfate' } as const
    const told = (...hazards: Hazard[]) => cautionsFor({ ...work, hazards }).map(({ id }) => id)
    expect(told()).not.toEqual(expect.arrayContaining(['acid']))
    expect(told('acid', 'pesticide', 'hose')).toEqual(
      expect.arrayContaining(['acid', 'pesticide', 'backflow']),
    )
  })

  it('of amendments are of dust, salts and lime, and not of tanks', () => {
    const told = (
      sourceId: 'sulfur-flour' | 'aluminium-sulfate' | 'limestone' | 'ferrous-sulfate',
    ) => cautionsFor({ context: 'shrub', route: 'soil', sourceId }).map(({ id }) => id)
    expect(told('sulfur-flour')).toContain('sulfur-dust')
    expect(told('aluminium-sulfate')).toEqual(expect.arrayContaining(['aluminium', 'root-burn']))
    expect(told('limestone')).toEqual(expect.arrayContaining(['lime-dust', 'liming']))
    expect(told('sulfur-flour')).not.toContain('partners')
    expect(told('ferrous-sulfate')).toContain('partners')
  })
})
