import type { Derivation } from '@spudder/core/base/reference'
import { formatAtMost, formatDecimals } from '@spudder/core/base/writing'
import { acceptableGreenness, greennessWords } from '@spudder/core/seen/colour'
import {
  oneWeather,
  type CourseWeek,
  type PaleStretch,
  type StandCourse,
  type UntreatedLook,
} from '@spudder/core/outcome/untreated'
import { halfForgotten } from '@spudder/core/outcome/learnt'
import { dayWords } from '../../shared/units/today.ts'

/** Nothing is sure, and nothing is ruled out. */
function tenths(share: number): string {
  if (share > 0.95) return 'over 9 in 10'
  return share < 0.05 ? 'under 1 in 10' : `${formatAtMost(10 * share, 0)} in 10`
}
const looksOf = (count: number): string => `${count} ${count === 1 ? 'look' : 'looks'}`

/** One stretch of weeks: "7 Mar to 5 Jun, 8 in 10". */
const stretchWords = ({ from, to, chance }: PaleStretch): string =>
  `${dayWords(from)} to ${dayWords(to)}, up to ${tenths(chance)}`

/** When a stand is likely pale in the year to come. */
export const paleWords = ({ pale, weeks }: StandCourse): string =>
  pale.length === 0
    ? `no week likelier than not (${tenths(Math.max(0, ...weeks.map(({ chancePale }) => chancePale)))} at most)`
    : pale.map(stretchWords).join('; ')

/** What was seen of a stand while no treatment showed. */
export function seenWords(
  { standId, looks, ofStrip }: StandCourse,
  all: readonly UntreatedLook[],
): string {
  if (looks === 0) return 'nothing yet'
  const own = all.filter((look) => look.standId === standId)
  const pale = own.filter(({ greenness }) => greenness < acceptableGreenness.value).length
  const strip = ofStrip > 0 ? `, ${ofStrip} of them of a strip` : ''
  return `pale in ${pale} of ${looksOf(looks)}${strip}`
}

/** A week as it is read out. */
export const weekWords = (name: string, { from, greenness, chancePale }: CourseWeek): string =>
  `${name}, week of ${dayWords(from)}: ${greennessWords(greenness)}, pale ${tenths(chancePale)}`

/** How the course of a stand was got. */
export const untreatedDerivation = (
  course: StandCourse,
  name: string,
  all: readonly UntreatedLook[],
): Derivation => ({
  figure: `The colour of ${name} without treatment`,
  formula: `a mean and two waves, of a year and of half a year, for the place and for how the stand strays from it; years stray from those, looks from their year; looks within ${oneWeather.value} days count as one. Each is drawn to what is thought before as far as that is surer.`,
  inputs: [
    {
      label: 'thought before anybody looked',
      value: `acceptable on the mean (${formatDecimals(acceptableGreenness.value, 2)} of 1), pale half of the time`,
    },
    { label: 'seen of it', value: seenWords(course, all) },
    { label: 'seen of the place', value: looksOf(all.length) },
    { label: 'counts half as much after', value: `${halfForgotten.value} days` },
  ],
  result: `likely pale: ${paleWords(course)}`,
  source:
    'looks in which no treatment of a case shows, and those of untreated strips; a hierarchical linear model, Gelman et al., Bayesian Data Analysis; steps of acid plans are taken to show nothing; what would change it: looks at an untreated strip, or striking one out',
  mark: 'D',
})
