export { openIronHalfLifeDays, openIronOfUse } from './data/open-iron.ts'
export { usualFeed } from './data/feed.ts'
export { workingCourse } from './working-course.ts'
export type { Medium, PHBelief, WorkingCourse } from './working-course.ts'
