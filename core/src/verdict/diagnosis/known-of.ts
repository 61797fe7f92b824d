import type { FeatureName } from './data/features.ts'
import { readInput, type DiagnosisInput } from './diagnose.ts'

/** A feature with the value that it likeliest has. */
export interface KnownFeature {
  readonly name: FeatureName
  readonly value: string
}

/**
 * What is known of a case, each finding and test by the value that it likeliest has: as people would say it.
 * @throws {CoreError} unknown-name for a plant that is not in the list
 */
export const knownOf = (input: DiagnosisInput): readonly KnownFeature[] =>
  readInput(input).evidence.flatMap(({ name, belief }) => {
    const [likeliest] = Object.entries(belief).toSorted(([, one], [, other]) => other - one)
    return likeliest ? [{ name, value: likeliest[0] }] : []
  })
