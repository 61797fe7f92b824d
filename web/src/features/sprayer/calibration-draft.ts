import { listed } from '../../shared/form/number-text.ts'
import { readTyped } from '@spudder/core/base/writing'
import { CoreError } from '@spudder/core/base/error'
import {
  formatQuantity,
  parseQuantity,
  quantityOf,
  unitText,
  valueIn,
  type Dimension,
  type UnitSystem,
} from '@spudder/core/base/quantity'
import {
  checkNozzles,
  hasNozzles,
  nozzleFlow,
  boomRate,
  rateFromCatch,
  speedOfRun,
  testRunM,
  type NozzleCheck,
  type SprayerSetup,
} from '@spudder/core/apply/sprayer'

/** What is measured while a sprayer is calibrated, as typed. */
export const freshCalibration = (system: UnitSystem) => ({
  /** Walked or driven with water: for a boom the run, for the others the ground. */
  run: '',
  area: system === 'us' ? '1000 ft2' : '90 m2',
  time: '',
  caught: '',
  /** One amount a nozzle. */
  nozzles: '',
})
export type CalibrationDraft = ReturnType<typeof freshCalibration>

export interface ReadCalibration {
  readonly rateLPerM2: number | undefined
  readonly how: string
  readonly speedKmPerH: number | undefined
  readonly check: NozzleCheck | undefined
  readonly problems: Readonly<Record<string, string>>
}

/** How far to go with a boom so that ounces caught are gallons an acre, as it is paced out. */
export function testRunWords(setup: SprayerSetup, system: UnitSystem): string {
  if (!hasNozzles(setup)) return ''
  const metres = testRunM(setup.spacingM)
  return system === 'us'
    ? `${Math.round(valueIn(quantityOf(metres, 'm'), 'ft'))} ft`
    : `${Math.round(metres)} m`
}

/** Reads what was measured; what is empty is not wrong yet. */
export function readCalibration(setup: SprayerSetup, draft: CalibrationDraft): ReadCalibration {
  const problems: Record<string, string> = {}
  const attempt = <Value>(field: string, act: () => Value): Value | undefined => {
    try {
      return act()
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      problems[field] = error.sentence()
      return undefined
    }
  }
  const quantity = (field: keyof CalibrationDraft, dimension: Dimension, unit: string) =>
    draft[field].trim() === ''
      ? undefined
      : attempt(field, () => valueIn(parseQuantity(draft[field], dimension), unit))

  const list = listed(draft.nozzles)
  const amounts =
    draft.nozzles.trim() === ''
      ? undefined
      : attempt('nozzles', () => {
          const unit = unitText(parseQuantity(list.at(-1) ?? '', 'volume').unit)
          return list.map((each) =>
            Number.isFinite(readTyped(each))
              ? valueIn(quantityOf(readTyped(each), unit), 'L')
              : valueIn(parseQuantity(each, 'volume'), 'L'),
          )
        })
  const check = amounts && attempt('nozzles', () => checkNozzles(amounts))

  const timeS = quantity('time', 'time', 's')
  const caughtL = quantity('caught', 'volume', 'L')
  if (hasNozzles(setup)) {
    const runM = quantity('run', 'length', 'm') ?? testRunM(setup.spacingM)
    const speedKmPerH =
      timeS === undefined ? undefined : attempt('time', () => speedOfRun(runM, timeS))
    const rateLPerM2 =
      caughtL === undefined
        ? undefined
        : attempt('caught', () => rateFromCatch(caughtL, runM * setup.spacingM))
    const how = `one nozzle caught ${draft.caught} over ${formatQuantity(quantityOf(Number(runM.toFixed(1)), 'm'))} in ${draft.time || 'the same time'}`
    return { rateLPerM2, how, speedKmPerH, check, problems }
  }
  const areaM2 = quantity('area', 'area', 'm2')
  const rateLPerM2 =
    caughtL === undefined || areaM2 === undefined
      ? undefined
      : attempt('caught', () => rateFromCatch(caughtL, areaM2))
  const how = `${draft.caught} over ${draft.area}${draft.time ? ` in ${draft.time}` : ''}`
  return { rateLPerM2, how, speedKmPerH: undefined, check, problems }
}

/** What the set-up would put out by calculation, and by how much the measured is off [1]. */
export function offCalculated(setup: SprayerSetup, rateLPerM2: number): number | undefined {
  if (!hasNozzles(setup)) return undefined
  const flowLPerMin = nozzleFlow(setup.nozzleSize, setup.pressureBar)
  return rateLPerM2 / (boomRate({ ...setup, flowLPerMin }) / 1e4) - 1
}
