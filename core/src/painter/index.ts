export { leavesOf, paintFigure, paintSwatch, swatchSize } from './figure.ts'
export type { Figure, FigureLeaf } from './figure.ts'
export type { Shape } from './shape.ts'
