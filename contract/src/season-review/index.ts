export { SeasonDto } from './season-review.dto.ts'
export { seasonReviewRoutes } from './season-review.routes.ts'
