import { acidPerLimePercent, chargeAt, slopesOf } from '../soil/index.ts'
import {
  aluminiumWithAcid,
  bicarbonate,
  leastWarmth,
  limeBalance,
  limeDissolving,
  limeDrops,
  litterAction,
  mixing,
  mostBicarbonate,
  nitrification,
  saltAction,
} from './data/rates.ts'
import type { PathParameters } from './parameters.ts'
import { actionCodes, type PreparedPath } from './path-setup.ts'

/** Days between two points of a path that is kept. */
export const pathStepDays = 7

/** Where every mole of acid and lime went, in mmol/m² over the whole run. */
export interface PathLedger {
  /** Acid of everything given by its amounts; lime given counts below 0. */
  given: number
  /** Of it what has not acted yet. */
  waiting: number
  /** Base that water brought. */
  waterBase: number
  /** Acid that came by itself. */
  drifted: number
  /** Base carried off below the root zone; acid counts below 0. */
  leached: number
  /** What the soil's own buffering and its lime held at first and in the end. */
  chargeBefore: number
  chargeAfter: number
  limeBefore: number
  limeAfter: number
}

const molesToMmol = 1000

/** What soil water carries off at a pH, base above 0 [mol/L]. */
function carriedAt(pH: number): number {
  const base = Math.min(mostBicarbonate.value, bicarbonate.value * 10 ** pH)
  return base - aluminiumWithAcid.value * 10 ** -pH
}
/** The same read off a table, as powers are dear and every layer asks every day. */
const tableStart = 1
const tableSteps = 100
const tableEnd = 12 * tableSteps - 2
const carriedTable = Float64Array.from({ length: 12 * tableSteps }, (_, index) =>
  carriedAt(tableStart + index / tableSteps),
)

// Read once: the loop below runs some millions of times.
const [dissolves, balance, mixes] = [limeDissolving.value, limeBalance.value, mixing.value]
const [nitrifies, acts, rots] = [nitrification.value, saltAction.value, litterAction.value]
const coldest = leastWarmth.value
const { sulfur, ammonium, quick, slow, lime } = actionCodes

const at = (array: Float64Array, index: number): number => array[index] as number

/**
 * The pH of one draw day by day, by layers: sulfur shrinks from its surface, ammonium and salts
 * act by first order, water brings alkalinity, free lime dissolves where soil stands below its
 * balance, what soaks through carries base or acid down, and worms and roots mix.
 * @param path pH of the whole depth at every seventh day, written from `offset` on
 * @param top the same of the top layer
 * @source balances of charge; the rates carry their own sources
 */
// A day goes by in one order over plain arrays, millions of times: one loop says it best.
// eslint-disable-next-line max-lines-per-function
export function runPath(
  setup: PreparedPath,
  draw: PathParameters,
  { path, top, offset }: { path: Float32Array; top: Float32Array; offset: number },
): PathLedger {
  const { days, layerMass, layerShare, temperature, alkalinity, drain } = setup
  const { actionCode, applicationDay, radiusUm, isTilled } = setup
  const layers = layerMass.length
  const count = actionCode.length

  const slopes = slopesOf(draw.bufferMmol)
  const [a0, a1, a2, a3, a4] = slopes
  const [c4, c7, c75] = [chargeAt(slopes, 4), chargeAt(slopes, 7), chargeAt(slopes, 7.5)]
  // The titration curve backwards; asked for every layer every day, so it stands here.
  const pHOf = (held: number): number => {
    if (held < c4) return 4 + (held - c4) / a0
    if (held < 0) return 6.5 + held / a1
    if (held < c7) return 6.5 + held / a2
    return held < c75 ? 7 + (held - c7) / a3 : 7.5 + (held - c75) / a4
  }
  const dropsAt = chargeAt(slopes, limeDrops.value)
  const { pH: startPH, driftMmol, shrinkUm, lnWarmth, warmerK } = draw
  const perMassOf = layerMass.map((mass) => 1 / mass)
  // Lime dissolves up to its balance and not past it, however much of it there is.
  const [startCharge, balanceCharge] = [chargeAt(slopes, startPH), chargeAt(slopes, balance)]
  const charge = new Float64Array(layers).fill(startCharge)
  const pH = new Float64Array(layers).fill(startPH)
  const native = new Float64Array(layers).fill(draw.limePercent * acidPerLimePercent)
  const added = new Float64Array(layers)
  const acid = new Float64Array(layers)

  const amount = new Float64Array(count)
  const acted = new Float64Array(count)
  const radius = new Float64Array(count)
  const startsAt = new Float64Array(count)
  const shrunkBefore = new Float64Array(count).fill(-1)
  let given = 0
  for (let i = 0; i < count; i++) {
    const span = 1 + draw.acidPlace * at(setup.acidSpan, i)
    amount[i] = at(setup.acid, i) * span * draw.arrival
    radius[i] = at(radiusUm, i) * draw.grain
    startsAt[i] = (applicationDay[i] as number) + (radius[i] === 0 ? 0 : draw.lagDays)
    if ((applicationDay[i] as number) < days) given += at(amount, i)
  }
  const sumOf = (store: Float64Array) =>
    store.reduce((sum, each, layer) => sum + each * at(layerMass, layer), 0)
  const [chargeBefore, limeBefore] = [sumOf(charge), sumOf(native)]
  let [waterBase, leached, shrunk] = [0, 0, 0]
  const drainage = draw.drain * molesToMmol
  let point = offset

  for (let day = 0; day < days; day++) {
    if (day % pathStepDays === 0) {
      let mean = 0
      for (let layer = 0; layer < layers; layer++) {
        mean += at(charge, layer) * at(layerShare, layer)
      }
      path[point] = pHOf(mean)
      top[point] = at(pH, 0)
      point += 1
    }
    const warm = at(temperature, day) + warmerK
    const speed = warm < coldest ? 0 : Math.exp(lnWarmth * 0.1 * (warm - 25))
    shrunk += shrinkUm * speed

    for (let i = 0; i < count; i++) {
      if (day < at(startsAt, i)) continue
      const done = at(acted, i)
      if (done >= 1) continue
      const code = actionCode[i]
      let now = 1
      if (code === sulfur) {
        if (at(shrunkBefore, i) < 0) shrunkBefore[i] = shrunk
        const left = 1 - (shrunk - at(shrunkBefore, i)) / at(radius, i)
        if (left > 0) now = 1 - left * left * left
      } else if (code === ammonium) {
        now = done + (1 - done) * Math.min(1, nitrifies * speed)
      } else if (code === quick) {
        now = done + (1 - done) * acts
      } else if (code === slow) {
        now = done + (1 - done) * rots * speed
      }
      acted[i] = now
      const freed = (now - done) * at(amount, i)
      const isLime = code === lime
      const last = isTilled[i] === 1 ? layers : 1
      for (let layer = 0; layer < last; layer++) {
        const part = last === 1 ? freed : freed * at(layerShare, layer)
        if (isLime) added[layer] = at(added, layer) - part * at(perMassOf, layer)
        else acid[layer] = at(acid, layer) + part
      }
    }

    const base = at(alkalinity, day) * draw.water
    acid[0] = at(acid, 0) - base
    waterBase += base
    const through = at(drain, day) * drainage
    let fromAbove = 0
    for (let layer = 0; layer < layers; layer++) {
      const perMass = at(perMassOf, layer)
      const now = at(pH, layer)
      let change = (fromAbove - at(acid, layer)) * perMass - driftMmol
      acid[layer] = 0
      const nativeGap = startPH - now
      if (nativeGap > 0 && at(native, layer) > 0) {
        const wanted = at(native, layer) * Math.min(1, dissolves * nativeGap)
        const gone = Math.min(wanted, Math.max(0, startCharge - at(charge, layer) - change))
        native[layer] = at(native, layer) - gone
        change += gone
      }
      const addedGap = balance - now
      if (addedGap > 0 && at(added, layer) > 0) {
        const wanted = at(added, layer) * Math.min(1, dissolves * addedGap)
        const gone = Math.min(wanted, Math.max(0, balanceCharge - at(charge, layer) - change))
        added[layer] = at(added, layer) - gone
        change += gone
      }
      const place = Math.min(tableEnd, Math.max(0, (now - tableStart) * tableSteps))
      const left = place | 0
      const from = at(carriedTable, left)
      fromAbove = through * (from + (at(carriedTable, left + 1) - from) * (place - left))
      let held = at(charge, layer) + change - fromAbove * perMass
      if (held > dropsAt) {
        added[layer] = at(added, layer) + held - dropsAt
        held = dropsAt
      }
      charge[layer] = held
    }
    leached += fromAbove

    for (let layer = 1; layer < layers; layer++) {
      const [upper, lower] = [at(layerMass, layer - 1), at(layerMass, layer)]
      const moved = (at(charge, layer - 1) - at(charge, layer)) * mixes * Math.min(upper, lower)
      charge[layer - 1] = at(charge, layer - 1) - moved / upper
      charge[layer] = at(charge, layer) + moved / lower
    }
    for (let layer = 0; layer < layers; layer++) {
      pH[layer] = pHOf(at(charge, layer))
    }
  }

  let waiting = 0
  for (let i = 0; i < count; i++) {
    if ((applicationDay[i] as number) < days) waiting += at(amount, i) * (1 - at(acted, i))
  }
  return {
    given,
    waiting,
    waterBase,
    drifted: days * driftMmol * layerMass.reduce((sum, mass) => sum + mass, 0),
    leached,
    chargeBefore,
    chargeAfter: sumOf(charge),
    limeBefore,
    limeAfter: sumOf(native) + sumOf(added),
  }
}
