import { formatNumber } from '../../base/writing/index.ts'
import { CoreError, requireInRange } from '../../base/error/index.ts'
import {
  assumedTexture,
  bufferCapacity,
  freeLime,
  textures,
  type BufferCapacity,
  type BufferFacts,
  type FreeLime,
  type LimeFacts,
  type TextureName,
} from '../soil/index.ts'

/** Ground whose pH is to be moved, as far as it is known. */
export interface AcidGroundFacts extends Omit<BufferFacts, 'texture'>, Omit<LimeFacts, 'pH'> {
  readonly texture?: TextureName | undefined
  readonly densityKgPerL?: number | undefined
  readonly pH: number
  /** One standard deviation of the reading. */
  readonly pHDoubt: number
  /** How deep it is to work [m]. */
  readonly depthM: number
}

/** Ground as it is calculated with; what was taken for want of a measurement is said. */
export interface AcidGround {
  readonly pH: number
  /** One standard deviation, of the reading and from spot to spot together. */
  readonly pHDoubt: number
  readonly depthM: number
  readonly densityKgPerL: number
  /** Dry ground over the depth [kg/m²]. */
  readonly massKgPerM2: number
  readonly texture: TextureName
  readonly buffer: BufferCapacity
  readonly lime: FreeLime
  readonly assumptions: readonly string[]
}

/** pH from core to core that a composite of ten to fifteen leaves over. */
export const spotDoubt = {
  value: 0.15,
  unit: 'pH',
  source: 'cores of one bed differ by half a pH; a composite of ten to fifteen leaves about 0.15',
  mark: 'J',
} as const
const litresPerM3 = 1000

/**
 * Puts together what is known of ground and what has to be taken.
 * @throws {CoreError} out-of-range, not-a-number, unknown-name
 */
export function acidGround(facts: AcidGroundFacts): AcidGround {
  const { pH, pHDoubt, depthM } = facts
  requireInRange('pH', pH, { min: 3, max: 10 })
  requireInRange('doubt of the pH', pHDoubt, { min: 0, max: 2 })
  requireInRange('depth', depthM, { min: 0.02, max: 1, unit: 'm' })
  const texture = facts.texture ?? assumedTexture
  if (!(texture in textures)) {
    throw new CoreError('texture-unknown', {
      parameter: 'texture',
      received: texture,
    })
  }
  const densityKgPerL = facts.densityKgPerL ?? textures[texture].densityKgPerL
  requireInRange('density', densityKgPerL, { min: 0.05, max: 2.2, unit: 'kg/L' })
  const lime = freeLime(facts)
  const said = textures[texture].label.toLowerCase()
  const assumptions = [
    ...(facts.texture === undefined
      ? [`Texture: nobody said, ${said} is taken. Feel a wet lump, or have it tested.`]
      : []),
    ...(facts.organicPercent === undefined
      ? [`Organic matter ${textures[texture].organicPercent} %, as usual in ${said}.`]
      : []),
    ...(facts.densityKgPerL === undefined
      ? [`Density ${formatNumber(densityKgPerL)} kg/L, as usual.`]
      : []),
    ...(lime.known === 'assumed' ? [`Lime: ${lime.words}.`] : []),
  ]
  return {
    pH,
    pHDoubt: Math.hypot(pHDoubt, spotDoubt.value),
    depthM,
    densityKgPerL,
    massKgPerM2: depthM * densityKgPerL * litresPerM3,
    texture,
    buffer: bufferCapacity({ ...facts, texture }),
    lime,
    assumptions,
  }
}
