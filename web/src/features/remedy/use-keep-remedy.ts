import { CreateRemedyDto, requestOf } from '@spudder/contract/remedy'
import type { StandDto } from '@spudder/contract/stand'
import { useChangeSettings } from '../../api/bench.ts'
import { useChangeProduct } from '../../api/shelf.ts'
import { useChooseRemedy } from '../../api/stands.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import type { useCause } from './use-cause.ts'
import type { useRemedyDraft } from './use-remedy-draft.ts'

type Draft = ReturnType<typeof useRemedyDraft>
type AgainstCause = ReturnType<typeof useCause>

/** The request that a finished draft is sent as; to be checked by its class. */
function requestWith(remedy: Draft, { cause, nutrient }: AgainstCause) {
  const { draft, chosen, choice } = remedy
  const { id, applyOn, lasting, retestOn, sprayerId, repeats, hasStrip } = draft.value
  const given = (name: string, value: unknown) => (value === undefined ? {} : { [name]: value })
  return {
    id,
    causeId: cause.value?.id,
    applyOn,
    lasting,
    ...(choice.value ? requestOf(choice.value) : {}),
    ...given('productId', chosen.value?.origin === 'shelf' ? chosen.value.id : undefined),
    ...given('aim', nutrient.value === 'Fe' ? remedy.aimId.value : undefined),
    ...given('sprayerId', remedy.rate.value?.carrier && sprayerId !== '' ? sprayerId : undefined),
    ...given('retestOn', retestOn === '' ? undefined : retestOn),
    ...given('repeats', repeats === '0' ? undefined : numberIn(repeats)),
    ...given('hasStrip', hasStrip || undefined),
  }
}

/** Keeps what was measured once where it belongs: water with the place, spoon with the product. */
function useKeepMeasured(stand: StandDto, { conditioning, weighedKgPerL, product }: Draft) {
  const changeSettings = useChangeSettings()
  const changeProduct = useChangeProduct()
  return async (): Promise<void> => {
    const keeping: Promise<unknown>[] = []
    if (conditioning.value) {
      const { alkalinityMgPerLCaCO3, pH } = conditioning.value
      const sprayWater = { alkalinityMgPerLCaCO3, pH }
      keeping.push(changeSettings.mutateAsync({ id: stand.placeId, dto: { sprayWater } }))
    }
    const densityKgPerL = weighedKgPerL.value
    if (product.value && densityKgPerL !== undefined) {
      keeping.push(changeProduct.mutateAsync({ id: product.value.id, dto: { densityKgPerL } }))
    }
    // The remedy is stored already; that something could not be kept besides must not undo it.
    await Promise.allSettled(keeping)
  }
}

/** Plans the remedy: it is stored, and its jobs with it. */
export function useKeepRemedy(stand: StandDto, against: AgainstCause, remedy: Draft) {
  const { openCase } = useStandCase()
  const choose = useChooseRemedy()
  const { checked, messageFor } = useChecked(CreateRemedyDto, () => choose.error.value)
  const keepMeasured = useKeepMeasured(stand, remedy)
  /** False, with messages set, where something stands against it. */
  async function save(): Promise<boolean> {
    const isTankUnread = remedy.draft.value.tank !== '' && remedy.tankL.value === undefined
    const isBad = isTankUnread || remedy.fills.value.problem || remedy.acid.value.problem
    if (!openCase.value || !remedy.chosen.value || isBad || remedy.isStopped.value) return false
    const dto = checked(requestWith(remedy, against))
    if (!dto) return false
    const stored = await choose
      .mutateAsync({ id: openCase.value.id, dto })
      .catch((error: unknown) => remedy.failed(error))
    if (!stored) return false
    await keepMeasured()
    remedy.forget()
    return true
  }
  return { choose, messageFor, save }
}
