import { checkSpray, type MixWarning } from '../mix/index.ts'
import { formatNumber } from '../quantity/index.ts'
import { factsOfJob, labelStanding } from '../rate/index.ts'
import { findSource } from '../source/index.ts'
import { partnerProblems } from './partner-problems.ts'
import type { PlannedWork, WorkField, WorkProblem } from './work.ts'

const label = {
  field: 'rateValue',
  stops: true,
  source: 'the label of the product',
  mark: 'P',
} as const

/** The maximum of the label: a hard limit, also where nobody can compare. */
export function labelProblems(work: PlannedWork): readonly WorkProblem[] {
  const { labelMaximum, size, measures, contentShare, densityKgPerL } = work
  if (!labelMaximum) return []
  const facts = factsOfJob(
    {
      size,
      contentShare,
      ...(measures === undefined ? {} : { measures }),
      ...(densityKgPerL === undefined ? {} : { densityKgPerL }),
    },
    work.carrierL,
  )
  const standing = labelStanding(labelMaximum, work.productKg, facts)
  const most = `${formatNumber(labelMaximum.value)} ${labelMaximum.unit}`
  if (standing.kind === 'over') {
    const words = `Over the label: it allows at most ${most}, this is ${formatNumber(standing.wouldBe)}. Lower the rate.`
    return [{ id: 'over-label', words, ...label }]
  }
  if (standing.kind === 'unknown') {
    const words = `The label allows at most ${most}, and that cannot be compared yet. Give ${standing.missing}.`
    return [{ id: 'label-unknown', words, ...label }]
  }
  return []
}

const fieldOf: Readonly<Record<MixWarning['id'], WorkField>> = {
  'runs-off': 'carrierValue',
  'is-a-drench': 'carrierValue',
  'leaf-burn': 'rateValue',
  'try-first': 'rateValue',
  heat: 'applyOn',
  drops: 'carrierValue',
  solubility: 'carrierValue',
}

function mixProblems(work: PlannedWork): readonly WorkProblem[] {
  const { context, route, sourceId, productKg, carrierL, size, drop, maxC } = work
  return checkSpray({
    context,
    route,
    source: findSource(sourceId),
    productKg,
    carrierL,
    drop,
    maxC,
    // Water over trees is counted by tree; their ground says nothing about their leaves.
    ...(size.kind === 'area' ? { areaM2: size.areaM2 } : {}),
  }).map((warning) => ({ ...warning, field: fieldOf[warning.id] }))
}

/**
 * Everything that a careful person would stop at before a piece of work is planned, what stops it
 * first. The same judgement is made on screen and on the server.
 */
export function judgeWork(work: PlannedWork): readonly WorkProblem[] {
  const dose = (work.doseWarnings ?? []).map((warning): WorkProblem => ({
    ...warning,
    field: warning.id === 'salt-with-fish' ? 'sourceId' : 'rateValue',
  }))
  return [...labelProblems(work), ...mixProblems(work), ...partnerProblems(work), ...dose].toSorted(
    (a, b) => Number(b.stops) - Number(a.stops),
  )
}
