import { judged } from '../../../base/reference/index.ts'

/** Readings of one ground so far apart are of the same thing. */
export const besideDays = judged(
  7,
  'd',
  'within a week the ground changes by less than a kit can see',
)
/** Of the usual doubt of a way to measure, how much is common to all of its kind at a place. */
export const betweenKinds = judged(0.15, '', 'share of the variance of the usual doubt')
/** How much is that of one instrument: its batch, its age, whoever holds it. */
export const betweenInstruments = judged(0.35, '', 'share of the variance of the usual doubt')
/** By how much two samples of one ground differ that were not taken on one day, in usual doubts. */
export const anotherSample = judged(0.4, 'usual doubts', 'a hole beside the other')
/** How surely it is known how far instruments differ, and single readings of one. */
export const scalesWorth = judged(6, 'times', 'within a half to twice of it, mostly')
/** What was compared so long ago counts half as much. */
export const halfForgotten = judged(500, 'd', 'reagents and electrodes last one to three years')
/** Of fewer pairs it is said that too little was seen. */
export const fewestPairs = judged(3, 'pairs', 'of two a slip is half')
