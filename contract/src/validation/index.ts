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
export { Changeable, Mendable, Recorded, Sighted } from './recorded.ts'
export { checkDto } from './check.ts'
export type { Checked } from './check.ts'
export { changeable, changedOf, changes, keptOf, mendable, recorded } from './forms.ts'
export type { Changed, FormClass, Kept } from './forms.ts'
