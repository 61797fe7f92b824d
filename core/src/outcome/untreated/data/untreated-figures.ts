import { judged, type Figure } from '../../../base/reference/index.ts'

const greenness = (value: number, source: string): Figure => judged(value, '', source)

/** How far the yearly mean of what is left to itself may lie from acceptable before anybody looked. */
export const levelStrays = greenness(0.2, 'a grade and a half of 9: some places are pale all year')
/** How far the colour of a year swings: its yearly wave, and the wave of half a year upon it. */
export const yearSwings = greenness(0.08, 'two thirds of a grade of 9: cold wet springs, flushes')
export const halfYearSwings = greenness(0.04, 'half of it')
/** How far a stand strays from its place, in its mean and in its waves. */
export const standStrays = greenness(0.1, 'not quite a grade of 9: ground differs by the yard')
export const standSwings = greenness(0.04, 'half of what places do')
export const standHalfYearSwings = greenness(0.02, 'half of it')
/** How far a year strays from others, and a look from its year. */
export const yearStrays = greenness(0.06, 'half a grade of 9: rain and warmth')
export const lookStrays = greenness(0.05, 'as colour walks within some weeks')
/** How much less or more the last three may be. */
export const lessOrMore = judged(2, 'times', 'nobody states how far stands and years differ')
/** Of fewer looks at what was left to itself, on a place, nothing is said. */
export const fewestLooks = judged(6, 'looks', 'a wave has five figures')
/** Of fewer at a stand, when it goes pale is told by its place and not by its own years. */
export const fewestOfStand = judged(4, 'looks', 'a look a quarter')
/** From so high a chance on a week likely is pale. */
export const likelyPale = judged(0.5, '', 'likelier than not')
/** Looks at a stand within so many days count together as one. */
export const oneWeather = judged(30, 'd', 'rain and warmth hold for weeks, and leaves for longer')
