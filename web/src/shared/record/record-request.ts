import type { UnitSystem } from '@spudder/core/base/quantity'
import { weatherFrom } from '@spudder/core/days/weather'
import { numberIn } from '../form/number-text.ts'
import type { Planned, plannedWords, RecordDraft } from './record-draft.ts'

/** What a draft is read with. */
interface Known {
  readonly planned: Planned
  /** The amounts as they stood in the form. */
  readonly plannedText: ReturnType<typeof plannedWords>
  readonly system: UnitSystem
  /** As the fields read them; undefined while unreadable. */
  readonly productKg: number | undefined
  readonly waterL: number | undefined
  /** Whether what went out is for licensed applicators alone. */
  readonly isLicensed: boolean
}

/** What was left as planned is stored as planned, not as the rounded figure on screen. */
const exact = (text: string, asPlanned: string, value: number, read: number | undefined) =>
  text === asPlanned ? value : read

const given = (name: string, text: string, value: unknown = text) =>
  text.trim() === '' ? {} : { [name]: value }

/** A record as it is sent: what was left empty is left out. */
export function recordRequest(
  now: RecordDraft,
  { planned, plannedText, system, productKg, waterL, isLicensed }: Known,
) {
  const by = weatherFrom[system]
  const isMeasured = now.temperature !== '' || now.wind !== ''
  return {
    id: now.id,
    happenedOn: now.happenedOn,
    productKg: exact(now.product, plannedText.product, planned.productKg, productKg),
    waterL: planned.waterL === 0 ? 0 : exact(now.water, plannedText.water, planned.waterL, waterL),
    ...given('startedAt', now.startedAt),
    ...given('endedAt', now.endedAt),
    ...given('worker', now.worker),
    ...given('lot', now.lot),
    ...given('productId', now.otherId ?? ''),
    ...given('equipment', now.equipment),
    ...given('waterSource', now.waterSource),
    ...(isLicensed ? given('licence', now.licence) : {}),
    ...given('reEntryH', now.reEntry, numberIn(now.reEntry)),
    ...(planned.partners.length > 0 ? { partners: planned.partners } : {}),
    ...(isMeasured
      ? {
          weather: {
            source: 'measured on the spot',
            ...given('temperatureC', now.temperature, by.celsius(numberIn(now.temperature))),
            ...given('windMPerS', now.wind, by.mPerS(numberIn(now.wind))),
          },
        }
      : {}),
    note: now.note,
  }
}
