/** What a screen makes of colours: shares of each light, and how steep its tones are. */
export interface ScreenCast {
  readonly red: number
  readonly green: number
  readonly blue: number
  /** Over one: middle tones come out darker. */
  readonly gamma?: number
}

const bent = (byte: number, share: number, gamma: number): number => {
  const light = (byte / 255) ** (2.2 * gamma) * share
  return Math.round(255 * Math.min(1, light) ** (1 / 2.2))
}

/** A drawing as a screen with such a cast shows it. Simulated: real ones have colours that no camera sees as eyes do. */
export const shownOn = (shapes: string, { red, green, blue, gamma = 1 }: ScreenCast): string =>
  shapes.replaceAll(/#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})/gi, (_, ...bytes: string[]) => {
    const shares = [red, green, blue]
    return `#${shares
      .map((share, channel) =>
        bent(parseInt(bytes[channel] ?? '0', 16), share, gamma)
          .toString(16)
          .padStart(2, '0'),
      )
      .join('')}`
  })
