import type { ProductDto } from '@spudder/contract/shelf'
import { emptyLabelDraft, type LabelDraft } from '@spudder/core/material/label'
import type { Stain } from '@spudder/core/material/shelf'
import type { IronSourceId } from '@spudder/core/material/source'

/** A product as it is typed; it survives a reload. */
export interface ProductDraft {
  readonly id: string
  /** The product that is changed; empty for a new one. */
  editing: string
  /** The state of it that was seen; empty for a new one. */
  seen: string
  name: string
  /** Empty: by the label. */
  sourceId: IronSourceId | ''
  label: LabelDraft
  packPrice: string
  pack: string
  density: string
  stock: string
  lot: string
  /** The last day on which it ought to be used; empty where the bag says none. */
  lotUseBy: string
  labelRate: string
  labelMaximum: string
  stain: Stain
  organic: ProductDto['organic']
  applicator: NonNullable<ProductDto['applicator']>
  hazards: string
  note: string
}

export const freshProduct = (): ProductDraft => ({
  id: crypto.randomUUID(),
  editing: '',
  seen: '',
  name: '',
  sourceId: '',
  label: emptyLabelDraft,
  packPrice: '',
  pack: '',
  density: '',
  stock: '',
  lot: '',
  lotUseBy: '',
  labelRate: '',
  labelMaximum: '',
  stain: 'rust',
  organic: 'unknown',
  applicator: 'anybody',
  hazards: '',
  note: '',
})

export const productDraftKey = 'product'

/** Lays something ready for the form of the shelf. */
export function keepProductDraft(part: Partial<ProductDraft>): void {
  const draft = { ...freshProduct(), ...part }
  localStorage.setItem(`spudder:draft:${productDraftKey}`, JSON.stringify(draft))
}
