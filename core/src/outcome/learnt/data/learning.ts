import { judged } from '../../../base/reference/index.ts'

/** What was seen so long ago counts half as much. */
export const halfForgotten = judged(1500, 'd', 'ground, plants and people change within some years')
/** Of the published range of a response, how much lies between places, and between stands of one. */
export const betweenPlaces = judged(0.4, '', 'share of the variance of the published range')
export const betweenStands = judged(0.2, '', 'share of the variance of the published range')
/** How many treatments the published share of failures is worth. */
export const failuresWorth = judged(6, 'treatments', 'a season or two of one place')
/** A doubt that is still so near to the published one says that too little was seen. */
export const stillAsDoubtful = judged(0.85, '', 'a tenth of a range is felt by nobody')
/** Of fewer treatments nothing is said of how often they fail. */
export const fewestToSay = judged(3, 'treatments', 'of two one that failed would be half')
/** How surely it is known how far stands differ, and times on one stand. */
export const scalesWorth = judged(6, 'times', 'within a half to twice of it, mostly')
