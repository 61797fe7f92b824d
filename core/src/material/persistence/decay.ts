/** A sum of parts that each die away by the first order: weight × e^(-rate × day). */
export type Decay = readonly { readonly weight: number; readonly perDay: number }[]

export const perDayOf = (halfLifeDays: number): number => Math.LN2 / halfLifeDays

/** What is left on a day [1]. */
export const leftAt = (decay: Decay, day: number): number =>
  decay.reduce((sum, { weight, perDay }) => sum + weight * Math.exp(-perDay * day), 0)

/** Mean of what is left from the day of application on [1]. */
export const meanOver = (decay: Decay, days: number): number =>
  decay.reduce(
    (sum, { weight, perDay }) =>
      sum + weight * (perDay * days < 1e-9 ? 1 : -Math.expm1(-perDay * days) / (perDay * days)),
    0,
  )

/**
 * Iron held by a carrier, and what the carrier lets go of as open iron: held + (1 - held) × open.
 */
export function heldAndOpen(
  held: { readonly share: number; readonly perDay: number },
  open: { readonly share: number; readonly perDay: number },
): Decay {
  return [
    { weight: held.share, perDay: held.perDay },
    { weight: open.share, perDay: open.perDay },
    { weight: -held.share * open.share, perDay: held.perDay + open.perDay },
  ]
}
