import { formatNumber } from '../../base/writing/index.ts'
import { dayWords } from '../../base/calendar/index.ts'
import { quantityOf, rateText, valueIn, type UnitSystem } from '../../base/quantity/index.ts'
import {
  deliveryOf,
  hasNozzles,
  nozzleKinds,
  nozzleSizes,
  sprayerKindOf,
  type NozzleSetup,
} from '../../apply/sprayer/index.ts'
import { isNone } from '../../base/reference/index.ts'
import type { SheetInput } from './sheet.ts'

/**
 * A rate of water as the place says it, per 1000 ft² or per 100 m².
 * @param rateLPerM2 [L/m²]
 */
export const waterRateWords = (rateLPerM2: number, system: UnitSystem): string =>
  rateText(
    [valueIn(quantityOf(rateLPerM2, 'L/m2'), 'gal/1000 ft2')],
    'gal/1000 ft2',
    system,
  ).replace(/(ft|m)2/, '$1²')

const inUnit = (value: number, from: string, to: string, significant = 2) =>
  `${formatNumber(valueIn(quantityOf(value, from), to), significant)}`

/** A run that shows the speed: so many metres in so many seconds. */
function paceWords(speedKmPerH: number, system: UnitSystem): string {
  const runM = system === 'us' ? 30.48 : 30
  const seconds = Math.round(runM / (speedKmPerH / 3.6))
  return system === 'us' ? `100 ft in ${seconds} s` : `30 m in ${seconds} s`
}

function nozzleLines(setup: NozzleSetup, system: UnitSystem): string[] {
  const colour = nozzleSizes.find(({ id }) => id === setup.nozzleSize)?.colour ?? ''
  const isUs = system === 'us'
  const pressure = isUs
    ? `${inUnit(setup.pressureBar, 'bar', 'psi')} psi`
    : `${formatNumber(setup.pressureBar, 2)} bar`
  const speed = isUs
    ? `${inUnit(setup.speedKmPerH, 'km/h', 'mph')} mph`
    : `${formatNumber(setup.speedKmPerH, 2)} km/h`
  const apart = isUs ? `${inUnit(setup.spacingM, 'm', 'in')} in` : `${setup.spacingM * 100} cm`
  return [
    `${setup.nozzleCount} ${nozzleKinds[setup.nozzleKind].label} nozzles, size ${setup.nozzleSize} (${colour}), ${apart} apart`,
    `${pressure}, ${speed}: ${paceWords(setup.speedKmPerH, system)}`,
  ]
}

/** A sprayer that puts out another amount than the plan counts on by more than this is told [1]. */
const mostOff = 0.05

/** Set-up of the sprayer and what it puts out, in lines for the sheet. */
export function sprayerLines({
  sprayer,
  system,
  work,
  stand,
  today,
}: SheetInput): readonly string[] {
  if (!sprayer) return []
  const { name, setup, calibration } = sprayer
  const lines = [name, ...(hasNozzles(setup) ? nozzleLines(setup, system) : [])]
  const delivery = deliveryOf(setup, calibration)
  const planned =
    stand.size.kind === 'area' && work.waterL > 0 ? work.waterL / stand.size.areaM2 : undefined
  if (!delivery) {
    return planned === undefined || isNone(sprayerKindOf(setup.kind).calibration)
      ? lines
      : [...lines, `Not calibrated. The plan counts on ${waterRateWords(planned, system)}.`]
  }
  const out = waterRateWords(delivery.rateLPerM2, system)
  lines.push(
    calibration
      ? `puts out ${out}, measured ${dayWords(calibration.measuredOn, today.slice(0, 4))}`
      : `puts out ${out} as calculated; measure it with water first`,
  )
  if (planned !== undefined && Math.abs(delivery.rateLPerM2 / planned - 1) > mostOff) {
    lines.push(
      `The plan counts on ${waterRateWords(planned, system)}: change speed or pressure, or plan anew.`,
    )
  }
  return lines
}
