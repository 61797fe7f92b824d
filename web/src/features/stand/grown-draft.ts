import type { StandMeasuresDto } from '@spudder/contract/stand'
import { CoreError } from '@spudder/core/base/error'
import {
  amountWords,
  parseQuantity,
  valueIn,
  type Dimension,
  type UnitSystem,
} from '@spudder/core/base/quantity'
import { typedNumber } from '@spudder/core/base/writing'
import type { Variety } from '@spudder/core/stand/plant'
import { numberIn } from '../../shared/form/number-text.ts'

/** How a stand grows, as it is typed. */
export interface GrownDraft {
  inRow: string
  betweenRows: string
  canopy: string
  rootDepth: string
  variety: Variety | ''
  pHLow: string
  pHHigh: string
  plantedOn: string
  emergedOn: string
  isAlone: boolean
}

/** What was measured of the size; the rest tells how it grows. */
const sizeFields = ['outline', 'atM', 'groundM2', 'plantCount', 'rowM'] as const
type SizeField = (typeof sizeFields)[number]
type Grown = Omit<StandMeasuresDto, SizeField>

/** What is known of a stand, parted into what its size tells and how it grows. */
export function partMeasures(known: StandMeasuresDto | null | undefined): {
  readonly sizes: Pick<StandMeasuresDto, SizeField>
  readonly grown: Grown
} {
  const isOfSize = (name: string) => (sizeFields as readonly string[]).includes(name)
  const entries = Object.entries(known ?? {})
  return {
    sizes: Object.fromEntries(entries.filter(([name]) => isOfSize(name))),
    grown: Object.fromEntries(entries.filter(([name]) => !isOfSize(name))),
  }
}

/** What is typed as a quantity: its field, its dimension, and the field that keeps it. */
const quantities = {
  inRow: ['length', 'm', 'inRowM'],
  betweenRows: ['length', 'm', 'betweenRowsM'],
  canopy: ['area', 'm2', 'canopyM2'],
  rootDepth: ['length', 'm', 'rootDepthM'],
} as const satisfies Partial<Record<keyof GrownDraft, readonly [Dimension, string, keyof Grown]>>
const quantityNames = Object.keys(quantities) as (keyof typeof quantities)[]

/** The draft begun with what is known. */
export function grownDraftOf(known: StandMeasuresDto | null, system: UnitSystem): GrownDraft {
  const said = (name: keyof typeof quantities) => {
    const [dimension, , field] = quantities[name]
    const value = known?.[field]
    return value === undefined ? '' : amountWords(dimension, value, system, 3)
  }
  const number = (value: number | undefined) => (value === undefined ? '' : typedNumber(value))
  return {
    inRow: said('inRow'),
    betweenRows: said('betweenRows'),
    canopy: said('canopy'),
    rootDepth: said('rootDepth'),
    variety: known?.variety ?? '',
    pHLow: number(known?.pHLow),
    pHHigh: number(known?.pHHigh),
    plantedOn: known?.plantedOn ?? '',
    emergedOn: known?.emergedOn ?? '',
    isAlone: known?.isAlone ?? false,
  }
}

/** Reads how a stand grows; a field left empty says nothing. */
export function readGrown(draft: GrownDraft): {
  readonly grown: Grown
  readonly problems: Readonly<Record<string, string>>
} {
  const grown: Grown = {}
  const problems: Record<string, string> = {}
  for (const name of quantityNames) {
    if (draft[name].trim() === '') continue
    const [dimension, unit, field] = quantities[name]
    try {
      grown[field] = valueIn(parseQuantity(draft[name], dimension), unit)
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      problems[name] = error.sentence()
    }
  }
  if (draft.variety !== '') grown.variety = draft.variety
  if (draft.pHLow.trim() !== '') grown.pHLow = numberIn(draft.pHLow)
  if (draft.pHHigh.trim() !== '') grown.pHHigh = numberIn(draft.pHHigh)
  if (grown.pHLow !== undefined && grown.pHHigh !== undefined && grown.pHLow >= grown.pHHigh) {
    problems['pHHigh'] = 'Give the upper end above the lower one.'
  }
  if (draft.plantedOn !== '') grown.plantedOn = draft.plantedOn
  if (draft.emergedOn !== '') grown.emergedOn = draft.emergedOn
  if (draft.plantedOn !== '' && draft.emergedOn !== '' && draft.emergedOn < draft.plantedOn) {
    problems['emergedOn'] = 'It cannot come up before it was planted.'
  }
  if (draft.isAlone) grown.isAlone = true
  return { grown, problems }
}
