import type { Figure } from '../../../base/reference/index.ts'

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
/** Share of use from which a source of another nutrient works. */
export const otherWorksFrom: Figure = {
  value: 0.5,
  unit: '',
  source: 'half of what was paid for; their curves are coarser than iron’s',
  mark: 'J',
}
/** Less than this of a nutrient at work is nothing, and its price has no meaning. */
export const traceShare: Figure = {
  value: 0.005,
  unit: '',
  source: 'prints as none',
  mark: 'J',
}
/** Nitrogen of one application from which turf greens by itself: 0.1 lb/1000 ft². */
export const greeningNitrogen: Figure = {
  value: 0.1 * 0.00488243,
  unit: 'kg/m2',
  source: '0.1 to 0.3 lb/1000 ft² green turf by themselves, common practice',
  mark: 'C',
}
