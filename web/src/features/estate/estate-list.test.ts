import type { EstateStandDto } from '@spudder/contract/stand'
import { nothingKnown } from '../../shared/known/known.ts'
import { describe, expect, it } from 'vitest'
import { jobRow, standRow } from '../../tests/rows.ts'
import {
  groupStands,
  listedStand,
  noFilter,
  wantedStands,
  type ListedStand,
} from './estate-list.ts'
import { cornersOf, layStands } from './estate-map.ts'

const today = '2026-11-29'
const state = { lastLookOn: null, hasRemedy: false, lastAppliedOn: null, lastClosed: null }
const told = (name: string, change: Partial<EstateStandDto> = {}): EstateStandDto => ({
  stand: standRow({ id: name, name }),
  openCase: null,
  state,
  colour: null,
  nextJob: null,
  nextSheetJobId: null,
  spent: 0,
  ...change,
})
const colour = (value: number) =>
  ({ kind: 'turfColour', value, method: 'eye', takenOn: '2026-11-20' }) as const
const listed = (...all: EstateStandDto[]) =>
  all.map((each) => listedStand(each, nothingKnown, today, 'metric'))

const green = told('North green', { colour: colour(7) })
const yellow = told('South green', { colour: colour(3.5), spent: 40 })
const oaks = told('Oaks', {
  stand: standRow({ id: 'Oaks', name: 'Oaks', context: 'tree', plantId: 'pin-oak', size: { kind: 'trunks', count: 3, diameterM: 0.1 } }),
  nextJob: jobRow({ dueOn: '2026-11-28' }),
}) // prettier-ignore

describe('a stand of the list', () => {
  it('says how it looks, what comes next, what it is and what it cost', () => {
    const [, pale, tree] = listed(green, yellow, oaks)
    expect(pale).toMatchObject({ kind: 'Turf', plant: 'Creeping bentgrass', spent: 40 })
    expect(pale?.colour).toMatch(/^yellow, colour 3\.5 of 9/)
    expect(pale?.progress.words).toBe('pale, no case yet: take a look')
    expect(tree?.progress.step).toBe('due')
    expect([tree?.colour, tree?.greenness, tree?.paint]).toEqual(['', undefined, undefined])
  })
})

describe('stands that are wanted', () => {
  const names = (filter: object) =>
    wantedStands(listed(green, yellow, oaks), { ...noFilter, ...filter }).map(({ name }) => name)

  it('are found by name or plant, kind, colour, and what is due', () => {
    expect(names({})).toEqual(['North green', 'South green', 'Oaks'])
    expect(names({ text: ' south' })).toEqual(['South green'])
    expect(names({ text: 'PIN OAK' })).toEqual(['Oaks'])
    expect(names({ kinds: ['Turf'] })).toEqual(['North green', 'South green'])
    expect(names({ isPaleOnly: true })).toEqual(['South green'])
    expect(names({ isDueOnly: true })).toEqual(['Oaks'])
    expect(names({ isDueOnly: true, isPaleOnly: true })).toEqual([])
  })

  it('stand in groups by their names, each in one', () => {
    const groups = groupStands(listed(green, yellow, oaks), 'kind')
    expect(groups.map(({ name, stands }) => [name, stands.length])).toEqual([
      ['Trees and vines', 1],
      ['Turf', 2],
    ])
    expect(groupStands(listed(green), 'none')).toMatchObject([{ name: '', stands: [{}] }])
  })
})

describe('the map', () => {
  const square = (name: string, side: number, atM?: number[]): ListedStand => {
    const measures = { outline: [[0, 0], [side, 0], [side, side], [0, side]], ...(atM ? { atM } : {}) } // prettier-ignore
    const [one] = listed(told(name, { stand: standRow({ id: name, name, measures }) }))
    if (!one) throw new Error('not listed')
    return one
  }
  const boxOf = (corners: readonly (readonly [number, number])[]) => ({
    west: Math.min(...corners.map(([, east]) => east)),
    east: Math.max(...corners.map(([, east]) => east)),
    south: Math.min(...corners.map(([north]) => north)),
    north: Math.max(...corners.map(([north]) => north)),
  })

  it('lays stands to scale where they were put, the others beside each other and below', () => {
    const stands = [square('a', 30, [100, 50]), square('b', 20), square('c', 40), square('d', 10)]
    const laid = layStands(stands)
    const boxes = laid.map((each) => boxOf(cornersOf(each)))
    expect(boxes[0]).toEqual({ west: 100, east: 130, south: 50, north: 80 })
    for (const [index, { west, east, south, north }] of boxes.entries()) {
      expect(east - west).toBeCloseTo(north - south, 9)
      for (const other of boxes.slice(index + 1)) {
        const isApart =
          east <= other.west || other.east <= west || north <= other.south || other.north <= south
        expect(isApart, `${index} lies over another`).toBe(true)
      }
    }
  })

  it('leaves out what nobody drew', () => {
    expect(layStands(listed(green))).toEqual([])
  })
})
