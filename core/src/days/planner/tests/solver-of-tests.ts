import loadHighs from 'highs'
import { solverWith } from '../solver.ts'

/** The solver as it ships, loaded once for the tests. */
export const solve = solverWith(await loadHighs())
