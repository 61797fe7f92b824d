import { describe, expect, it } from 'vitest'
import { checkStationColumns, readStationFile, stationHeadings } from './index.ts'
import { fileOf, head, oddStationFiles, plain } from './tests/odd-station-files.ts'

describe('readStationFile', () => {
  it('reads metric columns, every hour of a day', () => {
    const text = fileOf(
      'Time,Temperature (°C),Rain (mm),Wind (m/s),Humidity (%),Soil temp (°C)',
      (hour) => `2026-05-31 ${hour}:00,${Number(hour)},0.2,3,80,12`,
    )
    const { days, errors, assumed } = readStationFile(text)
    expect(errors).toEqual([])
    expect(assumed).toEqual([])
    expect(days).toHaveLength(1)
    expect(days[0]).toMatchObject({ day: '2026-05-31', isForecast: false, temperatureDoubtK: 0 })
    expect(days[0]?.temperatureC[15]).toBe(15)
    expect(days[0]?.rainChance[3]).toBe(1)
  })

  it('turns other units, sums rain and averages the rest of an hour', () => {
    const text = fileOf('Date,Temp (F),Precipitation (in),Wind speed (mph)', (hour) =>
      [`2026-05-31T${hour}:00,50,0.1,10`, `2026-05-31T${hour}:30,68,0.1,20`].join('\n'),
    )
    const { days, assumed } = readStationFile(text)
    expect(days[0]?.temperatureC[0]).toBeCloseTo(15, 9)
    expect(days[0]?.rainMm[0]).toBeCloseTo(5.08, 9)
    expect(days[0]?.windMPerS[0]).toBeCloseTo(6.7056, 9)
    expect(assumed).toHaveLength(2)
  })

  it('names rows that cannot be and leaves a day with a gap out', () => {
    const text = fileOf('Time,Temperature,Rain,Wind', (hour) =>
      hour === '07'
        ? 'yesterday,1,0,2'
        : `2026-05-31 ${hour}:00,${hour === '08' ? 'warm' : 12},0,2`,
    )
    const { days, errors } = readStationFile(text)
    expect(days).toEqual([])
    expect(errors.map(({ row, words }) => [row, words])).toEqual([
      [9, 'time: expected 2026-05-31 14:00, received yesterday'],
      [10, 'Temperature: expected -60 to 60 c, received warm'],
      [0, '2026-05-31: not every hour is there; the day is left out'],
    ])
  })

  it.each([
    ['', /a header row with time/],
    ['Hour;Temp\n1;2', /a header row with time/],
    [
      'Time,Temperature (K),Rain,Wind\n2026-05-31 00:00,280,0,1',
      /Temperature \(K\): expected °c, c/,
    ],
  ])('refuses %j, saying what it wants', (text, reason) => {
    expect(() => readStationFile(text)).toThrow(reason)
  })
})

describe('columns that a person told', () => {
  const text = fileOf('When,T2m,Regen,FF', (hour) => `2026-05-31 ${hour}:00,50,1,36`)
  const columns = {
    day: 'When',
    headings: { temperatureC: 'T2m', rainMm: 'Regen', windMPerS: 'FF' },
    units: { temperatureC: 'f', windMPerS: 'km/h' },
  } as const

  it('read a file whose headings say nothing, in the units told', () => {
    expect(() => readStationFile(text)).toThrow(/a header row with time/)
    expect(stationHeadings(text)).toEqual(['When', 'T2m', 'Regen', 'FF'])
    const { days, errors } = readStationFile(text, { columns })
    expect(errors).toEqual([])
    expect(days[0]?.temperatureC[3]).toBeCloseTo(10, 9)
    expect(days[0]?.windMPerS[3]).toBeCloseTo(10, 9)
    expect(days[0]?.rainMm[3]).toBe(1)
  })

  it('leave any other file to speak for itself, and refuse a unit that nobody knows', () => {
    const plainText = fileOf('Time,Temperature,Rain,Wind', (hour) => `2026-05-31 ${hour}:00,9,0,2`)
    expect(readStationFile(plainText, { columns }).days[0]?.temperatureC[0]).toBe(9)
    const knots = { ...columns, units: { windMPerS: 'kn' } }
    expect(() => readStationFile(text, { columns: knots })).toThrow(/FF: expected m\/s/)
    expect(() => checkStationColumns(knots)).toThrow(/FF: expected m\/s/)
    expect(checkStationColumns(columns)).toBe(columns)
    const { rainMm: _rain, ...dry } = columns.headings
    expect(() => checkStationColumns({ ...columns, headings: dry })).toThrow(/none for rain/)
    const odd = { ...columns, headings: { ...columns.headings, snow: 'S' } }
    expect(() => checkStationColumns(odd)).toThrow(/snow/)
  })

  it('may have the hour in a column of its own', () => {
    const apart = fileOf('Tag,Std,T2m,Regen,FF', (hour) => `31.05.2026,${hour},9,0,2`)
    const told = { ...columns, day: 'Tag', hour: 'Std', units: {} }
    expect(readStationFile(apart, { columns: told }).days[0]?.day).toBe('2026-05-31')
  })
})

describe('files as stations write them', () => {
  it.each(oddStationFiles)('%s: read', (_, text) => {
    const { days, errors } = readStationFile(text)
    expect(errors).toEqual([])
    expect(days.map(({ day }) => day)).toEqual(['2026-11-28'])
    expect(days[0]?.temperatureC[13]).toBe(12.5)
  })

  it('are asked about where their days could be two, and read once it is said', () => {
    const text = fileOf(head, (hour) => `03/04/2026 ${hour}:00,12.5,0,2`)
    expect(() => readStationFile(text)).toThrow(/day, month, year or month, day, year/)
    expect(readStationFile(text, { dayOrder: 'mdy' }).days[0]?.day).toBe('2026-03-04')
  })

  it('are read to their end by the second too', () => {
    const seconds = Array.from({ length: 60_000 }, (_, at) => `2026-11-28 10:00:${String(at % 60).padStart(2, '0')},12.5,0.001,2`) // prettier-ignore
    const { days } = readStationFile([fileOf(head, plain), ...seconds].join('\n'))
    expect(days[0]?.rainMm[10]).toBeCloseTo(60, 6)
  })
})
