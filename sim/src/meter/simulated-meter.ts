import type {
  LeafMeterReadingDto,
  LeafMeterService,
  LeafQuestion,
  MeterQuestion,
  MeterReadingDto,
  MeterService,
} from '@spudder/contract/meter'
import { bellDrawFor, drawFor } from '../seeded/index.ts'

/** Faults that the stand-in can be given by name. */
export type MeterFault = 'none' | 'worn electrode' | 'dirty electrode'

const bufferPH = { 'buffer-4': 4.01, 'buffer-7': 7, 'buffer-10': 10.01 } as const

/** Sensitivity of a new glass electrode at room temperature, from its maker's sheet [mV/pH]. */
const newElectrode = 58.4
const faults: Readonly<Record<MeterFault, { readonly slope: number; readonly shift: number }>> = {
  none: { slope: 1, shift: 0 },
  'worn electrode': { slope: 0.84, shift: 4 },
  'dirty electrode': { slope: 0.95, shift: 46 },
}
const noiseMillivolts = 1.2

/**
 * Stands in for a pH meter: an electrode that loses slope and drifts with the weeks, and that never
 * gives quite the same twice.
 */
export class SimulatedMeter implements MeterService, LeafMeterService {
  readonly #fault: MeterFault

  constructor(fault: MeterFault = 'none') {
    this.#fault = fault
  }

  read(question: MeterQuestion): Promise<MeterReadingDto> {
    const { at, standId } = question
    const day = Math.floor(at.getTime() / 864e5)
    const age = (day % 90) / 90
    const { slope, shift } = faults[this.#fault]
    const perPH = newElectrode * (0.995 - 0.045 * age) * slope
    const drift = shift + 9 * age + 2.5 * bellDrawFor(`meter:drift:${day}`)
    const noise = noiseMillivolts * bellDrawFor(`meter:noise:${standId}:${at.getTime()}`)
    const truth = question.in === 'sample' ? samplePH(question) : bufferPH[question.in]
    return Promise.resolve({
      device: 'simulated pH pen',
      millivolts: Math.round((drift - perPH * (truth - 7) + noise) * 10) / 10,
      temperatureC: Math.round((17 + 4 * drawFor(`meter:warmth:${day}`)) * 10) / 10,
    })
  }

  readLeaf({ standId, lastUnits, at }: LeafQuestion): Promise<LeafMeterReadingDto> {
    const usual = lastUnits ?? 18 + 24 * drawFor(`leaf-meter:${standId}`)
    const units = usual + betweenLeaves * bellDrawFor(`leaf-meter:${standId}:${at.getTime()}`)
    return Promise.resolve({
      device: 'simulated chlorophyll meter',
      units: Math.round(Math.min(80, Math.max(0, units)) * 10) / 10,
    })
  }
}

/** Leaves of one plant differ, and the clip reads thick ones higher [units]. */
const betweenLeaves = 3.2

/** The spot differs a little from the last one measured: no two cores are alike. */
function samplePH({ standId, lastPH, at }: MeterQuestion): number {
  const usual = lastPH ?? 5.6 + 2.4 * drawFor(`meter:pH:${standId}`)
  return usual + 0.12 * bellDrawFor(`meter:spot:${standId}:${Math.floor(at.getTime() / 6e4)}`)
}
