import type { Page } from '@playwright/test'
import { expect, test } from './spudder.ts'

/** Every screen, by the stand on which it has most to show. */
const ofStands = [
  ['Bowling green', 'look'],
  ['Gardenia house', 'look'],
  ['Gardenia house', 'verdict'],
  ['Lettuce raft loop', 'bench'],
  ['South vineyard block', 'remedy'],
  ['Azalea border', 'remedy'],
  ['Blueberry terrace', 'acid'],
  ['Lettuce raft loop', 'jobs'],
  ['Azalea border', 'jobs'],
  ['Blueberry terrace', 'jobs'],
  ['South vineyard block', 'watch'],
  ['Events lawn', 'trials'],
  ['Long Down sorghum', 'zones'],
  ['Azalea border', 'size'],
] as const
const chapters = ['sources', 'rates', 'tank', 'acid', 'losses', 'constants', 'trade', 'schools']
const ofPlace = ['/', '/?view=table', '/stands/new', '/shelf', '/dates', '/record', '/sprayers', '/eye', '/drill', '/settings'] // prettier-ignore

/** A number, however it is written. */
const figure = '(?<![\\w^])\\d(?:[\\d.,]*\\d)?'
const statedIn = (units: string) =>
  new RegExp(`${figure}(?:-${figure})? ?(?:${units})(?![\\w²³/])`, 'g')

interface Writing {
  readonly unitSystem: 'us' | 'metric'
  readonly locale: string
  readonly currency: string
  /** What must not stand anywhere. */
  readonly foreign: readonly RegExp[]
  readonly screens: readonly string[]
}

const writings: Readonly<Record<string, Writing>> = {
  'metric, with a decimal comma and euros': {
    unitSystem: 'metric',
    locale: 'de-DE',
    currency: 'EUR',
    foreign: [
      statedIn(
        'fl oz|oz|lb|gal|qt|pt|tbsp|tsp|cups?|acres?|ft2?|ft²|in(?! \\d)|inch(?:es)?|mph|psi|°F|yd3?',
      ),
      new RegExp(`${figure}[^.\\n]{0,14}/(?:1000 ft|100 ft|acre|gal)`, 'g'),
      /\$/g,
      /(?<![\d.^])\d+\.\d{1,2}(?![\d.])/g,
    ],
    screens: [...ofPlace, ...chapters.map((chapter) => `/reference/${chapter}`)],
  },
  // The reference calculates in the units of the store, which are metric; it says so.
  'of the US, with a decimal point and dollars': {
    unitSystem: 'us',
    locale: 'en-US',
    currency: 'USD',
    foreign: [
      statedIn('kg|g|ha|L|mL|ml|m²|m2|km/h|m/s|°C|mm|cm'),
      new RegExp(`${figure} (?:kg|g|L|mL)/(?:ha|m²|m2|100 m)`, 'g'),
      /€/g,
      /(?<![\d,])\d+,\d{1,2}(?!\d)/g,
    ],
    screens: ofPlace,
  },
}

/** Everything to be read or heard on a screen: no words of others, no exponents of units. */
const textOf = (page: Page) =>
  page.evaluate(() => {
    document.querySelectorAll('cite, q').forEach((each) => each.remove())
    const attributes = ['aria-label', 'aria-valuetext', 'title', 'placeholder']
    const named = document.querySelectorAll('[aria-label],[aria-valuetext],[title],[placeholder]')
    return [
      document.body.innerText,
      ...[...named].flatMap((each) => attributes.map((name) => each.getAttribute(name) ?? '')),
      ...[...document.querySelectorAll('input')].map(({ value }) => value),
    ]
      .join('\n')
      .replaceAll(/\^-?[\d.]+/g, '')
  })

/** All that a screen reads is there once it says the same twice running. */
async function comesToRest(page: Page): Promise<void> {
  let before = 0
  const isAtRest = async () => {
    const now = (await page.locator('main').innerText()).length
    const isSame = now > 150 && now === before
    before = now
    return isSame
  }
  await expect.poll(isAtRest, { intervals: [400] }).toBe(true)
}

async function foreignOn(page: Page, { foreign }: Writing, typed: readonly string[]) {
  const text = typed.reduce((rest, each) => rest.replaceAll(each, ''), await textOf(page))
  expect(text.length).toBeGreaterThan(200)
  return foreign.flatMap((pattern) =>
    [...text.matchAll(pattern)].map(({ index }) => text.slice(Math.max(0, index - 30), index + 30)),
  )
}

// Each stands by itself: what one place writes is nothing to the other.
test.describe.configure({ mode: 'parallel' })

for (const [name, writing] of Object.entries(writings)) {
  test(`a place that is ${name} reads nothing else on any screen`, async ({ page, request }) => {
    test.setTimeout(600_000)
    const [place] = await (await request.get('/api/places')).json()
    const { unitSystem, locale, currency } = writing
    await request.patch(`/api/places/${place.id}`, { data: { unitSystem } })
    await request.patch(`/api/places/${place.id}/settings`, { data: { locale, currency } })
    const stands: { id: string; name: string }[] = await (
      await request.get(`/api/places/${place.id}/stands`)
    ).json()
    const products: { name: string }[] = await (
      await request.get(`/api/places/${place.id}/products`)
    ).json()
    // What somebody typed stays as it was typed: names, a dose, a note, the rate of a label.
    const typed = [
      ...products.map((each) => each.name),
      '4 oz a full tank',
      'Solution at 1.9 mg/L.',
      '3 oz product/1000 ft2',
    ]
    const addresses = ofStands.map(([stand, step]) => {
      const { id } = stands.find((each) => each.name === stand) ?? {}
      if (!id) throw new Error(`the demo has no ${stand}`)
      return `/stands/${id}/${step}`
    })
    for (const address of [...writing.screens, ...addresses]) {
      await page.goto(address)
      await expect(page.locator('.ant-skeleton')).toHaveCount(0)
      // Until the place is known, screens speak as most places do.
      await expect(page.getByRole('button', { name: place.name })).toBeVisible()
      await comesToRest(page)
      await page
        .locator('.fold-head[aria-expanded=false]')
        .evaluateAll((heads) => heads.forEach((head) => (head as HTMLElement).click()))
      // A screen that was there before the place is known says itself again.
      await expect
        .poll(() => foreignOn(page, writing, typed), { message: address, timeout: 15_000 })
        .toEqual([])
    }
    await request.patch(`/api/places/${place.id}`, { data: { unitSystem: 'us' } })
    const usual = { locale: 'en-GB', currency: 'USD' }
    await request.patch(`/api/places/${place.id}/settings`, { data: usual })
  })
}
