import { errorFunction } from 'simple-statistics'

/**
 * Share of a normal distribution that lies below a value.
 * @param deviations from its mean, in standard deviations [1]
 * @returns 0 to 1 [1]
 * @source definition; the error function by Abramowitz & Stegun 7.1.26, to about 1e-7
 */
export const normalBelow = (deviations: number): number =>
  (1 + errorFunction(deviations / Math.SQRT2)) / 2
