import { CreateRemedyDto, requestOf } from '@spudder/contract/remedy'
import { toShelfProduct } from '@spudder/contract/shelf'
import { toStandSize, type StandDto } from '@spudder/contract/stand'
import { applicationsOf, contentsOf } from '@spudder/core/days/entry'
import { addDays } from '@spudder/core/base/calendar'
import { contexts } from '@spudder/core/stand/plant'
import { seasonSums } from '@spudder/core/soil/season'
import { shelfCandidate } from '@spudder/core/material/shelf'
import { computed, inject, provide, type InjectionKey } from 'vue'
import { useChangeSettings } from '../../api/bench.ts'
import { useWeather } from '../../api/places.ts'
import { useChangeProduct, useShelf } from '../../api/shelf.ts'
import { useJarTests, useSprayers } from '../../api/sprayers.ts'
import { useChooseRemedy } from '../../api/stands.ts'
import { pHAt } from '../../shared/case/pH-now.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { useKeepLimit } from '../../shared/season/use-keep-limit.ts'
import { today } from '../../shared/units/today.ts'
import { presentIronOf } from './present-iron.ts'
import { useCause } from './use-cause.ts'
import { useRemedyDraft } from './use-remedy-draft.ts'

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

/** Everything that the remedy screen works with: what is known, what is chosen, what it comes to. */
function buildRemedyStore(stand: StandDto) {
  const { standId, story, system, openCase, remedies, place } = useStandCase()
  const size = toStandSize(stand.size)
  const against = useCause()

  const pH = computed(() => story.value && pHAt(story.value, today()))
  const presentIron = computed(() => presentIronOf(story.value))
  const presentIronMgPerL = computed(() => presentIron.value?.mgPerL)
  const shelf = useShelf(() => stand.placeId)
  const products = computed(() => shelf.data.value ?? [])
  const sprayerQuery = useSprayers(() => stand.placeId)
  const sprayers = computed(() =>
    (sprayerQuery.data.value ?? []).filter(({ isRetired }) => !isRetired),
  )
  const jarQuery = useJarTests(() => stand.placeId)
  const jarTests = computed(() => jarQuery.data.value ?? [])
  const forecast = useWeather(
    () => stand.placeId,
    () => today(),
    () => addDays(today(), 10),
  )
  const remedy = useRemedyDraft({
    standId: standId.value,
    context: stand.context,
    firstRoute: remedies.value.at(-1)?.route ?? contexts[stand.context].routes[0],
    size,
    nutrient: against.nutrient,
    shelf: computed(() =>
      products.value
        .filter(({ isRetired }) => !isRetired)
        .map((product) => shelfCandidate(product.id, toShelfProduct(product))),
    ),
    pH,
    presentIronMgPerL,
    measures: computed(() => stand.measures ?? {}),
    products,
    sprayers,
    jarTests,
    readings: computed(() => story.value?.readings ?? []),
    maxCOn: computed(
      () => (day: string) => forecast.data.value?.days.find((each) => each.day === day)?.maxC,
    ),
    system,
  })
  const { draft, chosen, amount } = remedy
  const product = computed(() => products.value.find(({ id }) => id === chosen.value?.id))

  /** Sums of the season with what is being put together on top. */
  const sums = computed(() => {
    const total = amount.value.value
    if (!story.value || !total || !chosen.value) return []
    const day = draft.value.applyOn || today()
    const contents = contentsOf(
      {
        productId: chosen.value.origin === 'shelf' ? chosen.value.id : null,
        sourceId: chosen.value.sourceId,
        contentShare: remedy.contentShare.value,
      },
      products.value,
    )
    return seasonSums({
      context: stand.context,
      on: day,
      groundM2: size.kind === 'area' ? size.areaM2 : stand.measures?.groundM2,
      ownLimits: place.value?.settings.seasonLimits,
      applications: [
        ...applicationsOf(story.value, products.value),
        { day, productKg: total.productKg, contents, isPlanned: true },
      ],
    })
  })

  const choose = useChooseRemedy()
  const { checked, messageFor } = useChecked(CreateRemedyDto, () => choose.error.value)
  const changeSettings = useChangeSettings()
  const changeProduct = useChangeProduct()

  /** Keeps what was measured once where it belongs: water with the place, spoon with the product. */
  async function keepWhatWasMeasured(): Promise<void> {
    const keeping: Promise<unknown>[] = []
    if (remedy.conditioning.value) {
      const { alkalinityMgPerLCaCO3, pH: waterPH } = remedy.conditioning.value
      const sprayWater = { alkalinityMgPerLCaCO3, pH: waterPH }
      keeping.push(changeSettings.mutateAsync({ id: stand.placeId, dto: { sprayWater } }))
    }
    const densityKgPerL = remedy.weighedKgPerL.value
    if (product.value && densityKgPerL !== undefined) {
      keeping.push(changeProduct.mutateAsync({ id: product.value.id, dto: { densityKgPerL } }))
    }
    // The remedy is stored already; that something could not be kept besides must not undo it.
    await Promise.allSettled(keeping)
  }

  /** Plans it; false, with messages set, where something stands against it. */
  async function save(): Promise<boolean> {
    const isTankUnread = draft.value.tank !== '' && remedy.tankL.value === undefined
    const isBad = isTankUnread || remedy.fills.value.problem || remedy.acid.value.problem
    if (!openCase.value || !chosen.value || isBad || remedy.isStopped.value) return false
    const dto = checked(requestWith(remedy, against))
    if (!dto) return false
    const stored = await choose
      .mutateAsync({ id: openCase.value.id, dto })
      .catch((error: unknown) => remedy.failed(error))
    if (!stored) return false
    await keepWhatWasMeasured()
    remedy.forget()
    return true
  }

  return {
    ...remedy,
    against,
    stand,
    size,
    system,
    place,
    pH,
    presentIron,
    shelf,
    sprayers,
    jarTests,
    labelMaximum: computed(() => product.value?.labelMaximum ?? undefined),
    sums,
    choose,
    messageFor,
    keepLimit: useKeepLimit(),
    save,
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
