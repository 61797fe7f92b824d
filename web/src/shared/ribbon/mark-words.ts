import type { JobKind } from '@spudder/core/days/plan'
import type { MarkKind } from './ribbon-model.ts'

/** What a mark on a ribbon stands for. */
export const markWords: Readonly<Record<MarkKind | JobKind, string>> = {
  applied: 'applied',
  tested: 'tested',
  told: 'happened',
  madeUp: 'made up',
  apply: 'to apply',
  look: 'to look at',
  test: 'to test',
  buy: 'to buy',
  check: 'to check',
  strip: 'strip to mark',
  partner: 'to put out by itself',
  practice: 'to do beside it',
}
