import { judged } from '../../../base/reference/index.ts'

/** From so high a chance on a day surely was green; below what is left of one it surely was not. */
export const sureOfDay = judged(0.9, '', 'nine in ten')
/** A treatment that more likely did nothing is no success; from so low a chance that it answered it is told. */
export const unanswered = judged(
  0.4,
  '',
  'likelier that nothing came of it than that something did',
)
/** Pale for so long before the first treatment of a season, a stand was looked at too late. */
export const paleTooLong = judged(10, 'd', 'a look a week would have seen it')
/** So large a share of its treated time unseen, a stand was looked at too seldom. */
export const unseenTooMuch = judged(0.3, '', 'about a week of each three')
/** A source that costs so many times another for a day gained is told. */
export const muchDearer = judged(2, 'times', 'below it prices and looks stray as much')
/** So long before it went pale in one season a stand is looked at in the next. */
export const lookAhead = judged(14, 'd', 'two looks before it shows, and time to order')
