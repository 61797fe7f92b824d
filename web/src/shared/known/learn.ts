import {
  learningResponses,
  seenTreatments,
  type LearntResponses,
} from '@spudder/core/outcome/learnt'
import { untreatedCourse } from '@spudder/core/outcome/untreated'
import type { Learnt, LearningQuestion } from './known.ts'

/** How leaves answered, step by step. */
export const learning = ({ record, eyes, on }: LearningQuestion) =>
  learningResponses(seenTreatments(record, eyes), on)

/** What was learnt of treatments, with what was learnt of leaves without them. */
export const taught = (
  { record, ...asked }: LearningQuestion,
  responses: LearntResponses,
): Learnt => ({ responses, untreated: untreatedCourse(record, asked) })

/** Goes through all that is to be learnt at once. */
export function learnFrom(question: LearningQuestion): Learnt {
  const steps = learning(question)
  for (;;) {
    const { done, value } = steps.next()
    if (done === true) return taught(question, value)
  }
}
