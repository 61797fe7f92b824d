import type { StandDto } from '@spudder/contract/stand'
import { computed, inject, provide, type InjectionKey } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKeepLimit } from '../../shared/season/use-keep-limit.ts'
import { useCause } from './use-cause.ts'
import { useKeepRemedy } from './use-keep-remedy.ts'
import { useRemedyDraft } from './use-remedy-draft.ts'
import { useRemedyKnown } from './use-remedy-known.ts'
import { useRemedySums } from './use-remedy-sums.ts'

/** Everything that the remedy screen works with: what is known, what is chosen, what it comes to. */
function buildRemedyStore(stand: StandDto) {
  const { system, place } = useStandCase()
  const against = useCause()
  const { facts, shelf, presentIron } = useRemedyKnown(stand, against.nutrient)
  const remedy = useRemedyDraft(facts)
  return {
    ...remedy,
    against,
    stand,
    size: facts.size,
    system,
    place,
    pH: facts.pH,
    presentIron,
    shelf,
    sprayers: facts.sprayers,
    jarTests: facts.jarTests,
    labelMaximum: computed(() => remedy.product.value?.labelMaximum ?? undefined),
    sums: useRemedySums(stand, facts, remedy),
    keepLimit: useKeepLimit(),
    ...useKeepRemedy(stand, against, remedy),
  }
}

type RemedyStore = ReturnType<typeof buildRemedyStore>
const storeKey: InjectionKey<RemedyStore> = Symbol('remedy store')

/** Makes the store of a stand and hands it to the parts of the remedy screen. */
export function provideRemedyStore(stand: StandDto): RemedyStore {
  const store = buildRemedyStore(stand)
  provide(storeKey, store)
  return store
}

/** The store of the screen that this part lies on. */
export function useRemedyStore(): RemedyStore {
  const store = inject(storeKey)
  if (!store) throw new Error('a part of the remedy screen lies outside it')
  return store
}
