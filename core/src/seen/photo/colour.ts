/** Red, green and blue as sRGB bytes, 0 to 255; fractions allowed. */
export type Rgb = readonly [red: number, green: number, blue: number]

/**
 * Dark green colour index of a colour: 0 a bright yellow to 1 the darkest green.
 * @source Karcher & Richardson 2003, Crop Sci. 43:943: [(H − 60)/60 + (1 − S) + (1 − B)] / 3 with H
 * in degrees limited to 60 to 180; H 60 for greys, which have none
 */
export function darkGreenIndex(red: number, green: number, blue: number): number {
  const most = Math.max(red, green, blue)
  const span = most - Math.min(red, green, blue)
  const brightness = most / 255
  const saturation = most > 0 ? span / most : 0
  return ((hueOf(red, green, blue, most, span) - 60) / 60 + (1 - saturation) + (1 - brightness)) / 3
}

// eslint-disable-next-line max-params -- called for every pixel: an object each would be most of the work
function hueOf(red: number, green: number, blue: number, most: number, span: number): number {
  if (span <= 0) return 60
  if (most === red) return green >= blue ? Math.max(60, (60 * (green - blue)) / span) : 60
  if (most === green) return 120 + (60 * (blue - red)) / span
  // Between cyan and magenta: beyond the green half of the circle.
  return red > green ? 60 : 180
}

/**
 * Light that an sRGB byte stands for.
 * @param byte 0 to 255 [1]
 * @returns 0 to 1 [1]
 * @source IEC 61966-2-1
 */
export function lightOf(byte: number): number {
  const share = byte / 255
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
}

/** What an sRGB byte would be of an amount of light, beyond 255 too, not rounded. */
export function toneOf(light: number): number {
  if (light <= 0) return 0
  return 255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055)
}
/** The sRGB byte of an amount of light, limited to 0 to 255, not rounded. */
export const byteOf = (light: number): number => Math.min(255, toneOf(light))

const lightSteps = 4095
/** Light of each byte, and byte of each of 4096 steps of light, worked out once. */
export const lightTable = Float32Array.from({ length: 256 }, (_, byte) => lightOf(byte))
const byteTable = Uint8Array.from({ length: lightSteps + 1 }, (_, step) =>
  Math.round(byteOf(step / lightSteps)),
)

/** {@link byteOf} by table: rounded, and quick enough for every pixel. */
export function quickByteOf(light: number): number {
  const step = light * lightSteps
  if (!(step > 0)) return 0
  return byteTable[step >= lightSteps ? lightSteps : step | 0] ?? 0
}
