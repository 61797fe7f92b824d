export { mostPathDays, preparePath } from './path-setup.ts'
export type {
  PathApplication,
  PathGround,
  PathSetup,
  PathWater,
  PreparedPath,
} from './path-setup.ts'
export { normalCount, parametersOf } from './parameters.ts'
export type { PathParameters } from './parameters.ts'
export { runPath } from './run-path.ts'
export type { PathLedger } from './run-path.ts'
export { foretell, foretellAtOnce } from './foretell.ts'
export type { ForetellInput, MeasuredPH, PathForecast, PathPoint } from './foretell.ts'
export { bufferFromRetests } from './buffer-from-retests.ts'
export type { BufferSaid } from './buffer-from-retests.ts'
export { pathFigures } from './data/path-figures.ts'
