import { noPlant } from '@spudder/core/seen/photo'
import { greennessOf, leafColour } from '@spudder/core/seen/colour'

/** Colour of each severity, as the leaf would have it. */
export const severityColours = [0, 1, 2, 3, 4, 5].map((severity) =>
  leafColour(greennessOf('severity', severity)),
)
const channels = severityColours.map((colour) =>
  [1, 3, 5].map((from) => Number.parseInt(colour.slice(from, from + 2), 16)),
)
/** What is no plant is dimmed, not painted. */
const dimmed = [35, 44, 51, 190] as const

/** The severity of every pixel as a picture to lie over the photo. */
export function overlayOf(map: Uint8Array): Uint8ClampedArray<ArrayBuffer> {
  const data = new Uint8ClampedArray(map.length * 4)
  map.forEach((severity, pixel) => {
    data.set(severity === noPlant ? dimmed : [...(channels[severity] ?? [0, 0, 0]), 255], pixel * 4)
  })
  return data
}
