import { PiniaColada } from '@pinia/colada'
import { mount } from '@vue/test-utils'
import type { StandSize } from '@spudder/core/stand/plant'
import { formatQuantity, inPlaceUnits, valueIn, parseQuantity } from '@spudder/core/base/quantity'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia } from 'pinia'
import { computed, defineComponent, nextTick, ref } from 'vue'
import OfferList from './OfferList.vue'
import { useRemedyDraft } from './use-remedy-draft.ts'

type Facts = Parameters<typeof useRemedyDraft>[0]
const lawn: StandSize = { kind: 'area', areaM2: 1444 }

/** The draft as a component has it, with the fields that hand on what is typed. */
function draftOf(change: Partial<Facts> = {}) {
  const pH = ref<{ pH: number; doubt: number } | undefined>({ pH: 7.8, doubt: 0.2 })
  let made: ReturnType<typeof useRemedyDraft> | undefined
  mount(
    defineComponent(() => {
      made = useRemedyDraft({
        standId: 'a stand',
        context: 'turf',
        plantId: 'bermudagrass',
        plantPH: { low: 6, high: 7 },
        firstRoute: 'leaf',
        size: lawn,
        nutrient: computed(() => 'Fe' as const),
        shelf: computed(() => []),
        pH: computed(() => pH.value),
        presentIronMgPerL: computed(() => undefined),
        expects: computed(() => (published) => published),
        measures: computed(() => ({})),
        products: computed(() => []),
        sprayers: computed(() => []),
        jarTests: computed(() => []),
        readings: computed(() => []),
        maxCOn: computed(() => () => undefined),
        system: computed(() => 'us' as const),
        ...change,
      })
      return () => null
    }),
  )
  if (!made) throw new Error('the draft was not made')
  const remedy = made
  /** Reads the water that stands in its field, as the field does. */
  const read = () => {
    const { rate, draft } = remedy
    if (!rate.value) return
    const { carrier } = rate.value
    if (carrier)
      remedy.carrierValue.value = valueIn(parseQuantity(draft.value.carrier), carrier.unit)
  }
  read()
  return { remedy, pH, read }
}
beforeEach(() => {
  localStorage.clear()
  // No place is known: what is paid in is what is usual.
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json([])))
})

describe('a remedy being put together', () => {
  it('begins with the cheapest source that works by the way offered first, at its usual figures', () => {
    const { remedy } = draftOf()
    expect(remedy.chosen.value?.sourceId).toBe('ferrous-sulfate')
    expect(remedy.draft.value).toMatchObject({
      rate: '2 %',
      carrier: '25 gal/acre',
      contentPercent: '20',
    })
    const product = inPlaceUnits('mass', remedy.amount.value.value?.productKg ?? 0, 'us')
    // 25 gal/acre × 0.3568 acre × 2 % w/v: 33.77 L × 20 g/L.
    expect(formatQuantity(product)).toBe('23.8 oz')
  })

  it('takes the best source and its figures anew when the way in changes', async () => {
    const { remedy, read } = draftOf()
    remedy.draft.value.route = 'soil'
    await nextTick()
    read()
    expect(remedy.chosen.value?.sourceId).toBe('fe-eddha')
    expect(remedy.draft.value).toMatchObject({ rate: '2 oz/1000 ft2', contentPercent: '6' })
    expect(remedy.amount.value.value?.productKg).toBeCloseTo(0.8813, 3)
  })

  it('says its usual figures in the units of a metric place, for the same amount', () => {
    const { remedy } = draftOf({ firstRoute: 'soil', system: computed(() => 'metric') })
    expect(remedy.draft.value).toMatchObject({ rate: '6.1 kg/ha', carrier: '20.4 L/100 m2' })
    expect(remedy.amount.value.value?.productKg).toBeCloseTo(0.881, 3)
  })

  it('keeps every source in the running where no pH is known', async () => {
    const { remedy, pH } = draftOf({ firstRoute: 'soil' })
    const failing = () => remedy.offers.value.filter(({ fitness }) => fitness === 'fails').length
    expect(failing()).toBeGreaterThan(1)
    pH.value = undefined
    await nextTick()
    expect(remedy.offers.value.every(({ start }) => start.high > 0.5)).toBe(true)
  })

  it('keeps figures that were typed over a reload', () => {
    draftOf().remedy.draft.value.rate = '1.5 %'
    expect(draftOf().remedy.draft.value.rate).toBe('1.5 %')
  })

  it('says what is wrong with a percentage of iron instead of calculation with it', () => {
    const { remedy } = draftOf()
    remedy.draft.value.contentPercent = '600'
    expect(remedy.contentProblem.value).toMatch(/from 0.1 to 80/)
    expect(remedy.amount.value.value).toBeUndefined()
  })

  const told = ({ problems }: ReturnType<typeof draftOf>['remedy']) =>
    problems.value.map(({ id, stops }) => `${id}${stops ? '!' : ''}`)

  it('warns of too much water, stops a drench, and warns of a rate above the table', () => {
    const { remedy } = draftOf()
    remedy.draft.value.rate = '0.5 %'
    remedy.carrierValue.value = 160
    expect(told(remedy)).toEqual(['runs-off'])
    remedy.carrierValue.value = 400
    expect(told(remedy)).toContain('is-a-drench!')
    expect(remedy.isStopped.value).toBe(true)
    remedy.carrierValue.value = 25
    remedy.draft.value.rate = '4 %'
    expect(told(remedy)).toEqual(['over-usual'])
    expect(remedy.isUnanswered.value).toBe(true)
    remedy.draft.value.why = 'Moss on the north side.'
    expect(remedy.isUnanswered.value).toBe(false)
    expect(remedy.choice.value?.why).toBe('Moss on the north side.')
    remedy.draft.value.rate = '5 %'
    expect(told(remedy)).toContain('over-stop!')
    expect(remedy.amount.value).toMatchObject({ isAboveTable: true })
  })

  it('reads a rate in whatever unit the label says it, or says what has to be known', () => {
    const { remedy } = draftOf()
    remedy.draft.value.rate = '2 oz/1000 ft2'
    // 3.05152 kg/ha × 2 over 1444 m².
    expect(remedy.amount.value.value?.productKg).toBeCloseTo(0.8813, 3)
    remedy.draft.value.rate = '1 lb Fe/acre'
    // 1.12085 kg/ha of iron at 20 %.
    expect(remedy.amount.value.value?.productKg).toBeCloseTo(0.8092, 3)
    remedy.draft.value.rate = '1 oz/in'
    expect(remedy.amount.value.problem).toMatch(/length of row/)
    remedy.draft.value.rate = 'a handful'
    expect(remedy.amount.value.problem).toMatch(/Give a number with a unit/)
  })

  it('weighs a spoon once and keeps it', () => {
    const { remedy } = draftOf({ firstRoute: 'soil' })
    expect(remedy.weighedKgPerL.value).toBeUndefined()
    remedy.spoon.value = { measure: '2 tbsp', weight: '30 g' }
    expect(remedy.densityKgPerL.value).toBeCloseTo(1.0144, 3)
    expect(draftOf({ firstRoute: 'soil' }).remedy.weighedKgPerL.value).toBeCloseTo(1.0144, 3)
    remedy.spoon.value = { measure: '2 tbsp', weight: '5 lb' }
    expect(remedy.spoonProblem.value).toMatch(/Give a number from 0.05 to 5/)
  })

  it('counts in scoops once one was weighed, and shows a strength as a range on the ground', () => {
    const { remedy } = draftOf()
    const { low, high } = remedy.spread.value ?? {}
    // 2 % at 20-30 gal/acre: 3.74-5.61 kg/ha over 1444 m².
    expect(low && low.productKg / 0.1444).toBeCloseTo(3.74, 1)
    expect(high && high.productKg / 0.1444).toBeCloseTo(5.61, 1)
    remedy.draft.value.rate = '40 scoops/1000 ft2'
    expect(remedy.amount.value.problem).toMatch(/weight of a level scoop/)
    remedy.spoon.value = { measure: 'scoop', weight: '1 g' }
    // 40 g over each of 15.543 thousand square feet.
    expect(remedy.amount.value.value?.productKg).toBeCloseTo(0.6217, 3)
  })

  it('wants a jar test before a partner, and brings its water down', () => {
    const { remedy } = draftOf()
    remedy.draft.value.partners = [{ kindId: 'urea', name: 'Urea', dose: '' }]
    expect(told(remedy)).toEqual(['no-jar-test!'])
    Object.assign(remedy.draft.value, {
      partners: [],
      acidId: 'citric',
      alkalinity: '250',
      waterPH: '8.2',
    })
    // 430 g/m³ (derived) in the 33.77 L of the job.
    expect(remedy.acid.value.value?.kg).toBeCloseTo(0.01452, 4)
    remedy.draft.value.targetPH = '9'
    expect(remedy.acid.value.problem).toMatch(/below that of the water/)
  })

  it('splits the job over a tank, or says why it cannot', () => {
    const { remedy } = draftOf()
    remedy.tankL.value = 15
    expect(remedy.fills.value.plan?.fullFills).toBe(2)
    remedy.tankL.value = 0.01
    expect(remedy.fills.value.problem).toMatch(/Give a number from 0.1/)
  })

  it('counts the iron that a solution holds already', () => {
    const size: StandSize = { kind: 'solution', volumeL: 400 }
    const present = computed(() => 0.5)
    const { remedy } = draftOf({
      context: 'aquaponic',
      firstRoute: 'solution',
      size,
      presentIronMgPerL: present,
    })
    // At pH 7.8 EDDHA: (2 − 0.5) mg/L × 400 L ÷ 6 %.
    expect(remedy.amount.value.value?.productKg).toBeCloseTo(0.01, 9)
    expect(remedy.dose.value?.steps.map(({ reachesMgPerL }) => reachesMgPerL)).toEqual([1, 1.5, 2])
  })
})

describe('a nutrient other than iron', () => {
  it('has its own sources, rates and amounts', () => {
    const { remedy } = draftOf({ nutrient: computed(() => 'Mn' as const) })
    expect(remedy.chosen.value?.name).toBe('Manganese sulfate')
    expect(remedy.draft.value.contentPercent).toBe('31')
    // 4 kg/ha over 1444 m².
    expect(remedy.amount.value.value?.productKg).toBeCloseTo(0.5776, 3)
    expect(remedy.amount.value.value?.derivation.inputs.map(({ label }) => label)).toContain(
      'manganese in the product',
    )
    expect(remedy.problems.value).toEqual([])
  })

  it('gives way to iron and back with the cause it is chosen against', async () => {
    const nutrient = ref<'Fe' | 'Mn'>('Mn')
    const { remedy } = draftOf({ nutrient: computed(() => nutrient.value) })
    nutrient.value = 'Fe'
    await nextTick()
    expect(remedy.chosen.value?.sourceId).toBe('ferrous-sulfate')
    expect(remedy.draft.value.contentPercent).toBe('20')
  })
})

describe('the soil water', () => {
  const dtpa = (remedy: ReturnType<typeof draftOf>['remedy']) =>
    remedy.offers.value.find(({ id }) => id === 'fe-dtpa')?.start.usual ?? 0

  it('dragged, moves what works', async () => {
    const { remedy } = draftOf({ firstRoute: 'soil' })
    const before = dtpa(remedy)
    remedy.draft.value.soilWater = {
      ...remedy.draft.value.soilWater,
      calciumFrom: 'measured',
      calciumMmolPerL: 0.1,
    }
    await nextTick()
    expect(dtpa(remedy)).toBeGreaterThan(before + 0.1)
  })

  it('says what would change the order once nothing moves any more', async () => {
    vi.useFakeTimers()
    const { remedy } = draftOf({ firstRoute: 'soil' })
    expect(remedy.changers.value).toEqual([])
    await vi.advanceTimersByTimeAsync(400)
    expect(remedy.changers.value.map(({ id }) => id)).toContain('pH-down')
    vi.useRealTimers()
  })
})

const listOf = (props: InstanceType<typeof OfferList>['$props']) =>
  mount(OfferList, { props, global: { plugins: [createPinia(), [PiniaColada, {}]] } })

describe('the list of what can be chosen', () => {
  it('shows the share of use as a bar, marks the chosen and hands on another', async () => {
    const { remedy } = draftOf({ firstRoute: 'soil' })
    const list = listOf({
      offers: remedy.offers.value,
      chosenId: 'fe-eddha',
      size: lawn,
      system: 'us',
    })
    const rows = list.findAll('.sources > li')
    expect(rows[0]?.text()).toContain('Fe-EDDHA')
    expect(rows[0]?.classes()).toContain('on')
    expect(rows[0]?.find('.bar').attributes('aria-label')).toMatch(/of use \d+ %, \d+ % to 100 %/)
    expect(rows.at(-1)?.text()).toContain('fails here')
    expect(rows.at(-1)?.text()).toContain('lost')
    await list.find('input[value=fe-dtpa]').trigger('change')
    expect(list.emitted('choose')).toEqual([['fe-dtpa']])
  })

  it('does not offer what no rate is known for', () => {
    const { remedy } = draftOf()
    const list = listOf({
      offers: remedy.offers.value,
      chosenId: undefined,
      size: lawn,
      system: 'us',
    })
    expect(list.find('input[value=fe-eddha]').attributes('disabled')).toBeDefined()
  })

  it('shows six at first, the chosen one always, and folds what fails', () => {
    const { remedy } = draftOf()
    const list = listOf({
      offers: remedy.offers.value,
      chosenId: 'fe-dtpa',
      size: lawn,
      system: 'metric',
    })
    expect(list.findAll('[data-group=main] > li')).toHaveLength(7)
    expect(list.find('[data-group=main]').text()).toContain('Fe-DTPA')
    expect(list.text()).toMatch(/[1-9]\d* that fail here/)
    expect(list.text()).toMatch(/[\d.]+\/100 m²/)
  })
})
