import { CoreError, requireInRange } from '../../base/error/index.ts'

/** A part of a loop or a tank, by its inner dimensions. */
export type Vessel =
  | {
      readonly kind: 'box'
      readonly lengthM: number
      readonly widthM: number
      readonly depthM: number
    }
  | { readonly kind: 'upright'; readonly diameterM: number; readonly depthM: number }
  /** A drum on its side, filled to a depth. */
  | {
      readonly kind: 'lying'
      readonly diameterM: number
      readonly lengthM: number
      readonly depthM: number
    }
  /** Pipe or channel, and which share of it runs full. */
  | {
      readonly kind: 'pipe'
      readonly diameterM: number
      readonly lengthM: number
      readonly fullShare: number
    }

const litresPerM3 = 1000
const dimension = { min: 0.005, max: 1000, unit: 'm' }

/** Share of a circle below a depth, both by its radius. */
function segmentM2(radius: number, depth: number): number {
  const above = radius - depth
  return (
    radius ** 2 * Math.acos(above / radius) - above * Math.sqrt(2 * radius * depth - depth ** 2)
  )
}

/**
 * What a vessel holds up to its level.
 * @returns [L]
 * @throws {CoreError} out-of-range; not-applicable for a drum deeper than it is wide
 * @source solid geometry
 */
export function volumeOf(vessel: Vessel): number {
  for (const [name, value] of Object.entries(vessel)) {
    if (name === 'fullShare') requireInRange(name, Number(value), { min: 0.01, max: 1 })
    else if (name !== 'kind') requireInRange(name.replace(/M$/, ''), Number(value), dimension)
  }
  switch (vessel.kind) {
    case 'box':
      return vessel.lengthM * vessel.widthM * vessel.depthM * litresPerM3
    case 'upright':
      return Math.PI * (vessel.diameterM / 2) ** 2 * vessel.depthM * litresPerM3
    case 'lying':
      if (vessel.depthM > vessel.diameterM) {
        throw new CoreError('drum-too-shallow', {
          parameter: 'depth',
          received: `${vessel.depthM} m`,
        })
      }
      return segmentM2(vessel.diameterM / 2, vessel.depthM) * vessel.lengthM * litresPerM3
    case 'pipe':
      return Math.PI * (vessel.diameterM / 2) ** 2 * vessel.lengthM * vessel.fullShare * litresPerM3
  }
}

/** What a whole loop holds [L]: {@link volumeOf} of its parts. */
export const volumeOfLoop = (parts: readonly Vessel[]): number =>
  parts.reduce((sum, part) => sum + volumeOf(part), 0)
