import type { OwnCaseDto } from '@spudder/contract/drill'
import {
  drawCase,
  drillOwn,
  type DrilledCase,
  type DrillKind,
  type DrillSpec,
} from '@spudder/core/verdict/drill'
import type { Context } from '@spudder/core/stand/plant'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'

/** A case under way, as far as it has come; it survives the page. */
export interface DrillDraft {
  readonly id: string
  /** The case that is drawn, or the own one. */
  readonly spec: DrillSpec | null
  readonly own?: OwnCaseDto | undefined
  /** Checks made, in their order. */
  readonly asked: readonly string[]
  readonly saidId: string
}

/** A case with its truth. */
export function drilledOf({ spec, own }: Pick<DrillDraft, 'spec' | 'own'>): DrilledCase {
  if (own) return drillOwn(own)
  if (spec) return drawCase(spec)
  throw new Error('a case under way is drawn or own')
}

/** The case under way, if any, and what was last drilled. */
export const useDrillDraft = defineStore('drill-draft', () => {
  const kept = useLocalStorage<{ readonly draft: DrillDraft | null }>('spudder:drill', {
    draft: null,
  })
  const kind = useLocalStorage<DrillKind>('spudder:drill-kind', 'leaf')
  const context = useLocalStorage<Context>('spudder:drill-stand', 'turf')
  function begin(of: Pick<DrillDraft, 'spec' | 'own'>): void {
    kept.value = { draft: { id: crypto.randomUUID(), ...of, asked: [], saidId: '' } }
  }
  function change(part: Partial<DrillDraft>): void {
    const { draft } = kept.value
    if (draft) kept.value = { draft: { ...draft, ...part } }
  }
  const end = () => (kept.value = { draft: null })
  return { kept, kind, context, begin, change, end }
})
