import type { Derivation } from '@spudder/core/base/reference'
import { formatDecimals } from '@spudder/core/base/writing'
import {
  biasInMiddle,
  eyeScales,
  meanShift,
  screensOf,
  type Eye,
  type Held,
  type KnownScreen,
} from '@spudder/core/seen/eye'
import { readingKinds } from '@spudder/core/seen/reading'

/** Tenths of a scale: nobody rates finer. */
const tenths = (value: number): string => formatDecimals(Math.abs(value) < 0.05 ? 0 : value, 1)
const betweenWords = ({ low, high }: Held): string => `${tenths(low)} to ${tenths(high)}`

/** What an eye says beside the truth: "0.4 too high (0.1 to 0.7)". */
export function biasWords(bias: Held): string {
  if (Math.abs(bias.mean) < 0.05) return `right on the whole (± ${tenths(bias.high - bias.mean)})`
  const way = bias.mean > 0 ? 'too high' : 'too low'
  const { low, high } = bias
  const [least, most] = bias.mean > 0 ? [low, high] : [-high, -low]
  const doubt = least < 0 ? ', not surely' : ''
  return `${tenths(Math.abs(bias.mean))} ${way}${doubt} (${tenths(least)} to ${tenths(most)})`
}

/** How far one person's numbers lie from another's of the same thing: "1.1 less (0.6 to 1.5)". */
export function apartWords(apart: Held): string {
  if (Math.abs(apart.mean) < 0.05)
    return `no more and no less (± ${tenths(apart.high - apart.mean)})`
  return biasWords(apart).replace('too high', 'more').replace('too low', 'less')
}

/** How far single ratings stray: "± 0.5 (0.4 to 0.7)". */
export const spreadWords = ({ spread }: Eye): string =>
  `± ${tenths(spread.mean)} (${betweenWords(spread)})`

/** How an eye moved from its first sitting to its last. */
export function driftWords(eye: Eye): string {
  const { drift, hasDrifted } = eye
  if (!drift) return 'one sitting so far'
  if (!hasDrifted) return 'steady'
  const moved = `${tenths(Math.abs(drift.mean))} ${drift.mean > 0 ? 'higher' : 'lower'} than at first`
  return screensOf(eye) === 'different' ? `${moved}, but on another screen` : moved
}

/** What stands against comparing two eyes; empty: nothing. */
export function screenWords(one: Eye, other: Eye): string {
  const told = [...new Set([...one.screens, ...other.screens])].join(', ')
  switch (screensOf(one, other)) {
    case 'same':
      return ''
    case 'different':
      return `They rated on different screens (${told}), so part of that may be the screens.`
    case 'unnamed':
      return 'Not every sitting says which screen it was on, so part of that may be the screens.'
  }
}

/** How the figures of an eye were got. */
export function eyeDerivation(eye: Eye): Derivation {
  const { low, middle, high } = eye.bias
  const withDoubt = ({ mean, deviation }: { readonly mean: number; readonly deviation: number }) =>
    `${formatDecimals(mean, 2)} ± ${formatDecimals(deviation, 2)}`
  return {
    figure: `How ${eye.person} rates ${eyeScales[eye.scale].label}`,
    formula:
      'what was said − what was shown, on a measured screen as that shows it = a line over the scale for everybody + one for each person + a shift for each sitting + what is left; each person drawn to the others as far as people are alike',
    inputs: [
      { label: 'pictures rated twice', value: `${eye.pictures}, in ${eye.sittings} sittings` },
      { label: 'too high at the low end', value: withDoubt(low) },
      { label: 'in the middle', value: withDoubt(middle) },
      { label: 'at the high end', value: withDoubt(high) },
      { label: 'one picture said twice, apart by', value: formatDecimals(eye.repeat, 2) },
      { label: 'from one day to another', value: formatDecimals(eye.dayToDay, 2) },
    ],
    result: `${biasWords(biasInMiddle(eye))}, single ratings ${spreadWords(eye)}; intervals hold the truth nine times in ten`,
    source:
      'a linear mixed model, its ratios weighed by half a Cauchy (Gelman 2006); what would change it: more sittings, or striking one out below',
    mark: 'D',
  }
}

/** What a screen makes of leaves, in tenths of a scale of nine: "shows leaves 0.4 of 9 greener than they are drawn". */
export function shiftWords(screen: Pick<KnownScreen, 'points' | 'doubt'>): string {
  const { min, max } = readingKinds.turfColour
  const [shift, doubt] = [meanShift(screen) * (max - min), screen.doubt * (max - min)]
  if (Math.abs(shift) < 0.05) return `shows leaves as they are drawn, ± ${tenths(doubt)} of ${max}`
  const way = shift > 0 ? 'greener' : 'paler'
  return `shows leaves ${tenths(Math.abs(shift))} ± ${tenths(doubt)} of ${max} ${way} than they are drawn`
}

/** How the figures of a screen were got. */
export const screenDerivation = (screen: KnownScreen): Derivation => ({
  figure: `What ${screen.name} makes of leaf colours`,
  formula:
    'its leaf colours in one photo with the printed card beside it, set right by the card and divided by the brightness of its white; how much greener each lies, along the way in which leaf colours run',
  inputs: screen.points.map(({ greenness, shown }) => ({
    label: `drawn ${formatDecimals(greenness, 2)} of 1`,
    value: `shown ${formatDecimals(shown, 2)}`,
  })),
  result: shiftWords(screen),
  source:
    'measured here; a camera does not see the narrow colours of a screen quite as eyes do. What would change it: measuring the screen again',
  mark: 'D',
})
