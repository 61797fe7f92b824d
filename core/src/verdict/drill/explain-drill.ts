import type { Derivation } from '../../base/reference/index.ts'
import { formatAtMost } from '../../base/writing/index.ts'
import { worth } from '../diagnosis/index.ts'
import { good as practitioner, reading } from './data/drill-figures.ts'
import { causeOf } from './draw-case.ts'
import type { Confusion } from './confusions.ts'
import type { DrillScore, Went } from './score-drill.ts'

const money = (value: number): string => formatAtMost(value, 0)
const inHundred = (share: number): string => `${formatAtMost(100 * share, 0)} in 100`

const lossWords = ({ loss, right, asked }: Went): string =>
  `${money(loss)}: ${asked.length} checks, a treatment that is right by ${inHundred(right)}`

/** How a regret was got. */
export const regretDerivation = ({ went, good, regret }: DrillScore): Derivation => ({
  figure: 'Lost above a good practitioner',
  formula:
    'what your checks cost and what a wrong treatment loses, less the same of one who makes the check most worth its effort until it is settled, and does not know the truth either',
  inputs: [
    { label: 'yours', value: lossWords(went) },
    { label: 'a good practitioner', value: lossWords(good) },
    { label: 'a wrong treatment', value: money(practitioner.wrongTreatment.value) },
    {
      label: 'a minute, a day of waiting, getting up for a check',
      value: [worth.minute, worth.day, worth.start].map(({ value }) => formatAtMost(value, 1)).join(', '), // prettier-ignore
    },
  ],
  result: `${money(regret)}, in the money of the place`,
  source:
    'regret, Savage 1951, from memory; worths by our judgement, on a stand of usual size; checks on the spot are made in one go; what would change it: fewer or cheaper checks, or the right treatment',
  mark: 'J',
})

/** How a confusion was found. */
export const confusionDerivation = ({
  causeId,
  takenFor,
  chance,
  met,
  taken,
}: Confusion): Derivation => ({
  figure: `${causeOf(causeId).name} taken for: ${causeOf(takenFor).name}`,
  formula:
    'Bayes over the answers: how much likelier they are of somebody who mostly does so than of somebody who only slips, or was misled by a plant that looks like it',
  inputs: [
    { label: 'could have been taken so', value: `${met} times` },
    { label: 'was', value: `${taken} times` },
    { label: 'confused before any answer', value: inHundred(reading.before.value) },
    { label: 'of answers are slips', value: inHundred(reading.slip.value) },
    { label: 'an answer counts half after', value: `${reading.halvesAfter.value} more` },
  ],
  result: `${inHundred(chance)} likely`,
  source:
    "Bayes' rule over answers; shares by our judgement; what would change it: right answers where both could be said",
  mark: 'J',
})
