// Decorators of every request rest on it, whatever a bundler loads first.
import 'reflect-metadata'
export {
  Bounded,
  Counted,
  IsDay,
  IsNewId,
  IsPastDay,
  IsReadableLabel,
  IsUnit,
  Named,
  NeededIf,
  Note,
  latestToday,
} from './decorators.ts'
export { Changeable, Recorded } from './recorded.ts'
export { checkDto } from './check.ts'
export type { Checked } from './check.ts'
export { changeable, changedOf, changes, keptOf, recorded } from './forms.ts'
export type { Changed, FormClass, Kept } from './forms.ts'
