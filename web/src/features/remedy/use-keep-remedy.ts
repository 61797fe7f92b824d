import { placeRoutes } from '@spudder/contract/place'
import { productRoutes } from '@spudder/contract/shelf'
import { remedyRoutes } from '@spudder/contract/remedy'
import { useChange } from '../../api/use-change.ts'
import { CreateRemedyDto, requestOf } from '@spudder/contract/remedy'
import type { StandDto } from '@spudder/contract/stand'
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
    ...given('hasStrip', (hasStrip && remedy.strip.value !== undefined) || undefined),
  }
}

/** Keeps what was measured once where it belongs: water with the place, spoon with the product. */
function useKeepMeasured(stand: StandDto, { conditioning, weighedKgPerL, product }: Draft) {
  const changeSettings = useChange(placeRoutes.changeSettings)
  const changeProduct = useChange(productRoutes.change)
  return async (): Promise<void> => {
    const keeping: Promise<unknown>[] = []
    if (conditioning.value) {
      const { alkalinityMgPerLCaCO3, pH } = conditioning.value
      const sprayWater = { alkalinityMgPerLCaCO3, pH }
      keeping.push(changeSettings.send({ placeId: stand.placeId, dto: { sprayWater } }))
    }
    const densityKgPerL = weighedKgPerL.value
    if (product.value && densityKgPerL !== undefined) {
      keeping.push(changeProduct.send({ productId: product.value.id, dto: { densityKgPerL } }))
    }
    // The remedy is stored already; that something could not be kept besides must not undo it.
    await Promise.all(keeping)
  }
}

/** Plans the remedy: it is stored, and its jobs with it. */
export function useKeepRemedy(stand: StandDto, against: AgainstCause, remedy: Draft) {
  const { openCase } = useStandCase()
  const choose = useChange(remedyRoutes.choose, { told: 'beside' })
  const { checked, messageFor } = useChecked(CreateRemedyDto, () => choose.error.value)
  const keepMeasured = useKeepMeasured(stand, remedy)
  /** False, with messages set, where something stands against it. */
  async function save(): Promise<boolean> {
    const isTankUnread = remedy.draft.value.tank !== '' && remedy.tankL.value === undefined
    const isBad = isTankUnread || remedy.fills.value.problem || remedy.acid.value.problem
    if (!openCase.value || !remedy.chosen.value || isBad || remedy.isStopped.value) return false
    if (remedy.isUnanswered.value) return false
    const dto = checked(requestWith(remedy, against))
    if (!dto) return false
    const stored = await choose.send({ caseId: openCase.value.id, dto }, remedy.failed)
    if (!stored) return false
    await keepMeasured()
    remedy.forget()
    return true
  }
  return { choose, messageFor, save }
}
