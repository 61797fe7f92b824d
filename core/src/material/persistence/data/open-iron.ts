import { atPH as at, type FigureByPH } from '../../../base/reference/index.ts'

/**
 * Share of open iron, from a salt or let go by a chelate, that roots can still use: as fresh
 * hydroxide in acid soil, none to speak of over pH 7.5. Equilibrium has no say here (it would let
 * a millionth stay dissolved); these are what practice makes of it.
 */
export const openIronOfUse: FigureByPH = {
  points: [
    at(4, 0.6, 0.85, 0.95),
    at(5, 0.55, 0.82, 0.95),
    at(5.5, 0.45, 0.8, 0.92),
    at(6, 0.3, 0.7, 0.88),
    at(6.5, 0.1, 0.35, 0.6),
    at(7, 0, 0.05, 0.2),
    at(7.5, 0, 0, 0.03),
    at(8, 0, 0, 0),
  ],
  source: 'of use in acid soil, gone in days to weeks over pH 7 (common practice), as shares',
  mark: 'J',
}

/** Days in which half of the fresh hydroxide ages past use. */
export const openIronHalfLifeDays: FigureByPH = {
  points: [at(5, 25, 60, 150), at(6, 15, 40, 90), at(7, 2, 6, 15), at(8, 0.5, 1.5, 4)],
  source: 'days to weeks over pH 7, a season in acid soil (common practice), as half-lives',
  mark: 'J',
}
