import { formatDecimals } from '../../base/writing/index.ts'
import { ceilingPH } from './ceiling.ts'
import { isNone } from '../../base/reference/index.ts'
import { ligandIds, ligands, type LigandId, type TradeCeiling } from '../source/index.ts'

/** How computed and customary ceilings of a chelate in lime soil stand to each other. */
export interface TradeComparison {
  readonly ligandId: LigandId
  readonly ceiling: TradeCeiling
  /** pH up to which 80 % is kept with a field's zinc and copper; undefined: never. */
  readonly field80: number | undefined
  /** pH up to which half is kept with all the zinc and copper that soil minerals allow. */
  readonly full50: number | undefined
  readonly verdict: 'agrees' | 'model-lower' | 'model-higher'
  readonly words: string
  /** Why they differ; empty where they agree. */
  readonly why: string
}

const said = (pH: number | undefined): string =>
  pH === undefined ? 'never' : pH >= 10.99 ? 'to pH 11 and over' : `to pH ${formatDecimals(pH, 1)}`

function verdictOf(
  { pHs }: TradeCeiling,
  computed: readonly (number | undefined)[],
): TradeComparison['verdict'] {
  const known = computed.filter((pH) => pH !== undefined)
  const [lowest, highest] = [pHs[0], pHs.at(-1)]
  if (lowest === undefined || highest === undefined) {
    return known.length === 0 ? 'agrees' : 'model-higher'
  }
  // The trade speaks in halves of a pH, so a quarter off is the same.
  if (known.some((pH) => pH >= lowest - 0.25)) return 'agrees'
  return 'model-lower'
}

/**
 * Each customary ceiling beside the computed one. No constant is fitted to the trade; the trade
 * names no share that must be left, so agreement is by a defensible reading and no proof.
 * @source constants of data/; common practice
 */
export function compareWithTrade(): readonly TradeComparison[] {
  return ligandIds.flatMap((ligandId): TradeComparison[] => {
    const { ceiling, name } = ligands[ligandId]
    if (isNone(ceiling)) return []
    const field80 = ceilingPH(ligandId, 0.8, { competition: 'field' })
    const full50 = ceilingPH(ligandId, 0.5, { competition: 'full' })
    const verdict = verdictOf(ceiling, [field80, full50])
    const words = `${name}: practice says ${ceiling.words}; calculated, four fifths of its iron holds ${said(field80)}, half of it against all the zinc and copper of soil ${said(full50)}.`
    const { whyCalculatedOtherwise } = ceiling
    const why = verdict === 'agrees' || isNone(whyCalculatedOtherwise) ? '' : whyCalculatedOtherwise
    return [{ ligandId, ceiling, field80, full50, verdict, words: `${words} ${why}`.trim(), why }]
  })
}
