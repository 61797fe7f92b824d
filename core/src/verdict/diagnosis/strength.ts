/** Words for a weight of evidence. */
export type StrengthWords = 'hardly' | 'slightly' | 'clearly' | 'strongly'

/**
 * Words for a weight of evidence [dB]; bounds after Jeffreys' grades (5 substantial, 10 strong),
 * with a floor below which a reason is not worth a line.
 * @source Jeffreys, Theory of Probability, appendix B, from memory
 */
export function strengthWords(weightDb: number): StrengthWords {
  const size = Math.abs(weightDb)
  if (size < 1) return 'hardly'
  if (size < 4) return 'slightly'
  return size < 8 ? 'clearly' : 'strongly'
}
