import type { EyeSittingDto, RatedPhotoDto } from '@spudder/contract/eye'
import type { PlaceSettingsDto } from '@spudder/contract/place'
import { planSitting, type EyeScale } from '@spudder/core/seen/eye'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { apartWords, biasWords } from '../../shared/eye/eye-words.ts'
import { today } from '../../shared/units/today.ts'
import { eventually } from '../../tests/eventually.ts'
import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import EyePage from './EyePage.vue'

/** A whole sitting of somebody whose numbers are off by as much. */
function sittingOf(createdBy: string, off: number, scale: EyeScale = 'turfColour'): EyeSittingDto {
  const seed = 0.3 + createdBy.length / 100
  const plan = planSitting(scale, seed)
  return {
    id: `${createdBy}-${scale}`,
    placeId: 'place',
    scale,
    ratedOn: today(),
    seed,
    said: plan.map(({ truth }, at) => truth + off + (at % 3 === 0 ? 0.3 : -0.15)),
    shown: plan.map(({ picture, truth }) => ({ picture, truth })),
    screen: 'office screen',
    ...recorded,
    createdBy,
    isStruck: false,
  }
}
async function open(sittings: readonly EyeSittingDto[] = [], isDrawn = false, more: { photos?: readonly RatedPhotoDto[]; settings?: PlaceSettingsDto } = {}) {
  const sent: { path: string; body: Record<string, unknown> }[] = []
  const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings: more.settings ?? {}, ...recorded }
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    const path = url.replace('/api', '')
    if (method !== 'GET') sent.push({ path, body: JSON.parse(String(body)) })
    const read = path.endsWith('/eye-photos') ? (more.photos ?? []) : path === '/me' ? meAt('place') : path === '/places' ? [place] : sittings
    const answer = method === 'GET' ? read : sittingOf('Marla Quist', 0)
    return Promise.resolve(Response.json(answer, { status: method === 'POST' ? 201 : 200 }))
  })
  const page = mount(EyePage, { global: { plugins: [createPinia(), [PiniaColada, {}]], stubs: { ShowingPicture: !isDrawn } } })
  await flushPromises()
  const press = async (words: string) => {
    const button = page.findAll('button').find((each) => each.text() === words)
    if (!button) throw new Error(`no button ${words}`)
    await button.trigger('click')
    await flushPromises()
  }
  return { page, sent, press }
} // prettier-ignore

beforeEach(() => localStorage.clear())

describe('a sitting on the page', () => {
  const rate = async (page: Awaited<ReturnType<typeof open>>['page'], value: number) => {
    await page.find(`input[type=radio][value="${value}"]`).setValue(true)
  }

  it('goes from picture to picture with one tap each, and a slip is taken back', async () => {
    const { page, press } = await open([], true)
    await press('Begin a sitting')
    expect(page.text()).toContain('0 of 24 rated')
    const first = page.find('svg[role=img]').html()
    await rate(page, 6.5)
    expect(page.text()).toContain('1 of 24 rated')
    expect(page.find('svg[role=img]').html()).not.toBe(first)
    // The same value can be said twice running.
    await rate(page, 6.5)
    expect(page.text()).toContain('2 of 24 rated')
    await press('Back to the last one')
    await press('Back to the last one')
    expect(page.find('svg[role=img]').html()).toBe(first)
  })

  it('goes on where it was left, and is sent with what was said, not with what is true', async () => {
    const { page, press } = await open()
    await press('Begin a sitting')
    for (let at = 0; at < 20; at++) await rate(page, 5)
    page.unmount()
    const again = await open()
    expect(again.page.text()).toContain('20 of 24 rated')
    for (let at = 0; at < 4; at++) await rate(again.page, 7)
    await again.press('Keep the sitting')
    expect(again.sent).toHaveLength(1)
    const { path, body } = again.sent[0] ?? {}
    expect(path).toBe('/places/place/eye-sittings')
    expect(body).toMatchObject({ scale: 'turfColour', ratedOn: today() })
    expect(body?.['said']).toEqual([...Array(20).fill(5), 7, 7, 7, 7])
    expect(Object.keys(body ?? {})).not.toContain('shown')
    expect(again.page.text()).toContain('Begin a sitting')
  })
})

describe('a sitting of own photos', () => {
  const photos = [0.2, 0.3, 0.45, 0.5, 0.6, 0.7].map((greenness, at) => ({
    photoId: `00000000-0000-4000-8000-00000000000${at}`,
    scales: ['turfColour' as const],
    greenness,
  }))

  it('shows each of them twice, and is sent with which they were', async () => {
    const { page, press, sent } = await open([], false, { photos })
    await page.find('input[value=photos]').setValue(true)
    expect(page.text()).toContain('6 photos with leaves measured by the card')
    await press('Begin a sitting')
    const seen: string[] = []
    for (let at = 0; at < 12; at++) {
      seen.push(page.find('img').attributes('src') ?? '')
      await page.find('input[type=radio][value="5"]').setValue(true)
    }
    expect(new Set(seen).size).toBe(6)
    await press('Keep the sitting')
    const ids = sent[0]?.body['photoIds'] as string[]
    expect(ids.toSorted()).toEqual(photos.map(({ photoId }) => photoId))
  })

  it('waits for enough of them, and says how they come', async () => {
    const { page } = await open([], false, { photos: photos.slice(1) })
    await page.find('input[value=photos]').setValue(true)
    expect(page.text()).toMatch(/5 photos.*6 are needed.*the card beside the\s+leaves/s)
    const begin = page.findAll('button').find((each) => each.text() === 'Begin a sitting')
    expect(begin?.attributes('disabled')).toBeDefined()
  })
})

describe('measured screens', () => {
  const screens = [
    {
      name: 'Office screen',
      measuredOn: '2026-05-01',
      points: [0.1, 0.5, 0.9].map((greenness) => ({ greenness, shown: greenness + 0.08 })),
      doubt: 0.02,
    },
  ]

  it('are told with what they make of leaves and how that was got, and are forgotten', async () => {
    const { page, press, sent } = await open([], false, { settings: { screens } })
    const head = page.findAll('.fold-head').find((each) => each.text().startsWith('Screens'))
    expect(head?.text()).toBe('Screens (1 measured)')
    await head?.trigger('click')
    await eventually(() => expect(page.text()).toContain('shows leaves 0.6 ± 0.2 of 9 greener than they are drawn')) // prettier-ignore
    await press('Forget')
    await eventually(() => expect(document.body.textContent).toContain('Forget it'))
    const sure = [...document.querySelectorAll('button')].find((each) => each.textContent === 'Forget it') // prettier-ignore
    sure?.click()
    await eventually(() => expect(sent[0]?.body).toEqual({ screens: [] }))
  })

  it('are no part of the eyes that sat at them', async () => {
    const sittings = [sittingOf('Marla Quist', 0.6), sittingOf('Tobin', 0.6)]
    const bias = async (settings: PlaceSettingsDto) => {
      const { page } = await open(sittings, false, { settings })
      await eventually(() => expect(page.findAll('tbody tr')).toHaveLength(2))
      return page.find('tbody tr').text()
    }
    expect(await bias({})).toMatch(/0\.6 too high/)
    expect(await bias({ screens })).toMatch(/right on the whole|0\.\d too (low|high), not surely/)
  })
})

describe('eyes side by side', () => {
  it('says how far each is off, one’s own close by, and how two differ', async () => {
    const { page } = await open([sittingOf('Marla Quist', 0.8), sittingOf('Tobin', -0.6)])
    await eventually(() => expect(page.findAll('tbody tr')).toHaveLength(2))
    const rows = page.findAll('tbody tr').map((row) => row.text())
    expect(rows.find((row) => row.includes('Marla'))).toMatch(/0\.\d too high/)
    expect(rows.find((row) => row.includes('Tobin'))).toMatch(/0\.\d too low/)
    expect(page.find('li').text()).toMatch(/Tobin says \d\.\d less.* than Marla Quist/)
    expect(page.text()).toContain('pictures rated twice')
    expect(page.text()).toContain('Sittings (2)')
    expect(page.find('li').text()).not.toContain('screen')
  })

  it('says what cannot be compared: other screens, or one that nobody named', async () => {
    const ours = sittingOf('Marla Quist', 0.8)
    const theirs = sittingOf('Tobin', -0.6)
    const other = await open([ours, { ...theirs, screen: 'Phone' }])
    await eventually(() => expect(other.page.find('li').text()).toMatch(/rated on different screens \(phone, office screen\)/)) // prettier-ignore
    const unnamed = await open([ours, { ...theirs, screen: '' }])
    await eventually(() => expect(unnamed.page.find('li').text()).toContain('Not every sitting says which screen it was on')) // prettier-ignore
  })

  it('keeps scales apart', async () => {
    const { page } = await open([sittingOf('Marla Quist', 0.4, 'severity')])
    expect(page.text()).toContain('Nobody has sat on this scale yet')
    await page.find('input[value=severity]').setValue(true)
    await eventually(() => expect(page.text()).toMatch(/0\.\d too high/))
  })

  it('says bias and distance in words', () => {
    expect(biasWords({ mean: -0.42, deviation: 0.1, low: -0.58, high: -0.26 })).toBe(
      '0.4 too low (0.3 to 0.6)',
    )
    expect(biasWords({ mean: 0.2, deviation: 0.2, low: -0.13, high: 0.53 })).toBe(
      '0.2 too high, not surely (-0.1 to 0.5)',
    )
    expect(biasWords({ mean: 0.01, deviation: 0.1, low: -0.15, high: 0.17 })).toBe(
      'right on the whole (± 0.2)',
    )
    expect(apartWords({ mean: 1.1, deviation: 0.2, low: 0.77, high: 1.43 })).toBe(
      '1.1 more (0.8 to 1.4)',
    )
  })
})
