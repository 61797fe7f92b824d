import type { Figure } from '../../reference/index.ts'

/** Share of use from which a source works. */
export const worksFrom: Figure = {
  value: 0.7,
  unit: '',
  source: 'read at 70 %, the expected curves give out where the trade says: EDTA 6.5, DTPA 7.5',
  mark: 'D',
}
/** Share of use below which it is wasted; what works must reach it in the worst case too. */
export const weakFrom: Figure = {
  value: 0.25,
  unit: '',
  source: 'three quarters of what was paid for is lost',
  mark: 'J',
}
