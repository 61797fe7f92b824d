import type { ProductDto } from '@spudder/contract/shelf'
import type { StandStoryDto } from '@spudder/contract/stand'
import { addDays } from '@spudder/core/base/calendar'
import { flushPromises } from '@vue/test-utils'
import { mountOnStand } from '../../../tests/mount-on-stand.ts'
import { recorded } from '../../../tests/recorded.ts'
import { today } from '../../../shared/units/today.ts'
import RemedyPanel from '../RemedyPanel.vue'

export const looked = addDays(today(), -2)

/** A lawn whose youngest leaves are pale at pH 7.8, looked at two days ago. */
export const paleStory = (
  findings: StandStoryDto['looks'][number]['findings'],
): Partial<StandStoryDto> => ({
  cases: [
    {
      id: 'case',
      standId: 'green',
      openedOn: looked,
      closedOn: null,
      outcome: null,
      outcomeNote: '',
      closedBy: null,
      closedAt: null,
      ...recorded,
    } as StandStoryDto['cases'][number],
  ],
  looks: [
    {
      id: 'look',
      standId: 'green',
      caseId: 'case',
      lookedOn: looked,
      findings,
      paint: {},
      ...recorded,
    },
  ] as StandStoryDto['looks'],
  readings: [
    {
      id: 'reading',
      standId: 'green',
      kind: 'pH',
      value: 7.8,
      method: 'meter',
      came: { how: 'typed' },
      takenOn: addDays(today(), -20),
      preparation: null,
      place: null,
      doubt: null,
      instrument: '',
      note: '',
      ...recorded,
    },
  ] as StandStoryDto['readings'],
})
/** The signs of iron. */
export const onIron = paleStory({
  tier: 'youngest-only',
  pattern: 'fine-green-veins',
  severity: '3',
  roots: 'white',
})

export const tub: ProductDto = {
  id: '3f2b7f0e-8a55-4b0e-9d2c-3b1f6c9a7e10',
  placeId: 'place',
  name: 'Red tub',
  sourceId: 'fe-eddha',
  label: { analysis: { Fe: '6' }, chelated: 'all', waterSoluble: '', orthoOrtho: '4.8', derivedFrom: 'EDDHA' },
  packPrice: 58,
  packKg: 2.268,
  densityKgPerL: null,
  stockKg: 1,
  lot: '',
  lotUseBy: null,
  labelRate: null,
  labelMaximum: { value: 3, unit: 'oz/1000 ft2' },
  stain: 'red',
  organic: 'not',
  applicator: null,
  hazards: '',
  note: '',
  isRetired: false,
  ...recorded,
} // prettier-ignore

/** Opens the remedy of a stand with a shelf, answered by path. */
export async function openPanel(
  story: Partial<StandStoryDto> = onIron,
  products: readonly ProductDto[] = [tub],
  answers: Readonly<Record<string, unknown>> = {},
) {
  const { panel, sent } = await mountOnStand(
    RemedyPanel,
    { story },
    {
      '/products': products,
      '/weather': { days: [] },
      '/sprayers': [],
      '/jar-tests': [],
      ...answers,
      '/remedies': { id: 'remedy' },
    },
  )
  await flushPromises()
  const field = (label: string) => {
    const found = panel.findAll('.field').find((each) => each.find('label').text() === label)
    if (!found) throw new Error(`no field ${label}`)
    return found
  }
  const rows = () => panel.findAll('[data-group=main] > li').map((row) => row.text())
  const chip = async (words: string) => {
    const found = panel.findAll('label').find((each) => each.text() === words)
    await found?.find('input').setValue(true)
    await flushPromises()
  }
  const submit = () => panel.findAll('button').find((each) => each.attributes('type') === 'submit')
  return { panel, sent, field, rows, chip, submit }
}
