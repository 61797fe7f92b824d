import { rgb } from 'd3-color'
import { interpolateLab, piecewise } from 'd3-interpolate'

/** Leaf colours from white over yellow to the deepest green, evenly spaced in greenness. */
const leafAnchors = ['#f6f1dc', '#efe389', '#d8d354', '#a9c04a', '#6d9f3c', '#3d7a33', '#1f5a2c']

const interpolateLeaf = piecewise(interpolateLab, leafAnchors)
const steps = 200
const leafColours = Array.from({ length: steps + 1 }, (_, index) =>
  rgb(interpolateLeaf(index / steps)).formatHex(),
)

/** Colour of a leaf of a greenness [1], "#rrggbb"; greenness beyond 0 to 1 is shown as the end. */
export function leafColour(greenness: number): string {
  const index = Math.round(Math.min(1, Math.max(0, greenness)) * steps)
  return leafColours[index] ?? '#000000'
}
