export { file, list, one } from './answers.ts'
export type { Answers, FileContent } from './answers.ts'
export { changeHeader, changes, creates, reads } from './route.ts'
export type { NoQuery, PathParams, Route } from './route.ts'
export {
  archiveMostMB,
  bytes,
  json,
  nothing,
  photoMostMB,
  stationMostMB,
  tableMostMB,
  usualMostMB,
} from './sends.ts'
export type { Bytes, Sends } from './sends.ts'
export { ofStand, ofWholePlace } from './topics.ts'
export type { Topic } from './topics.ts'
