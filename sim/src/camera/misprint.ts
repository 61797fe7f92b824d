type Bytes = readonly [red: number, green: number, blue: number]

/** A printer that goes wrong: what becomes of each colour it is to print; bare paper stays. */
export type Misprint = (colour: Bytes) => Bytes

const each = (colour: Bytes, change: (byte: number, channel: number) => number): Bytes => [
  change(colour[0], 0),
  change(colour[1], 1),
  change(colour[2], 2),
]

/** Ink holds its own channel of light back; so much of it is there, 0 to 1. */
const withInk =
  (channel: number, share: number): Misprint =>
  (colour) =>
    each(colour, (byte, at) => (at === channel ? 255 - (255 - byte) * share : byte))

/** Printers as offices have them: simulated, made up. */
export const misprints = {
  blackAndWhite: (colour: Bytes) => {
    const grey = 0.299 * colour[0] + 0.587 * colour[1] + 0.114 * colour[2]
    return each(colour, () => grey)
  },
  withoutYellow: withInk(2, 0.1),
  withoutMagenta: withInk(1, 0.1),
  withoutCyan: withInk(0, 0.1),
  bleached: (colour: Bytes) => withInk(1, 0.45)(withInk(2, 0.45)(colour)),
  bluish: (colour: Bytes) => each(colour, (byte, at) => byte * ([0.9, 0.97, 1][at] ?? 1)),
  reddish: (colour: Bytes) => each(colour, (byte, at) => byte * ([1, 0.92, 0.9][at] ?? 1)),
  savingInk: (colour: Bytes) => each(colour, (byte) => 255 - (255 - byte) * 0.6),
  tooMuchInk: (colour: Bytes) => each(colour, (byte) => 255 * (byte / 255) ** 1.7),
} satisfies Record<string, Misprint>

/** A drawing as such a printer brings it to paper. */
export const printedBy = (misprint: Misprint, shapes: string): string =>
  shapes.replaceAll(/#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})/g, (whole, ...parts: string[]) => {
    if (whole === '#ffffff') return whole
    const [red = 0, green = 0, blue = 0] = parts.slice(0, 3).map((part) => parseInt(part, 16))
    const bytes = misprint([red, green, blue])
    return `#${bytes.map((byte) => Math.round(byte).toString(16).padStart(2, '0')).join('')}`
  })
