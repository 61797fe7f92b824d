import { typedNumber } from '../../base/writing/index.ts'
import { percentRange } from '../../base/quantity/index.ts'
import {
  findPartner,
  jarOutcomes,
  placementConflict,
  standingBeside,
  type PartnerKind,
} from '../mix/index.ts'
import { findSource, type SourceId } from '../../material/source/index.ts'
import { appliedName } from '../../material/shelf/index.ts'
import type { JarTest, PlannedWork, TankPartner, WorkProblem } from './work.ts'

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase()

/** The newest jar test of a source with a partner. */
export function jarTestOf(
  tests: readonly JarTest[],
  sourceId: SourceId,
  { kindId, name }: Pick<TankPartner, 'kindId' | 'name'>,
): JarTest | undefined {
  return tests
    .filter(
      (test) =>
        test.sourceId === sourceId && test.kindId === kindId && sameName(test.partnerName, name),
    )
    .toSorted((a, b) => a.testedOn.localeCompare(b.testedOn))
    .at(-1)
}

const stop = (id: string, words: string, kind: PartnerKind): WorkProblem => ({
  id,
  field: 'partners',
  words,
  stops: true,
  source: kind.source,
  mark: kind.mark,
})

function jarProblem(work: PlannedWork, partner: TankPartner, kind: PartnerKind): WorkProblem[] {
  const name = appliedName(work)
  const test = jarTestOf(work.jarTests, work.sourceId, partner)
  if (!test) {
    const words = `No jar test of ${partner.name} with ${name} is recorded here. Make one first, and record what you saw.`
    return [stop('no-jar-test', words, kind)]
  }
  const { passes, words: seen } = jarOutcomes[test.outcome]
  if (passes) return []
  return [
    stop(
      'jar-test-failed',
      `${partner.name} with ${name} in the jar: ${seen}. Keep them apart.`,
      kind,
    ),
  ]
}

function placementProblem(
  work: PlannedWork,
  partner: TankPartner,
  kind: PartnerKind,
): WorkProblem[] {
  const conflict = placementConflict(work.route, kind)
  if (!conflict) return []
  const from = { source: conflict.source, mark: conflict.mark, field: 'partners' } as const
  if (work.route !== 'leaf' || work.waterInAfterH === undefined) {
    return [{ id: 'placement', words: conflict.words, stops: true, ...from }]
  }
  const { low, high } = conflict.lostAfter(work.waterInAfterH)
  const words = `Watered in after ${typedNumber(work.waterInAfterH)} h for ${partner.name}: ${percentRange(low, high)} of the iron is washed off the leaf.`
  return [{ id: 'placement-accepted', words, stops: false, ...from }]
}

/** What stands against each partner of a tank: chemistry, jar, place, label. */
export function partnerProblems(work: PlannedWork): readonly WorkProblem[] {
  const source = findSource(work.sourceId)
  return work.partners.flatMap((partner) => {
    const kind = findPartner(partner.kindId)
    if (standingBeside(kind, source.kind) === 'never') {
      const words = `${partner.name} never goes into one tank with ${appliedName(work)}: ${kind.why}.`
      return [stop('never-together', words, kind)]
    }
    const unlabelled =
      kind.isPesticide && partner.dose.trim() === ''
        ? [
            stop(
              'no-label',
              `Give the dose of ${partner.name} by its own label; Spudder plans no pesticide without it.`,
              kind,
            ),
          ]
        : []
    return [
      ...unlabelled,
      ...jarProblem(work, partner, kind),
      ...placementProblem(work, partner, kind),
    ]
  })
}
