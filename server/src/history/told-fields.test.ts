import { PlaceSettingsDto } from '@spudder/contract/place'
import { CalibrationDto, SprayerSetupDto } from '@spudder/contract/sprayer'
import { StandCareDto, StandMeasuresDto } from '@spudder/contract/stand'
import { changeWords, historyKinds } from '@spudder/core/outcome/history'
import { getMetadataStorage } from 'class-validator'
import { getTableColumns } from 'drizzle-orm'
import { describe, expect, it } from 'vitest'
import { isChanging, tableOf } from './history.repository.ts'

/** Columns that say whose a row is and how it came, and never change by a person's hand. */
const fixed = /^(id|.*Id|position|version|changedBy|changedAt|createdBy|createdAt|imported|design|seed|scale|type|byteCount|widthPx|heightPx|isArchived)$/ // prettier-ignore
/** Fields that are told part by part, with the class of their parts. */
const inParts: Readonly<Record<string, (new () => object) | null>> = {
  settings: PlaceSettingsDto,
  measures: StandMeasuresDto,
  care: StandCareDto,
  setup: SprayerSetupDto,
  calibration: CalibrationDto,
  // By a rule for all parts, or the words of the look.
  came: null,
  paint: null,
  label: null,
  findings: null,
}
const partsOf = (form: new () => object): string[] => [
  ...new Set(
    getMetadataStorage()
      .getTargetValidationMetadatas(form, '', true, false)
      .map(({ propertyName }) => propertyName),
  ),
]
/** What is planned is set once; of a job only these change. */
const ofJob = new Set([
  'dueOn',
  'startsAt',
  'isLocked',
  'hands',
  'underWay',
  'status',
  'afterJobId',
  'plannedKg',
])

const kinds = historyKinds.filter(isChanging)

describe('every field that may change has words for the history', () => {
  it.each(kinds)('of a %s', (kind) => {
    const columns = Object.keys(getTableColumns(tableOf(kind))).filter((name) =>
      kind === 'job' ? ofJob.has(name) : !fixed.test(name),
    )
    const fields = columns.flatMap((name) => {
      if (!(name in inParts)) return [name]
      const form = inParts[name]
      return form ? partsOf(form).map((part) => `${name}.${part}`) : []
    })
    const changes = Object.fromEntries(fields.map((name) => [name, { was: null, is: null }]))
    const told = changeWords(kind, changes, 'us')
    expect(told.length).toBe(fields.length)
    expect(told.every(({ label }) => /^[A-Z]/.test(label) || label.startsWith('pH'))).toBe(true)
  })
})
