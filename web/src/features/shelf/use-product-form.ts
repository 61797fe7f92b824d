import { formatNumber, typedNumber } from '@spudder/core/base/writing'
import { productRoutes } from '@spudder/contract/shelf'
import { useUndo } from '../../shared/history/use-undo.ts'
import { useChange } from '../../api/use-change.ts'
import { ChangeProductDto, CreateProductDto, type ProductDto } from '@spudder/contract/shelf'
import { CoreError } from '@spudder/core/base/error'
import { checkLabel } from '@spudder/core/material/label'
import { amountWords, parseUnit, rateText, type UnitSystem } from '@spudder/core/base/quantity'
import { isOverMaximum, rateOverMaximum } from '@spudder/core/material/rate'
import { mainSourceOf, plainForm } from '@spudder/core/material/shelf'
import { computed, ref, type Ref } from 'vue'
import { useKept } from '../../shared/form/kept.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import {
  freshProduct,
  productDraftKey,
  type ProductDraft,
} from '../../shared/label/product-draft.ts'

/** "4 oz/1000 ft2" as value and unit; undefined where it is neither. */
function labelFigureOf(text: string): { value: number; unit: string } | undefined {
  const [, number = '', unit = ''] = /^\s*([\d.,]+)\s*(.+?)\s*$/.exec(text) ?? []
  try {
    parseUnit(unit)
  } catch (error) {
    if (error instanceof CoreError) return undefined
    throw error
  }
  const value = numberIn(number)
  return Number.isFinite(value) ? { value, unit } : undefined
}

/** A figure of a label as it is said where the place is. */
export const labelExample = (system: UnitSystem): string => rateText([3], 'oz/1000 ft2', system)

/** A stored product as it was typed. */
function draftOf(product: ProductDto, system: UnitSystem): ProductDraft {
  const mass = (kg: number | null) => (kg === null ? '' : amountWords('mass', kg, system, 4))
  const figure = (of: ProductDto['labelRate']) => (of ? `${typedNumber(of.value)} ${of.unit}` : '')
  const { id, name, sourceId, label, lot, stain, organic, applicator, hazards, note } = product
  return {
    ...freshProduct(),
    editing: id,
    seen: String(product.version),
    name,
    sourceId,
    label,
    packPrice: product.packPrice === null ? '' : typedNumber(product.packPrice),
    pack: mass(product.packKg),
    density: product.densityKgPerL === null ? '' : `${formatNumber(product.densityKgPerL)} kg/L`,
    stock: mass(product.stockKg),
    lot,
    lotUseBy: product.lotUseBy ?? '',
    labelRate: figure(product.labelRate),
    labelMaximum: figure(product.labelMaximum),
    stain,
    organic,
    applicator: applicator ?? 'anybody',
    hazards,
    note,
  }
}

/** Quantities as their fields read them; undefined while empty or unreadable. */
function useReadAmounts(draft: Ref<ProductDraft>, system: () => UnitSystem) {
  const packKg = ref<number>()
  const stockKg = ref<number>()
  const densityKgPerL = ref<number>()
  const rate = computed(() => labelFigureOf(draft.value.labelRate))
  const maximum = computed(() => labelFigureOf(draft.value.labelMaximum))
  const messages = computed<Readonly<Record<string, string>>>(() => {
    const { packPrice, labelRate, labelMaximum } = draft.value
    const asOnLabel = `Give it as the label does, such as ${labelExample(system())}.`
    return {
      ...(packPrice !== '' && !(numberIn(packPrice) >= 0)
        ? { packPrice: 'Give the price as a number, such as 31.50.' }
        : {}),
      ...(labelMaximum !== '' && !maximum.value ? { labelMaximum: asOnLabel } : {}),
      ...(labelRate !== '' && !rate.value ? { labelRate: asOnLabel } : {}),
      ...(rate.value && maximum.value && isOverMaximum(rate.value, maximum.value)
        ? { labelRate: rateOverMaximum }
        : {}),
    }
  })
  /** A text that is not empty has to have been read. */
  const isUnread = (text: string, value: number | undefined) =>
    text.trim() !== '' && value === undefined
  return {
    packKg,
    stockKg,
    densityKgPerL,
    messages,
    isBlocked: computed(
      () =>
        Object.keys(messages.value).length > 0 ||
        isUnread(draft.value.pack, packKg.value) ||
        isUnread(draft.value.stock, stockKg.value) ||
        isUnread(draft.value.density, densityKgPerL.value),
    ),
    /** All of them as they are sent; undefined where a field is empty. */
    amounts: computed(() => ({
      packPrice: draft.value.packPrice === '' ? undefined : numberIn(draft.value.packPrice),
      packKg: packKg.value,
      stockKg: stockKg.value,
      densityKgPerL: densityKgPerL.value,
      labelRate: rate.value,
      labelMaximum: maximum.value,
    })),
  }
}

type Amounts = ReturnType<typeof useReadAmounts>['amounts']['value'] & {
  readonly lotUseBy: string | undefined
}

/** A new product has only the amounts that were given. */
const givenOf = (amounts: Amounts) =>
  Object.fromEntries(Object.entries(amounts).filter(([, value]) => value !== undefined))
/** A changed one loses those that were emptied. */
const emptiedOf = (amounts: Amounts) =>
  Object.fromEntries(Object.entries(amounts).map(([key, value]) => [key, value ?? null]))

type ProductChange = ReturnType<typeof useChange<typeof productRoutes.change>>

/** Takes a product off the shelf, or puts it back; either can be taken back while it is said. */
function useRetire(change: ProductChange, failed: (problem: unknown) => void) {
  const undo = useUndo()
  return async ({ id, name, version, isRetired }: ProductDto): Promise<void> => {
    const dto = { isRetired: !isRetired, version }
    if (!(await change.send({ productId: id, dto }, failed))) return
    const words = isRetired ? `${name} is on the shelf again.` : `${name} is off the shelf.`
    undo.offer(words, change.lastId())
  }
}

/** The form of a product: new or changed, checked as the server does. */
export function useProductForm(placeId: () => string, system: () => UnitSystem) {
  const { value: draft, forget, failed } = useKept(productDraftKey, freshProduct)
  const create = useChange(productRoutes.create, { told: 'beside' })
  const change = useChange(productRoutes.change, { told: 'beside' })
  const retire = useRetire(change, failed)
  const problem = computed(() => create.error.value ?? change.error.value)
  const forCreate = useChecked(CreateProductDto, () => problem.value)
  const forChange = useChecked(ChangeProductDto, () => problem.value)
  const { packKg, stockKg, densityKgPerL, messages, isBlocked, amounts } = useReadAmounts(
    draft,
    system,
  )
  const label = computed(() => checkLabel(draft.value.label).label)
  const inferred = computed(() => label.value && mainSourceOf(label.value))

  /** @returns undefined where the form is not right yet, or the server refused */
  function send() {
    const { editing, seen, id, name, label: typed, lot, lotUseBy, ...more } = draft.value
    const sourceId = draft.value.sourceId || inferred.value || plainForm()
    const { stain, organic, applicator, hazards, note } = more
    const words = { name, sourceId, label: typed, lot, stain, organic, applicator, hazards, note }
    const useBy = lotUseBy === '' ? undefined : lotUseBy
    if (editing === '') {
      const dto = forCreate.checked({
        id,
        ...words,
        ...givenOf({ ...amounts.value, lotUseBy: useBy }),
      })
      return dto && create.send({ placeId: placeId(), dto }, failed)
    }
    const dto = forChange.checked({
      ...words,
      ...emptiedOf({ ...amounts.value, lotUseBy: useBy }),
      ...(seen ? { version: Number(seen) } : {}),
    })
    return dto && change.send({ productId: editing, dto }, failed)
  }
  async function save(): Promise<boolean> {
    if (isBlocked.value || !(await send())) return false
    forget()
    return true
  }

  return {
    draft,
    forget,
    packKg,
    stockKg,
    densityKgPerL,
    inferred,
    messageFor: (field: string): string | undefined =>
      messages.value[field] ?? forCreate.messageFor(field) ?? forChange.messageFor(field),
    problem,
    isSaving: computed(() => create.isLoading.value || change.isLoading.value),
    save,
    edit: (product: ProductDto) => (draft.value = draftOf(product, system())),
    retire,
  }
}
