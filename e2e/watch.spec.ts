import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import sharp from 'sharp'
import { pdfPages } from './pdf-text.ts'
import { addTree, choose, expect, openStand, test } from './spudder.ts'

interface DemoPhoto {
  readonly id: string
  readonly fileName: string
  readonly measure: { readonly darkGreenIndex: number; readonly part: string }
}

/** A photo of the demo as it left the simulated camera, with what it was measured to show. */
async function demoPhoto(page: Page, stand: string): Promise<{ bytes: Buffer; index: number }> {
  const places = (await (await page.request.get('/api/places')).json()) as { id: string }[]
  const estate = (await (
    await page.request.get(`/api/places/${places[0]?.id}/estate?from=2020-01-01&limit=100`)
  ).json()) as { rows: { stand: { id: string; name: string } }[] }
  const id = estate.rows.find((row) => row.stand.name === stand)?.stand.id
  const story = (await (await page.request.get(`/api/stands/${id}`)).json()) as {
    photos: DemoPhoto[]
  }
  const photo = story.photos.find(({ measure }) => measure.part === 'whole')
  const bytes = await (await page.request.get(`/api/photos/${photo?.id}`)).body()
  return { bytes, index: photo?.measure.darkGreenIndex ?? NaN }
}

const steps = (page: Page) => page.getByRole('navigation', { name: 'Steps of the case' })
const addPhotos = (page: Page, files: { name: string; mimeType: string; buffer: Buffer }[]) =>
  page.getByLabel('Add photos').setInputFiles(files)
const jpeg = (name: string, buffer: Buffer) => ({ name, mimeType: 'image/jpeg', buffer })

test('photos are measured in a worker: sound ones agree, upside-down ones too, the rest is told why', async ({
  page,
}) => {
  await addTree(page, 'Photo row')
  await steps(page).getByRole('link', { name: /Watch/ }).click()
  const { bytes, index } = await demoPhoto(page, 'South vineyard block')
  const turned = await sharp(bytes).rotate(90).withExif({ IFD0: { Orientation: '8' } }).jpeg({ quality: 92 }).toBuffer() // prettier-ignore
  const grey = await sharp(bytes).grayscale().toColourspace('srgb').jpeg().toBuffer()
  const bare = await sharp({ create: { width: 640, height: 480, channels: 3, background: '#6d9f3c' } }).jpeg().toBuffer() // prettier-ignore
  const huge = await sharp({ create: { width: 15000, height: 9000, channels: 3, background: '#6d9f3c' }, limitInputPixels: false }).png().toBuffer() // prettier-ignore
  await addPhotos(page, [
    jpeg('upright.jpg', bytes),
    jpeg('turned.jpg', turned),
    jpeg('grey.jpg', grey),
    jpeg('bare.jpg', bare),
    { name: 'huge.png', mimeType: 'image/png', buffer: huge },
    jpeg('cut-short.jpg', bytes.subarray(0, 300)),
    { name: 'notes.pdf', mimeType: 'application/pdf', buffer: Buffer.from('%PDF-1.4') },
  ])
  const refusals = page.locator('.refusals li')
  await expect(refusals.filter({ hasText: 'notes.pdf' })).toHaveText(
    'notes.pdf: give a JPEG or PNG picture.',
  )
  await expect(refusals.filter({ hasText: 'cut-short.jpg' })).toHaveCount(1)
  await expect(refusals.filter({ hasText: 'huge.png' })).toContainText('too large')
  const shown = (name: string) => page.getByRole('button', { name: `Photo ${name}` })
  for (const name of ['upright.jpg', 'turned.jpg']) {
    await expect(shown(name)).toContainText(/0\.\d\d/)
    const text = (await shown(name).textContent()) ?? ''
    expect(Math.abs(Number(/0\.\d\d/.exec(text)?.[0]) - index), name).toBeLessThan(0.03)
  }
  await expect(shown('grey.jpg')).toContainText('has no colours')
  await expect(shown('bare.jpg')).toContainText('No colour card was found')
  await expect(shown('huge.png')).toContainText('not measured')

  // What was measured is a reading of the stand, and a brush stroke changes it.
  await page.reload()
  await expect(page.locator('.now')).toContainText('photo 0.')
  await shown('upright.jpg').click()
  const view = page.getByRole('region', { name: 'Photo upright.jpg' })
  const before = await view.locator('dd').nth(1).textContent()
  const picture = view.getByRole('application')
  await picture.press('9')
  const box = await picture.boundingBox()
  const at = (x: number, y: number) =>
    [(box?.x ?? 0) + x * (box?.width ?? 0), (box?.y ?? 0) + y * (box?.height ?? 0)] as const
  await page.mouse.move(...at(0.2, 0.5))
  await page.mouse.down()
  await page.mouse.move(...at(0.3, 0.5), { steps: 3 })
  await page.mouse.up()
  await page.mouse.move(...at(0.6, 0.5))
  // One by the key, one where the button went down, one for each move while it was down.
  await expect(view.locator('.dab')).toHaveCount(5)
  await view.getByRole('button', { name: 'Measure without it' }).click()
  await expect(view.locator('dd').nth(1)).not.toHaveText(before ?? '')
  await expect(view.locator('canvas')).toBeVisible()
})

test('fifty photos come in one after the other, and are stopped: what came in stays', async ({
  page,
}) => {
  await addTree(page, 'Fifty row')
  await steps(page).getByRole('link', { name: /Watch/ }).click()
  const { bytes } = await demoPhoto(page, 'South vineyard block')
  const fifty = Array.from({ length: 50 }, (_, index) => jpeg(`row-${index + 1}.jpg`, bytes))
  await addPhotos(page, fifty)
  const progress = page.getByRole('status').filter({ hasText: 'of 50 measured' })
  await expect(progress).toContainText(/^\s*([5-9]|[1-4]\d) of 50 measured/)
  await progress.getByRole('button', { name: 'Stop' }).click()
  await expect(progress).toHaveCount(0)
  const kept = page.locator('.strip li')
  const count = await kept.count()
  expect(count).toBeGreaterThanOrEqual(5)
  expect(count).toBeLessThan(50)
  // All but the one that was under way are measured, and all of them are there afterwards.
  await page.reload()
  await expect(kept).toHaveCount(count)
  await expect.poll(() => kept.filter({ hasText: /0\.\d\d/ }).count()).toBeGreaterThanOrEqual(count - 1) // prettier-ignore
})

test('two photos lie under one slider, and card and season come as PDF', async ({ page }) => {
  await openStand(page, 'South vineyard block')
  await steps(page).getByRole('link', { name: /Watch/ }).click()
  const compare = page.getByRole('region', { name: 'Before and after' })
  await expect(compare).toContainText(/greener \(\+0\.\d\d ± 0\.\d\d\)/)
  const slider = compare.getByRole('slider')
  await slider.focus()
  const clip = () => compare.locator('.after').getAttribute('style')
  const at = await clip()
  await page.keyboard.press('ArrowRight')
  expect(await clip()).not.toBe(at)
  for (const [name, button, words] of [
    ['colour-card.pdf', 'Print the colour card', /card/i],
    // The drawing of the season is in it, with its axis.
    ['south-vineyard-block-season.pdf', 'Season report, PDF', /South vineyard block.*deep green/],
  ] as const) {
    const waiting = page.waitForEvent('download')
    await page.getByRole('button', { name: button }).click()
    const download = await waiting
    expect(download.suggestedFilename()).toBe(name)
    const text = (await pdfPages(readFileSync(await download.path()))).join(' ')
    expect(text).toMatch(words)
  }
})

test('the case that went wrong is explained from its record', async ({ page }) => {
  await openStand(page, 'Pin oak avenue')
  await steps(page).getByRole('link', { name: /Watch/ }).click()
  await choose(page.getByRole('combobox', { name: 'Case', exact: true }), 'first')
  await expect(page.locator('.word')).toHaveText('no response')
  const review = page.getByRole('region', { name: 'Why did nothing come of it?' })
  await expect(review.getByRole('listitem')).toHaveCount(5)
  await expect(review.locator('li.yes')).toHaveCount(1)
  await expect(review.locator('li.yes')).toContainText('Was it past its pH?')
  await expect(review).toContainText(/At pH 7\.6 (under )?\d %.*of the iron of Fe-EDTA works/)
  await expect(review).toContainText('Choose one that holds its iron at this pH')
})

test('a trial is planned, rated on a phone plot by plot, and weighed', async ({ page }) => {
  await addTree(page, 'Trial row')
  await page.getByRole('button', { name: /Go to/ }).click()
  await page.keyboard.type('trials')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Plan a trial' })).toBeVisible()
  await page.getByLabel('Plots of each').fill('1')
  await expect(page.getByText('A demonstration, not a trial')).toBeVisible()
  await page.getByLabel('Plots of each').fill('3')
  await choose(page.getByLabel('Rated on'), 'Turf colour, 1 to 9')
  await page.getByRole('button', { name: 'Create trial' }).click()
  await page.setViewportSize({ width: 390, height: 844 })
  const walk = page.getByRole('region', { name: 'Rate the plots' })
  await expect(walk).toContainText('1 of 9 on the walk')
  await walk.getByLabel('hide the treatment').uncheck()
  for (let plot = 0; plot < 9; plot++) {
    const text = (await walk.locator('.plot').textContent()) ?? ''
    const value = text.includes('untreated') ? '4' : text.includes('EDDHA') ? '8' : '6.5'
    await walk.getByRole('group').getByText(value, { exact: true }).click()
  }
  await walk.getByRole('button', { name: 'Save 9 ratings' }).click()
  const result = page.getByRole('region', { name: 'What the ratings say' })
  await expect(result).toContainText('iron: a real difference (EDDHA in the soil 8, untreated 4')
  await page.reload()
  await expect(result).toContainText('a real difference')
})

test('zones are scored, weighed, and go out as a map that can be read again', async ({ page }) => {
  await openStand(page, 'Long Down sorghum')
  await page.keyboard.press('/')
  await page.keyboard.type('zones')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: /^Brow, score 4/ })).toBeVisible()
  const table = page.getByRole('region', { name: 'Best choice by zone' })
  await expect(table.getByRole('row').nth(1)).toContainText(/Brow, 4.*tolerant variety/)
  await page.getByLabel('Chlorosis score of Bottom, 1 to 5').fill('1.5')
  await page.keyboard.press('Tab')
  await expect(table).toContainText('Bottom, 1.5')
  await page.getByText('Application map for the planter or spreader').click()
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save GeoJSON' }).click()
  const map = JSON.parse(readFileSync(await (await waiting).path(), 'utf8')) as {
    features: { properties: { name: string; rate_kg_ha: number } }[]
  }
  expect(map.features.map(({ properties }) => properties.name)).toEqual(['Brow', 'Slope', 'Bottom'])
  expect(map.features[0]?.properties.rate_kg_ha).toBeGreaterThan(0)
  await page.getByLabel('Zones from a map').setInputFiles({
    name: 'again.geojson',
    mimeType: 'application/geo+json',
    buffer: Buffer.from(JSON.stringify({ ...map, features: map.features.slice(0, 1) })),
  })
  await expect(page.getByRole('button', { name: /^Brow, score/ })).toHaveCount(2)
})
