import { judged } from './judged-from.ts'

/** Where a verdict turns from one word to another, and what is left out of a computation. */
export const bounds = {
  settledFrom: judged(0.7, '', 'from here on a careful person acts'),
  leaningFrom: judged(0.5, '', 'from here on one cause is clearly ahead'),
  askPHAgainFrom: judged(0.6, 'pH', 'with more doubt than this pH is worth measuring again'),
  leastPHGain: judged(0.05, 'bit', 'below it no answer to the question of pH moves a verdict'),
  ironToAskPH: judged(
    0.3,
    '',
    'where iron is less likely the remedy than this, pH waits its turn: a spill is no question of pH',
  ),
  massLookedAt: judged(0.985, '', 'what is left out no answer brings back to the top'),
  solutionShort: judged(0.75, '', 'growers mend a solution before it is a quarter under its aim'),
  solutionSalty: judged(1.4, '', 'margins burn from about two fifths over the aim'),
  justNowDays: judged(30, 'd', 'weeks in which who looks still sees what was told'),
  limeUnseenBelow: judged(0.5, '% CaCO3', 'less does not fizz strongly'),
  limeSeenFrom: judged(3, '% CaCO3', 'so much fizzes even under vinegar'),
  hardlyEver: judged(
    0.01,
    '',
    'a cause that is met so much less often on a kind of plant is none of it',
  ),
  leastChance: judged(0.01, '', 'answers too unlikely to be worth a line'),
} as const
