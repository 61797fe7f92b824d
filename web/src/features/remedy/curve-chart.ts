import { soilCurves, solutionCurves, type SoilConditions } from '@spudder/core/material/chemistry'
import { ligandIds, ligands, type LigandId } from '@spudder/core/material/source'
import { openIronOfUse, usualFeed } from '@spudder/core/material/persistence'
import { isNone, readAtPH } from '@spudder/core/base/reference'

/** A curve over pH: the share of iron kept in solution. */
export interface Curve {
  readonly id: LigandId | 'salt'
  readonly name: string
  /** Stroke of its line, as SVG writes dashes. */
  readonly dash: string
  readonly usual: readonly number[]
  /** With all and with none of the zinc and copper of soil; the same where they have no say. */
  readonly low: readonly number[]
  readonly high: readonly number[]
}

/** pH values of the curves: 4 to 11 in steps of 0.05. */
export const curvePHs: readonly number[] = Array.from(
  { length: 141 },
  (_, index) => 4 + index * 0.05,
)

/** The salt has no chelate's curve: what practice makes of it. */
function saltCurve(): Curve {
  const at = (which: 'low' | 'usual' | 'high') =>
    curvePHs.map((pH) => readAtPH(openIronOfUse, pH, which))
  return {
    id: 'salt',
    name: 'sulfate',
    dash: '1 4',
    low: at('low'),
    usual: at('usual'),
    high: at('high'),
  }
}

/** Curves of every chelate in soil, and of the plain salt. */
export function curvesInSoil(
  soil: Omit<SoilConditions, 'competition'>,
  ligandM: number,
): readonly Curve[] {
  const at = (competition: 'none' | 'field' | 'full') =>
    soilCurves({ pHs: curvePHs, ligandM, ...soil, competition }).shares
  const [low, usual, high] = [at('full'), at('field'), at('none')]
  const chelates = ligandIds.map((id): Curve => ({
    id,
    name: ligands[id].shortName,
    dash: ligands[id].dash,
    low: [...low[id]],
    usual: [...usual[id]],
    high: [...high[id]],
  }))
  return [...chelates, saltCurve()]
}

/** Curves of every chelate in a feed solution. */
export function curvesInSolution(): readonly Curve[] {
  const shares = solutionCurves(curvePHs, usualFeed)
  return ligandIds.map((id): Curve => {
    const usual = [...shares[id]]
    const { shortName: name, dash } = ligands[id]
    return { id, name, dash, low: usual, usual, high: usual }
  })
}

/** A school's ceiling as a bracket over the chart. */
export interface Bracket {
  readonly id: LigandId
  readonly name: string
  readonly from: number
  readonly to: number
  /** Past the end of the chart. */
  readonly isOpen: boolean
}

export const brackets: readonly Bracket[] = ligandIds.flatMap((id): Bracket[] => {
  const { ceiling, shortName: name } = ligands[id]
  if (isNone(ceiling)) return []
  const [from, to] = [ceiling.pHs[0], ceiling.pHs.at(-1)]
  if (from === undefined || to === undefined) return []
  return [{ id, name, from, to, isOpen: ceiling.goesOn }]
})

/** Shares at which a falling curve may be named, the first choice first. */
const nameShares = [0.5, 0.66, 0.34, 0.8, 0.2]
/** A name takes about so much of the pH axis. */
const nameWidthPH = 0.46

/** A curve's name: beside its fall, or at the end of the chart for one that holds. */
export interface CurveName {
  readonly id: Curve['id']
  readonly pH: number
  readonly share: number
  readonly holds: boolean
}

/** pH at which a curve falls through a share; undefined where it does not on the chart. */
function fallAt({ usual }: Curve, share: number, lastPH: number): number | undefined {
  const below = usual.findIndex((value) => value < share)
  const pH = curvePHs[below]
  return below > 0 && pH !== undefined && pH <= lastPH ? pH : undefined
}

/** Names of all curves so that none lies on another. */
export function nameCurves(curves: readonly Curve[], lastPH: number): readonly CurveName[] {
  const placed: CurveName[] = []
  const isFree = (pH: number, share: number) =>
    placed.every(
      (each) =>
        each.holds || Math.abs(each.share - share) > 0.1 || Math.abs(each.pH - pH) > nameWidthPH,
    )
  for (const curve of curves) {
    const spots = nameShares.flatMap((share) => {
      const pH = fallAt(curve, share, lastPH)
      return pH === undefined ? [] : [{ pH, share }]
    })
    const spot = spots.find(({ pH, share }) => isFree(pH, share)) ?? spots[0]
    placed.push(
      spot
        ? { id: curve.id, ...spot, holds: false }
        : { id: curve.id, pH: lastPH, share: curve.usual.at(-21) ?? 1, holds: true },
    )
  }
  return placed
}
