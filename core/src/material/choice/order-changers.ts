import { formatDecimals, formatNumber } from '../../base/writing/index.ts'
import { rankCandidates } from './rank-candidates.ts'
import type { ChoiceInput, RankedCandidate } from './ranked-candidate.ts'

/** Something that would put another candidate first. */
export interface OrderChanger {
  readonly id: 'pH-down' | 'pH-up' | 'price'
  readonly words: string
}

const step = 0.1
const furthest = 2

function leaderAt(input: ChoiceInput, pH: number): RankedCandidate | undefined {
  return rankCandidates({ ...input, medium: { ...input.medium, pH } })[0]
}

/** The nearest pH in a direction at which another leads. */
function pHChanger(input: ChoiceInput, leader: RankedCandidate, direction: 1 | -1): OrderChanger[] {
  for (let off = step; off <= furthest + 1e-9; off += step) {
    const pH = input.medium.pH + direction * off
    if (pH < 3.5 || pH > 9.5) return []
    const other = leaderAt(input, pH)
    if (!other || other.candidate.id === leader.candidate.id) continue
    const [id, side] =
      direction < 0 ? (['pH-down', 'below'] as const) : (['pH-up', 'over'] as const)
    return [
      {
        id,
        words: `At pH ${formatDecimals(pH, 1)} and ${side}, ${other.candidate.name} would lead.`,
      },
    ]
  }
  return []
}

/** How cheap the runner-up would have to be. */
function priceChanger(ranked: readonly RankedCandidate[]): OrderChanger[] {
  const [first, second] = ranked
  const [ours, theirs] = [first?.costPerWorkingKg, second?.costPerWorkingKg]
  if (first?.fitness !== 'works' || second?.fitness !== 'works' || !ours || !theirs) return []
  const now = second.candidate.pricePerKg.usual
  const even = (now * ours.usual) / theirs.usual
  const { name } = second.candidate
  if (formatNumber(even, 2) === formatNumber(now, 2)) {
    return [{ id: 'price', words: `${name} costs as much for a kilogram of iron at work.` }]
  }
  return [
    {
      id: 'price',
      words: `${name} would lead if a kilogram of it cost less than ${formatNumber(even, 2)} (now about ${formatNumber(now, 2)}).`,
    },
  ]
}

/**
 * What would change the first place: the nearest pH on either side, and the price of the runner-up.
 * By the leaf pH changes nothing.
 */
export function orderChangers(
  input: ChoiceInput,
  ranked: readonly RankedCandidate[],
): readonly OrderChanger[] {
  const [leader] = ranked
  if (!leader) return []
  const byPH =
    input.route === 'leaf' ? [] : [...pHChanger(input, leader, -1), ...pHChanger(input, leader, 1)]
  return [...byPH, ...priceChanger(ranked)]
}
