export { learnResponses, responseLearnt } from './learn-responses.ts'
export type { LearntResponse, SeenTreatment } from './learn-responses.ts'
