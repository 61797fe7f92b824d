import { judged } from '../../../base/reference/index.ts'

/** Shares of one dose that are given within so many days of each other are one treatment. */
export const sharesWithin = judged(6, 'd', 'shares are given over days, treatments over weeks')
/** Of treatments that a grower thought right, how many do nothing. */
export const failsOf = judged(0.2, '', 'one in five, where the cause was not proven')
/** Never more than so many are expected to fail: a place that taught it so is not done with. */
export const mostFail = judged(0.7, '', 'beyond it late and strong answers have no room')
/** How many come, but later than usual: cold ground, a weak root. */
export const comesLateOf = judged(0.12, '', 'about one in eight')
/** How many green further than iron explains: nitrogen or warmth came too. */
export const overshootsOf = judged(0.08, '', 'about one in twelve')
/** How much later the late ones come, as times the usual days. */
export const lateTimes = {
  low: 1.5,
  high: 2.8,
  unit: '',
  source: 'our judgement',
  mark: 'J',
} as const
/** How far the overshooting ones go beyond a healthy leaf, in greenness. */
export const overshootBeyond = { low: 0.05, high: 0.2, unit: '', source: 'half a grade of 9 to one and a half', mark: 'J' } as const // prettier-ignore
/** Share of the most that was gained below which colour counts as fading. */
export const fadingBelow = judged(0.7, '', 'a third of what was gained is lost')
/** How far a spot differs from the strip beside it before either is treated. */
export const spotDoubt = judged(0.03, '', 'a quarter of a grade of 9')
/** Days between a look at the stand and one at its strip that still count as one look. */
export const sameLookDays = judged(4, 'd', 'a leaf greens by less than its doubt in that time')
/** Chance from which a word is said without a doubt beside it. */
export const sureEnough = judged(0.5, '', 'likelier than all others together')
/** Degrees of freedom of the tails of what is seen: one wild look must not decide. */
export const tails = judged(12, '', 'eyes and light err more wildly than a bell curve')
/** Courses drawn to weigh the words by. */
export const drawCount = judged(1600, '', 'strays by about one point in a hundred')
