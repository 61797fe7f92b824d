export { learnCourse } from './learn-course.ts'
export type {
  CourseWeek,
  PaleStretch,
  StandCourse,
  UntreatedCourse,
  UntreatedOn,
} from './learn-course.ts'
export { untreatedCourse, untreatedOn } from './untreated-course.ts'
export type { UntreatedAsked, UntreatedRecord } from './untreated-course.ts'
export { untreatedLooks } from './untreated-looks.ts'
export type { Resting, UntreatedLook } from './untreated-looks.ts'
export { oneWeather } from './data/untreated-figures.ts'
