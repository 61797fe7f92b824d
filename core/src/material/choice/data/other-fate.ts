import { atPH as at, type FigureByPH } from '../../../base/reference/index.ts'
import type { SoilFate } from '../../source/index.ts'

/** Share of an open nutrient in soil that roots can use, by what becomes of it. */
export const openShare: Readonly<Record<SoilFate, FigureByPH>> = {
  oxidised: {
    points: [
      at(5, 0.8, 0.9, 1),
      at(6, 0.6, 0.8, 0.95),
      at(6.5, 0.35, 0.6, 0.8),
      at(7, 0.1, 0.25, 0.45),
      at(7.5, 0.02, 0.08, 0.2),
      at(8, 0, 0.03, 0.1),
    ],
    source: 'manganese turns to oxide in weeks over pH 7 (common practice), as shares',
    mark: 'J',
  },
  fixed: {
    points: [at(5, 0.8, 0.9, 1), at(6, 0.6, 0.8, 0.9), at(7, 0.3, 0.5, 0.7), at(8, 0.08, 0.2, 0.4)],
    source: 'zinc is held the more the higher the pH (common practice), as shares',
    mark: 'J',
  },
  exchangeable: {
    points: [at(5, 0.7, 0.9, 1)],
    source: 'magnesium stays exchangeable (common practice), as shares',
    mark: 'J',
  },
}
