import 'reflect-metadata'
import { describe, expect, it } from 'vitest'
import { CreateReadingDto } from '../reading/index.ts'
import { CreateStandDto } from '../stand/index.ts'
import { CreateStoryEventDto } from '../story/index.ts'
import { checkDto } from './index.ts'

const id = '3f2b7f0e-8a55-4b0e-9d2c-3b1f6c9a7e10'
const reading = { id, kind: 'pH', value: 7.8, method: 'meter', takenOn: '2025-06-01' }
const messages = (checked: ReturnType<typeof checkDto>) =>
  checked.ok ? [] : checked.fields.map(({ field, message }) => `${field}|${message}`)

describe('checkDto', () => {
  it('lets a good reading through as an instance of its class', () => {
    const checked = checkDto(CreateReadingDto, reading)
    expect(checked.ok && checked.value).toBeInstanceOf(CreateReadingDto)
  })

  it.each([
    [{ value: 15 }, 'value|pH: give a number from 2.5 to 11.'],
    [{ value: '7.8' }, 'value|pH: give a number from 2.5 to 11.'],
    [{ kind: 'turfColour', value: 0 }, 'value|Turf colour, 1 to 9: give a number from 1 to 9.'],
    [{ takenOn: '2026-02-30' }, 'takenOn|Taken on: give a day up to today, such as 2026-05-31.'],
    [{ takenOn: '2199-01-01' }, 'takenOn|Taken on: give a day up to today, such as 2026-05-31.'],
    [{ id: '17' }, 'id|id: give a UUID made for this record.'],
    [{ method: 'nose' }, 'method|Method: choose one of the list.'],
    [{ valeu: 7 }, 'valeu|property valeu should not exist'],
  ])('answers %j with %s', (change, message) => {
    expect(messages(checkDto(CreateReadingDto, { ...reading, ...change }))).toEqual([message])
  })

  it('names the measure that a size lacks, as a path', () => {
    const stand = { id, name: 'Green', context: 'turf', plantId: 'creeping-bentgrass' }
    const checked = checkDto(CreateStandDto, { ...stand, size: { kind: 'area', areaM2: -3 } })
    expect(messages(checked)).toEqual(['size.areaM2|Area: give a number from 0.1 to 100000000 m².'])
  })

  it('wants both pH values of a correction and of nothing else', () => {
    const event = { id, kind: 'pH-corrected', happenedOn: '2025-06-01', fromPH: 8 }
    expect(messages(checkDto(CreateStoryEventDto, event))).toEqual([
      'toPH|pH after: give a number from 2.5 to 11.',
    ])
    expect(checkDto(CreateStoryEventDto, { ...event, kind: 'limed' }).ok).toBe(true)
  })

  it.each([null, 7, 'text', []])('refuses %j, which is no object', (plain) => {
    expect(messages(checkDto(CreateReadingDto, plain))).toEqual(['|Give a JSON object.'])
  })
})
