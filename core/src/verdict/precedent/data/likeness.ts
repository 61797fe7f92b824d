import type { Figure } from '../../../base/reference/index.ts'

const judged = (value: number, source: string): Figure => ({ value, unit: '', source, mark: 'J' })

/** How much a case of another plant, in the same kind of stand, tells of this one. */
export const ofOtherPlant = judged(
  0.85,
  'causes and remedies are much alike, susceptibility is not',
)
/** How much one of another kind of stand tells. */
export const ofOtherContext = judged(0.6, 'some causes are shared, rates and remedies mostly not')
/** From here on a case is told as one like this. */
export const likeEnough = judged(0.5, 'verdicts share about half of what they think likely')
