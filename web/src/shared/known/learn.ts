import {
  learningResponses,
  learnResponses,
  seenTreatments,
  type LearntResponses,
} from '@spudder/core/outcome/learnt'
import { untreatedCourse } from '@spudder/core/outcome/untreated'
import { learnInstruments } from '@spudder/core/seen/instrument'
import type { Learnt, LearningQuestion } from './known.ts'

/** How leaves answered, step by step. */
export const learning = ({ record, eyes, on }: LearningQuestion) =>
  learningResponses(seenTreatments(record, eyes), on)

/** What was learnt of treatments, with what was learnt of leaves without them and of instruments. */
export const taught = (
  { record, ...asked }: LearningQuestion,
  responses: LearntResponses,
): Learnt => ({
  responses,
  untreated: untreatedCourse(record, asked),
  ways: learnInstruments(record.measures, record.stands, asked.on),
})

/** Goes through all that is to be learnt at once. */
export const learnFrom = (question: LearningQuestion): Learnt =>
  taught(question, learnResponses(seenTreatments(question.record, question.eyes), question.on))
