import { judged } from '../../../base/reference/index.ts'

/** How cases are drawn. */
export const drawing = {
  /** As in the calibration of the verdict: the tables are wrong by half as much again. */
  worldIsOffBy: judged(
    0.5,
    'ln',
    'the world of a drill is not as the tables say, nor is the real one',
  ),
  eventChance: judged(
    0.04,
    '',
    'something that has nothing to do with it is told of every other case',
  ),
  mostlyTold: judged(0.8, '', 'even what caused it is not always told'),
  lookedAt: judged(0.7, '', 'a usual look takes in most of what can be seen for nothing'),
  pHKnown: judged(0.5, '', 'every other grower has a pH at hand'),
  toldApartBy: judged(
    3,
    'findings',
    'what is asked beside something is told with what tells the two apart',
  ),
  drawnForTypical: judged(
    3,
    'plants',
    'where only a picture is seen, what is rare would teach what is wrong',
  ),
  unlike: judged(0.65, '', 'causes that look more alike cannot be told by a picture alone'),
  longestTold: judged(150, 'd', 'what is longer ago is seldom told'),
} as const

/** How a good practitioner goes about it. */
export const good = {
  wrongTreatment: judged(
    250,
    'money',
    'product, work and weeks lost on a stand of usual size, two to three times a small one',
  ),
  gainForEffort: judged(
    0.5,
    '',
    'the list of checks reckons with a small stand; where more is at stake a check may bring less for its effort',
  ),
  mostChecks: judged(8, 'checks', 'after so many one acts or asks somebody'),
} as const

/** How answers are read for what is confused. */
export const reading = {
  slip: judged(0.1, '', 'a tenth of answers is carelessness or a guess'),
  confuses: judged(0.75, '', 'who confuses two does it mostly, not always'),
  sharp: judged(2, '', 'who knows says the likelier by more than its odds'),
  before: judged(0.25, '', 'about one cause in four is confused with another by who begins'),
  halvesAfter: judged(30, 'answers', 'who learns changes within some dozens of cases'),
  looksBack: judged(120, 'answers', 'older ones count for less than a sixteenth'),
  suspectedFrom: judged(
    0.02,
    '',
    'a wrong answer that a slip explains as well: worth a case that tells them apart',
  ),
  namedFrom: judged(0.6, '', 'likelier than not by some way'),
} as const

/** What is asked next. */
export const choosing = {
  firstInPlay: judged(8, 'causes', 'the commonest that stand for most of what is met'),
  rightInRow: judged(2, 'answers', 'one right answer may be luck'),
  tried: judged(2, 'cases', 'of two that are drawn, the one that shows it better'),
  triedToTellApart: judged(
    6,
    'cases',
    'most that are drawn show plainly what they are in one of them',
  ),
  shareOfSuspected: judged(
    0.6,
    '',
    'more than every other case comes back to what was mistaken, the others go on',
  ),
  notAgainWithin: judged(2, 'cases', 'an answer just read says nothing of what is known'),
  dearFrom: judged(30, 'money', 'a right answer that cost so much more is only just known'),
} as const
