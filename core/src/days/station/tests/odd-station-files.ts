const hours = Array.from({ length: 24 }, (_, hour) => String(hour).padStart(2, '0'))
/** A file of one day, hour by hour. */
export const fileOf = (head: string, row: (hour: string) => string) =>
  [head, ...hours.map(row)].join('\n')

export const head = 'Time,Temperature,Rain,Wind'
export const plain = (hour: string) => `2026-11-28 ${hour}:00,12.5,0,2`
const dayFirst = (hour: string) => `28/11/2026 ${hour}:00,12.5,0,2`
const twelve = (hour: string) => {
  const [clock, half] = [Number(hour) % 12 || 12, Number(hour) < 12 ? 'AM' : 'PM']
  return `11/28/2026 ${clock}:00 ${half},12.5,0,2`
}

/** Files as stations write them, each of 28 November 2026 with 12.5 °C in every hour. */
export const oddStationFiles: readonly (readonly [string, string])[] = [
  ['plain', fileOf(head, plain)],
  [
    'semicolons and decimal commas',
    fileOf('Time;Temperature;Rain;Wind', (hour) => `28.11.2026 ${hour}:00;12,5;0;2`),
  ],
  ['tabs', fileOf(head, plain).replaceAll(',', '\t')],
  ['three lines above', `Station 7\nVennlow\n\n${fileOf(head, plain)}`],
  ['line ends of another system', fileOf(head, plain).replaceAll('\n', '\r\n')],
  ['day first', fileOf(head, dayFirst)],
  ['month first, by a clock of twelve hours', fileOf(head, twelve)],
  [
    'day and hour apart',
    fileOf('Date,Hour,Temperature,Rain,Wind', (hour) => `28/11/2026,${hour}:00,12.5,0,2`),
  ],
  ['seconds and a zone', fileOf(head, (hour) => `2026-11-28T${hour}:00:00+00:00,12.5,0,2`)],
  ['units behind the numbers', fileOf(head, (hour) => `2026-11-28 ${hour}:00,12.5 °C,0 mm,2 m/s`)],
  [
    'columns that nobody asked for',
    fileOf(`${head},Battery,Remark`, (hour) => `${plain(hour)},3.1,"a, b"`),
  ],
  [
    'everything quoted',
    fileOf(
      '"Time","Temperature","Rain","Wind"',
      (hour) => `"2026-11-28 ${hour}:00","12.5","0","2"`,
    ),
  ],
]
