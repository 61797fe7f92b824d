import { figures, days } from '../../shared/chart/scales.ts'
import { dateToDay, dayToDate } from '@spudder/core/base/calendar'
import { greennessWords, leafColour, type SeenGreenness } from '@spudder/core/seen/colour'
import type { Mark } from '../../shared/chart/chart.ts'
import { chartSvg } from '../../shared/chart/chart-file.ts'
import { dayWords } from '../../shared/units/today.ts'

/** As wide as the text of a page [pt]. */
const width = 510

/** Colour through the season as a drawing for paper, with a mark on each day of work. */
export function seasonChart(
  seen: readonly (SeenGreenness & { readonly isSimulated?: boolean })[],
  entries: readonly { readonly happenedOn: string }[],
): string {
  const [first, last] = [seen[0], seen.at(-1)]
  if (!first || !last) return ''
  const points = seen.map(({ day, greenness, isSimulated }) => ({
    x: dayToDate(day),
    y: greenness,
    fill: leafColour(greenness),
    isMadeUp: isSimulated ?? false,
    words: `${dayWords(day)}: ${greennessWords(greenness)}`,
  }))
  const marks = entries
    .filter(({ happenedOn }) => happenedOn >= first.day && happenedOn <= last.day)
    .map(({ happenedOn }): Mark => ({ kind: 'rule', x: dayToDate(happenedOn), ink: 'rust' }))
  const chart = {
    label: `Leaf colour from ${dayWords(first.day)} to ${dayWords(last.day)}`,
    height: 150,
    margin: { left: 78, right: 24, top: 8, bottom: 22 },
    x: {
      scale: days(first.day, last.day),
      ticks: 6,
      words: (date: Date) => dayWords(dateToDay(date)),
    },
    y: {
      scale: figures(0, 1),
      ticks: [0.1, 0.3, 0.5, 0.7, 0.9],
      words: greennessWords,
    },
    marks: [
      ...marks,
      { kind: 'line', points, ink: 'slate' },
      { kind: 'points', points, size: 3.4 },
    ] satisfies Mark[],
  }
  return chartSvg(chart, width)
}
