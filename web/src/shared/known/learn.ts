import { learnResponses, seenTreatments, type LearntResponses } from '@spudder/core/outcome/learnt'
import type { LearningQuestion } from './known.ts'

/** What a place has taught by a day. */
export const learnFrom = ({ record, eyes, on }: LearningQuestion): LearntResponses =>
  learnResponses(seenTreatments(record, eyes), on)
