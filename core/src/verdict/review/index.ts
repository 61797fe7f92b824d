export { reviewNoResponse } from './review-no-response.ts'
export type { Review, ReviewAnswer, ReviewFacts, ReviewStep } from './review-no-response.ts'
