import type { RatePlotsDto } from '@spudder/contract/trial'
import {
  dayField,
  mendFields,
  numberField,
  textField,
  type Fields,
  type MendField,
} from '../../shared/history/mend-fields.ts'
import type { Outgoing } from '../../offline/outgoing.ts'
import type { OutdoorName } from '../../offline/outdoor-routes.ts'

/** A change that waits, as it is put right: its fields, what they say, and how they are said in it again. */
export interface Righting {
  readonly list: readonly MendField[]
  readonly fields: Fields
  readonly toDto: (changes: Fields) => object
}

/** Without what was taken away. */
const given = (fields: Fields): object =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== null))

const ofThing = (kind: 'look' | 'reading' | 'event') => (dto: Fields) => ({
  // What measured it is no matter of taste: a value that was made up stays so.
  list: mendFields(kind, dto).filter(({ name }) => name !== 'instrument'),
  fields: dto,
  toDto: (changes: Fields) => given({ ...dto, ...changes }),
})

const ofField =
  (...list: readonly MendField[]) =>
  (dto: Fields): Righting => ({
    list: list.filter(({ name }) => dto[name] !== undefined),
    fields: dto,
    toDto: (changes) => given({ ...dto, ...changes }),
  })

/** Ratings of a walk: their day, and each plot by its number. */
function ofRatings(dto: Fields): Righting {
  const { ratings } = dto as unknown as RatePlotsDto
  const plots = Object.fromEntries(ratings.map(({ plot, value }) => [String(plot), value]))
  return {
    list: [
      dayField('ratedOn', 'Rated on'),
      ...ratings.map(({ plot }) => numberField(`plots.${plot}`, `Plot ${plot}`)),
    ],
    fields: { ratedOn: ratings[0]?.ratedOn, plots },
    toDto: (changes) => {
      const { ratedOn, plots: values = plots } = changes as { ratedOn?: string; plots?: Fields }
      const rows = ratings.map((rating) => ({
        ...rating,
        ratedOn: ratedOn ?? rating.ratedOn,
        value: values[String(rating.plot)],
      }))
      // A plot that is left empty was not rated.
      return { ratings: rows.filter(({ value }) => value !== undefined) }
    },
  }
}

/** How each is put right here; undefined where it is not: what it says is a tap, or a page of its own. */
const rightings: Readonly<Record<OutdoorName, ((dto: Fields) => Righting) | undefined>> = {
  look: ofThing('look'),
  reading: ofThing('reading'),
  event: ofThing('event'),
  rating: ofRatings,
  zone: ofField(textField('name', 'Name'), numberField('score', 'Score, 1 green to 5 dying')),
  'zone-change': ofField(
    textField('name', 'Name'),
    numberField('score', 'Score, 1 green to 5 dying'),
    dayField('scoredOn', 'Scored on'),
  ),
  check: ofField(dayField('dueOn', 'Planned for')),
  entry: undefined,
  photo: undefined,
  'photo-measure': undefined,
  'job-taken': undefined,
  'job-under-way': undefined,
  'job-done': undefined,
  tick: undefined,
}

export const rightingOf = ({ name, asked }: Outgoing): Righting | undefined =>
  rightings[name]?.((asked.dto ?? {}) as Fields)
