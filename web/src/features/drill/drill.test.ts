import type { CreateDrillDto, DrillDto, OwnCaseDto } from '@spudder/contract/drill'
import {
  causeOf,
  drawCase,
  drillOwn,
  drilledCauses,
  offeredIn,
  scoreDrill,
  type DrillSpec,
} from '@spudder/core/verdict/drill'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import DrillPage from './DrillPage.vue'

const spec: DrillSpec = {
  kind: 'look',
  context: 'turf',
  plantId: 'creeping-bentgrass',
  causeId: 'zinc-short',
  against: null,
  seed: 0.3,
}

/** What the server answers: the score of what was sent. */
function answerTo({ against, ...sent }: CreateDrillDto): DrillDto {
  const drilled = drawCase({ ...sent, against: against ?? null })
  const score = scoreDrill(drilled, sent.saidId, sent.asked)
  return { ...sent, against: against ?? null, placeId: 'place', score: score as DrillDto['score'], ...recorded, createdBy: 'Marla Quist', isStruck: false } as DrillDto // prettier-ignore
}
/** The same of an own case. */
function answerToOwn({ id, saidId, answeredOn }: CreateDrillDto, own: OwnCaseDto): DrillDto {
  const { context, plantId, causeId } = own
  const score = { ...scoreDrill(drillOwn(own), saidId, []), own }
  return { kind: 'own', context, plantId, causeId, seed: 0, saidId, asked: [], answeredOn, id, placeId: 'place', score, ...recorded, createdBy: 'Marla Quist' } as unknown as DrillDto // prettier-ignore
}
const drillOf = (saidId: string, at: number): DrillDto =>
  answerTo({ ...spec, against: undefined, id: `drill-${at}`, saidId, asked: [], answeredOn: '2026-03-01' } as never) // prettier-ignore

async function open(drills: readonly DrillDto[] = [], own: readonly OwnCaseDto[] = []) {
  const sent: CreateDrillDto[] = []
  const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings: {}, ...recorded } // prettier-ignore
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    const path = url.replace('/api', '')
    if (method === 'GET') {
      const answers = { '/me': meAt('place'), '/places': [place], '/places/place/own-cases': own }
      const known = Object.entries(answers).find(([at]) => at === path)?.[1]
      return Promise.resolve(Response.json(known ?? drills))
    }
    const dto = JSON.parse(String(body)) as CreateDrillDto
    sent.push(dto)
    const [asked] = own
    if (path.endsWith('/own-drills') && asked)
      return Promise.resolve(Response.json(answerToOwn(dto, asked), { status: 201 }))
    return Promise.resolve(Response.json(answerTo(dto), { status: 201 }))
  })
  const page = mount(DrillPage, {
    global: { plugins: [createPinia(), [PiniaColada, {}]], stubs: { RouterLink: true } },
  })
  await flushPromises()
  const press = async (words: string) => {
    const button = page.findAll('button').find((each) => each.text().startsWith(words))
    if (!button) throw new Error(`no button ${words}`)
    await button.trigger('click')
    await flushPromises()
  }
  return { page, sent, press }
}
const drafted = (part: Partial<DrillSpec> = {}) =>
  localStorage.setItem(
    'spudder:drill',
    JSON.stringify({
      draft: {
        id: '7b0b7a52-5a0e-4a4e-9a3e-3a9f0d5f2b10',
        spec: { ...spec, ...part },
        asked: [],
        saidId: '',
      },
    }),
  )

beforeEach(() => localStorage.clear())

describe('a case on the page', () => {
  it('shows four plants, and says of the one pointed at what it is', async () => {
    drafted({ kind: 'leaf' })
    const { page, sent, press } = await open()
    expect(page.text()).toContain('Which of these plants shows: zinc short?')
    const { plants } = drawCase({ ...spec, kind: 'leaf' })
    const wrong = plants.findIndex(({ causes }) => causes[0]?.id !== 'zinc-short')
    await press(`Plant ${wrong + 1}`)
    expect(sent[0]).toMatchObject({ kind: 'leaf', saidId: plants[wrong]?.causes[0]?.id })
    expect(page.find('h2').text()).toMatch(/^No: that one is/)
    expect(page.text()).toContain('Zinc short')
  })

  it('tells what was found, takes one of what is offered, and sets it beside a good practitioner', async () => {
    drafted()
    localStorage.setItem('spudder:drill-kind', 'look')
    const { page, sent, press } = await open()
    for (const { name } of offeredIn(drawCase(spec))) expect(page.text()).toContain(name)
    expect(page.text()).toContain('Leaves affected')
    await page.find('input[type=radio][value="zinc-short"]').setValue(true)
    await press('That is it')
    expect(sent[0]).toMatchObject({ causeId: 'zinc-short', saidId: 'zinc-short', asked: [] })
    expect(page.find('h2').text()).toBe('Right: zinc short.')
    expect(page.text()).toContain('A good practitioner')
    await press('Next case')
    expect(page.text()).toContain('What is it?')
  })

  it('lets one look, ask and test, says what was spent, and treats', async () => {
    drafted({ kind: 'case' })
    const { page, sent, press } = await open()
    expect(page.text()).toContain('Nothing spent yet.')
    await press('Look at the roots')
    await press('Send leaves for analysis')
    expect(page.text()).toContain('Roots')
    expect(page.text()).toMatch(/Spent so far: 35 min · about .*38 · 9 days/)
    expect(page.findAll('button').some((each) => each.text().startsWith('Look at the roots'))).toBe(false) // prettier-ignore
    const kept = JSON.parse(localStorage.getItem('spudder:drill') ?? '{}') as { draft: { asked: string[] } } // prettier-ignore
    expect(kept.draft.asked).toEqual(['roots', 'leaf-analysis'])
    expect(sent).toEqual([])
  })
})

describe('where one stands', () => {
  it('names what is taken for something else, opens it, and says what the engine gets wrong', async () => {
    const drills = [0, 1, 2, 3, 4].map((at) => drillOf('potassium-short', at))
    const { page } = await open(drills)
    const taken = page.find('[aria-label="What you take for something else"]').text()
    expect(taken).toContain(`${causeOf('zinc-short').name} is taken for potassium short: 5 of 5`)
    expect(taken).toContain('Bayes')
    expect(page.text()).toContain('would have treated wrongly in')
    expect(page.text()).toContain(`8 of ${drilledCauses('turf').length} causes in play, 1 due`)
  })

  it('is somebody’s own: what others answered is not told', async () => {
    const { page } = await open([{ ...drillOf('potassium-short', 0), createdBy: 'Somebody Else' }])
    expect(page.text()).toContain('No case yet')
  })
})

describe('a case of ours', () => {
  const own: OwnCaseDto = {
    caseId: '5f0b7a52-5a0e-4a4e-9a3e-3a9f0d5f2b11',
    standName: 'Bowling green',
    context: 'turf',
    plantId: 'creeping-bentgrass',
    causeId: 'iron-tied-up-by-pH',
    lookedOn: '2025-05-20',
    known: [
      { name: 'tier', value: 'youngest-only' },
      { name: 'severity', value: '3' },
      { name: 'roots', value: 'white' },
    ],
    story: [{ kind: 'limed', happenedOn: '2025-03-01' }],
    treatments: [{ appliedName: 'Fe-EDDHA', happenedOn: '2025-06-03' }],
    closedOn: '2025-07-18',
    note: 'Held all summer.',
  }

  it('is asked as it stood, and told how it went', async () => {
    const { page, press, sent } = await open([], [own])
    await page.find('input[type=radio][value="own"]').setValue(true)
    await press('Begin a case')
    expect(page.text()).toContain('Limed, 80 days before')
    expect(page.text()).not.toContain('Bowling green')
    await page.find('input[type=radio][value="iron-tied-up-by-pH"]').setValue(true)
    await press('That is it')
    expect(sent).toMatchObject([{ caseId: own.caseId, saidId: 'iron-tied-up-by-pH' }])
    expect(page.text()).toContain('Right: it greened when it was treated for')
    expect(page.text()).toMatch(/Bowling green, .*Fe-EDDHA on .*closed as green 45 days later/)
    expect(page.text()).toContain('Held all summer.')
    expect(page.text()).toContain('taken for what it was')
  })

  it('says when there is none yet', async () => {
    const { page } = await open()
    await page.find('input[type=radio][value="own"]').setValue(true)
    expect(page.text()).toContain('No closed case of turf greened here yet')
  })
})
