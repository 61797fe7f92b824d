import type { Day } from '../../base/calendar/index.ts'
import { greennessOf, onScale } from '../colour/index.ts'
import { readingKinds } from '../reading/index.ts'
import type { EyeScale } from './data/eye-scales.ts'
import type { KeptSitting } from './eye.ts'

/** A screen of the place, measured by the printed card against a camera. */
export interface KnownScreen {
  readonly name: string
  readonly measuredOn: Day
  /** Leaf colours as they are drawn and as the screen shows them, from pale to deep green [1]. */
  readonly points: readonly { readonly greenness: number; readonly shown: number }[]
  /** One deviation of all of them together [1]. */
  readonly doubt: number
}

/** What every measured screen is called where eyes are compared: it makes no odds which of them it was. */
export const measuredScreen = 'a measured screen'

const plain = (name: string): string => name.trim().toLowerCase()

/** The screen that is called so, however it is written. */
export const screenNamed = (
  screens: readonly KnownScreen[],
  name: string | null | undefined,
): KnownScreen | undefined =>
  screens.find((screen) => plain(screen.name) === plain(name ?? '') && plain(screen.name) !== '')

/**
 * The greenness that a screen makes of one that is drawn: between measured ones along a line, beyond them as far off
 * as the last.
 * @param greenness, and what is returned [1]
 */
export function shownAs({ points }: Pick<KnownScreen, 'points'>, greenness: number): number {
  const above = points.findIndex((point) => point.greenness >= greenness)
  const high = points.at(above)
  const low = above === -1 ? high : (points[above - 1] ?? high)
  if (!low || !high) return greenness
  const span = high.greenness - low.greenness
  const share = span > 0 ? (greenness - low.greenness) / span : 0
  const off = (point: typeof low) => point.shown - point.greenness
  return Math.min(1, Math.max(0, greenness + off(low) + share * (off(high) - off(low))))
}

/**
 * What an eye without fault says of a picture on a screen.
 * @param truth of the picture as it is drawn, and what is returned [unit of the scale]
 */
export function truthOn(screen: KnownScreen, scale: EyeScale, truth: number): number {
  const { min, max } = readingKinds[scale]
  const seen = onScale(scale, shownAs(screen, greennessOf(scale, truth)))
  return Math.min(max, Math.max(min, seen))
}

/** How far a screen shows leaves greener than they are drawn, on the mean of what was measured [1]. */
export const meanShift = ({ points }: Pick<KnownScreen, 'points'>): number =>
  points.reduce((sum, { greenness, shown }) => sum + shown - greenness, 0) / points.length

/** Sittings as they were really seen: what was true of each picture on the screen that it was looked at on. */
export const asSeen = <Of extends KeptSitting>(
  sittings: readonly Of[],
  screens: readonly KnownScreen[],
): readonly Of[] =>
  sittings.map((sitting) => {
    const screen = screenNamed(screens, sitting.screen)
    if (!screen) return sitting
    const shown = sitting.shown.map((each) => ({
      ...each,
      truth: truthOn(screen, sitting.scale, each.truth),
    }))
    return { ...sitting, screen: measuredScreen, shown }
  })
