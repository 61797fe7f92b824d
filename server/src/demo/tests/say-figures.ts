import type { StandStoryDto } from '@spudder/contract/stand'

const isFigure = (value: unknown) =>
  typeof value !== 'string' || !/ |^[0-9a-f-]{36}$|T\d\d:/.test(value)

/** Values without sentences, ids and moments; numbers to nine digits. */
function asFigures(value: unknown): unknown {
  if (typeof value === 'number') return Number(value.toPrecision(9))
  if (Array.isArray(value)) return value.map(asFigures)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value)
      .filter(([name, each]) => isFigure(each) && name !== 'createdBy' && each !== null)
      .map(([name, each]) => [name, asFigures(each)] as const)
      .toSorted(([one], [other]) => (one < other ? -1 : 1)),
  )
}

/** Lines that can be compared, in an order that no id decides. */
export const sayFigures = (lines: readonly (readonly [name: string, value: unknown])[]): string =>
  lines
    .map(([name, value]) => `${name} ${JSON.stringify(asFigures(value))}`)
    .toSorted()
    .join('\n') + '\n'

/** What a stand's story calculates with: amounts, jobs, records, and what photos were measured to. */
export const figuresOfStory = ({ remedies, acidPlans, jobs, entries, photos }: StandStoryDto) => ({
  // Densities are stored since, weighed apart from usual; what came of them is what counts.
  remedies: remedies.map(
    ({ verdict, appliedName: _name, densityKgPerL: _usual, weighedKgPerL: _weighed, ...rest }) => ({
      ...rest,
      verdict: verdict.slice(0, 3),
    }),
  ),
  acidPlans: acidPlans.map(({ steps, ...plan }) => ({ ...plan, steps: steps.length })),
  jobs: jobs
    .map(({ kind, dueOn, share, plannedKg, status, sourceId, route, afterDays }) =>
      [kind, dueOn, share, plannedKg, status, sourceId, route, afterDays].join(' '),
    ) // prettier-ignore
    .toSorted(),
  entries: entries.map(({ happenedOn, productKg, waterL, sourceId }) => ({ happenedOn, productKg, waterL, sourceId })), // prettier-ignore
  photos: photos.map(({ measure }) => measure && { ...measure, dabs: measure.dabs.length }),
})
