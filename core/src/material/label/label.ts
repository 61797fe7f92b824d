import type { IronSourceId, Nutrient } from '../source/index.ts'

/** A label as typed or pasted, field by field, kept as it stands whether it can be read or not. */
export interface LabelDraft {
  /** Guaranteed analysis [%], as text. */
  readonly analysis: Readonly<Partial<Record<Nutrient, string>>>
  /** Iron that is chelated [%], or "all"; empty where the label does not say. */
  readonly chelated: string
  readonly waterSoluble: string
  /** Iron in the ortho-ortho isomer [%]. */
  readonly orthoOrtho: string
  /** What the label says the nutrients are derived from. */
  readonly derivedFrom: string
}

/** A label that can be calculated with. All figures in percent of the product. */
export interface Label {
  readonly totals: Readonly<Partial<Record<Nutrient, number>>>
  /** Total iron. */
  readonly iron: number
  readonly chelated?: number
  readonly waterSoluble?: number
  readonly orthoOrtho?: number
  /** Iron sources that it names; none: it may be any. */
  readonly sourceIds: readonly IronSourceId[]
  /** Carriers of other nutrients that it names; none: the most compact are taken. */
  readonly ingredientIds: readonly string[]
  /** Names on the label that are not known here. */
  readonly unknownNames: readonly string[]
}

export const emptyLabelDraft: LabelDraft = {
  analysis: {},
  chelated: '',
  waterSoluble: '',
  orthoOrtho: '',
  derivedFrom: '',
}
