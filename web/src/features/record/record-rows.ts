import { dayWords } from '@spudder/core/base/calendar'
import type { RecordLineDto } from '@spudder/contract/entry'
import { amountWords, type UnitSystem } from '@spudder/core/base/quantity'
import type { RecordRow } from '@spudder/core/outcome/record'
import { findSource } from '@spudder/core/material/source'
import { weatherWordsOf } from '../../shared/weather/weather-then.ts'

const partnersOf = ({ partners }: RecordLineDto['entry']) =>
  (partners ?? []).map(({ name, dose }) => `${name} ${dose}`.trim()).join('; ')

/** A line of the record with every field of its file. */
export function toRecordRow(line: RecordLineDto): RecordRow {
  const { entry, standName, productName, isCorrected, groundM2 } = line
  const { weather } = entry
  return {
    id: entry.id,
    day: entry.happenedOn,
    startedAt: entry.startedAt ?? '',
    endedAt: entry.endedAt ?? '',
    stand: standName,
    groundM2: groundM2 ?? undefined,
    product: productName ?? '',
    source: findSource(entry.sourceId).name,
    route: entry.route,
    lot: entry.lot,
    plannedKg: entry.plannedProductKg,
    usedKg: entry.productKg,
    waterL: entry.waterL,
    waterSource: entry.waterSource,
    partners: partnersOf(entry),
    equipment: entry.equipment,
    worker: entry.worker,
    licence: entry.licence,
    temperatureC: weather?.temperatureC,
    windMPerS: weather?.windMPerS,
    humidityPercent: weather?.humidityPercent,
    rainAfterMm: weather?.rainAfterMm,
    weatherSource: weather?.source ?? '',
    reEntryH: entry.reEntryH ?? undefined,
    note: entry.note,
    recordedBy: entry.createdBy,
    recordedAt: entry.createdAt,
    correctsId: entry.correctsId ?? '',
    reason: entry.reason,
    isCorrected,
    isStruck: entry.isStruck,
    importedFrom: entry.imported ? `${entry.imported.file}, line ${entry.imported.line}` : '',
  }
}

/** Whether a line stands no more: another came in its place, or it says that nothing happened. */
export const isStruckThrough = ({ entry, isCorrected }: RecordLineDto): boolean =>
  isCorrected || entry.isStruck

/** What a line has to do with another; empty where it stands by itself. */
export function correctionWords({ entry }: RecordLineDto): string {
  if (entry.correctsId === null) return ''
  const line = entry.correctsId.slice(0, 8)
  return entry.isStruck
    ? `Struck out: line ${line} did not happen: ${entry.reason}`
    : `Corrects line ${line}: ${entry.reason}`
}

/** What a line says in words of the place. */
export function lineWords({ entry, productName }: RecordLineDto, system: UnitSystem) {
  const form = findSource(entry.sourceId).name
  const clock = [entry.startedAt, entry.endedAt].filter((each) => each !== null).join('-')
  const who = entry.worker === '' ? entry.createdBy : entry.worker
  return {
    // What it is beside its name, for whoever has to know what was in it.
    what: productName === null ? entry.appliedName : `${entry.appliedName} (${form})`,
    used: amountWords('mass', entry.productKg, system),
    planned: amountWords('mass', entry.plannedProductKg, system),
    water: entry.waterL > 0 ? amountWords('volume', entry.waterL, system) : '',
    clock,
    who,
    weather: weatherWordsOf(entry.weather, system),
    partners: partnersOf(entry),
    besides: [
      entry.lot === '' ? '' : `lot ${entry.lot}`,
      entry.equipment,
      entry.licence === '' ? '' : `licence ${entry.licence}`,
      entry.waterSource === '' ? '' : `water from ${entry.waterSource}`,
      entry.imported === null
        ? ''
        : `taken in from ${entry.imported.file}, line ${entry.imported.line}`,
      entry.reEntryH === null ? '' : `nobody in for ${entry.reEntryH} h`,
    ].filter((each) => each !== ''),
  }
}

/** Which days are read, in words for the middle of a sentence: "1 May 2026 to now". Empty days ask for all. */
export function daysRead(from: string, to: string): string {
  if (from === '' && to === '') return 'all days'
  const word = (day: string, empty: string) => (day === '' ? empty : dayWords(day))
  return `${word(from, 'the beginning')} to ${word(to, 'now')}`
}
