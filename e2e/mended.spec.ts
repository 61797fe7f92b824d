import type { Page } from '@playwright/test'
import type { ProductDto } from '@spudder/contract/shelf'
import type { PlaceDto } from '@spudder/contract/place'
import type { StandStoryDto } from '@spudder/contract/stand'
import { choose, dayFromToday, expect, openSettings, openStand, test } from './spudder.ts'
import { lawn, numbered } from './stand-with-case.ts'

test.describe.configure({ mode: 'serial' })

const id = () => crypto.randomUUID()
const storyOf = async (page: Page, standId: string) =>
  (await (await page.request.get(`/api/stands/${standId}`)).json()) as StandStoryDto
const placeOf = async (page: Page): Promise<PlaceDto> => {
  const [place] = (await (await page.request.get('/api/places')).json()) as PlaceDto[]
  if (!place) throw new Error('no place')
  return place
}
async function post(page: Page, path: string, data: object): Promise<void> {
  const response = await page.request.post(`/api${path}`, { data })
  expect(response.status(), `${path} ${await response.text()}`).toBeLessThan(300)
}
/** Lines of the history of a stand, or of the place. */
async function historyOf(page: Page, standId = '') {
  await page.goto(standId === '' ? '/history' : `/history?stand=${standId}`)
  const lines = page.getByRole('list', { name: /What was done/ }).getByRole('listitem')
  await expect(lines.first()).toBeVisible()
  return lines
}

const name = numbered('Mistaken')
const standId = id()

test('whatever was seen and measured by mistake is struck out with its reason, told in the history, and counts no more', async ({
  page,
}) => {
  const place = await placeOf(page)
  await post(page, `/places/${place.id}/stands`, { id: standId, name, ...lawn })
  await post(page, `/stands/${standId}/readings`, { id: id(), kind: 'pH', value: 8.9, method: 'laboratory', takenOn: dayFromToday(-9) }) // prettier-ignore
  await post(page, `/stands/${standId}/events`, { id: id(), kind: 'limed', happenedOn: dayFromToday(-30), note: '' }) // prettier-ignore
  const findings = { tier: 'youngest-only', pattern: 'stripes', severity: '3' }
  await post(page, `/stands/${standId}/looks`, { id: id(), lookedOn: dayFromToday(-8), findings, paint: {} }) // prettier-ignore
  const pixel = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64') // prettier-ignore
  const photo = await page.request.post(`/api/stands/${standId}/photos?id=${id()}&fileName=leaf.png`, { data: pixel, headers: { 'content-type': 'image/png' } }) // prettier-ignore
  expect(photo.status()).toBe(201)
  const trialId = id()
  const design = { layout: 'blocks', factors: [{ name: 'iron', levels: ['none', 'sulfate'] }], replicates: 4 } // prettier-ignore
  await post(page, `/stands/${standId}/trials`, { id: trialId, name: 'Wrong lawn', design, seed: 0.4, plotLengthM: 2, plotWidthM: 1, scale: 'turfColour', startedOn: dayFromToday(-8) }) // prettier-ignore
  await post(page, `/trials/${trialId}/ratings`, { ratings: [{ id: id(), plot: 1, ratedOn: dayFromToday(-7), value: 6 }] }) // prettier-ignore

  // The verdict goes by it as long as it stands.
  await page.goto(`/stands/${standId}/verdict`)
  await expect(page.getByText(/pH 8\.9 ± [\d.]+ while/).first()).toBeVisible()

  const lines = await historyOf(page, standId)
  await expect(lines).toHaveCount(8)
  const kinds = [/^Correct: Plot 1/i, /^Correct: .*Wrong lawn/i, /^Correct: .*leaf\.png/i, /^Correct: Look/i, /^Correct: .*lime/i, /^Correct: pH 8.9/i] // prettier-ignore
  for (const about of kinds) {
    await page.getByRole('button', { name: about }).first().click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Why').fill('Of another lawn.')
    await dialog.getByRole('button', { name: 'Strike it out' }).click()
    await expect(dialog).toBeHidden()
    await expect(lines.first()).toContainText('Why: Of another lawn.')
  }
  await page.getByLabel('Done with it').press('ArrowDown')
  await page.getByTitle('struck out', { exact: true }).last().click()
  await expect(lines).toHaveCount(kinds.length)

  const { readings, events, looks, photos } = await storyOf(page, standId)
  expect([readings, events, looks, photos].map(({ length }) => length)).toEqual([0, 0, 0, 0])
  await page.goto(`/stands/${standId}/verdict`)
  await expect(page.getByText('No verdict yet')).toBeVisible()
})

test('a stand of the wrong name and plant is put right, planted anew, put away and back; its case is opened again', async ({
  page,
}) => {
  await page.goto(`/stands/${standId}/size`)
  const itself = page.getByRole('region', { name: 'The stand itself' })
  const save = itself.getByRole('button', { name: 'Save the stand' })
  const right = numbered('Right')
  await itself.getByLabel('Name').fill(right)
  await choose(itself.getByLabel('Plant', { exact: true }), 'Kentucky bluegrass')
  await save.click()
  await expect(page.getByText('Saved.').last()).toBeVisible()

  // A case that was closed too early.
  const [open] = (await storyOf(page, standId)).cases
  const closed = { outcome: 'green', closedOn: dayFromToday(0) }
  expect((await page.request.patch(`/api/cases/${open?.id}`, { data: closed })).status()).toBe(200)
  await page.goto(`/stands/${standId}/watch`)
  await page.getByText('Open this case again').click()
  await page.getByLabel('Why').fill('Pale again.')
  await page.getByRole('button', { name: 'Open it again' }).click()
  await expect(page.getByText('Open this case again')).toBeHidden()
  expect((await storyOf(page, standId)).cases[0]?.closedOn).toBeNull()
  await page.request.patch(`/api/cases/${open?.id}`, { data: closed })

  await page.goto(`/stands/${standId}/size`)
  await choose(itself.getByLabel('Plant', { exact: true }), 'Tall fescue')
  await itself.getByText(/It was planted anew/).click()
  await itself.getByLabel('Planted on').fill(dayFromToday(-1))
  await save.click()
  await expect(page.getByText('Saved: a new planting begins.')).toBeVisible()
  const { stand, events } = await storyOf(page, standId)
  expect(stand).toMatchObject({ name: right, plantId: 'tall-fescue' })
  expect(events.map(({ kind }) => kind)).toEqual(['transplanted'])

  await itself.getByRole('button', { name: 'Put it away' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Put it away' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Estate' })).toBeVisible()
  await page.goto(`/stands/${standId}/size`)
  await itself.getByRole('button', { name: 'Bring it back' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByText(`${right} is back in the estate.`)).toBeVisible()
  await openStand(page, right)
  const lines = await historyOf(page, standId)
  for (const words of [
    `Name: ${name} → ${right}`,
    'Plant: Bermudagrass → Kentucky bluegrass',
    'Plant: Kentucky bluegrass → Tall fescue',
    'Why: Pale again.',
    'Put away: no → yes',
    'Put away: yes → no',
  ])
    // prettier-ignore
    await expect(lines.filter({ hasText: words }).first(), words).toBeVisible()
})

test('a product, a sprayer and the place are put right and brought back', async ({ page }) => {
  const place = await placeOf(page)
  await page.goto('/shelf')
  const products = (await (await page.request.get(`/api/places/${place.id}/products`)).json()) as ProductDto[] // prettier-ignore
  const product = products.find(({ isRetired }) => !isRetired)?.name ?? ''
  await page.getByRole('button', { name: `Remove ${product} from the shelf` }).click()
  await page.getByText(/\d removed/).click()
  await page.getByRole('button', { name: `Put ${product} back` }).click()
  await expect(page.getByRole('button', { name: `Remove ${product} from the shelf` })).toBeVisible()

  await page.goto('/sprayers')
  const retire = page.getByRole('button', { name: /^Retire / }).first()
  const sprayer = (await retire.getAttribute('aria-label'))?.replace('Retire ', '') ?? ''
  await retire.click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: `Retire ${sprayer}` })).toBeVisible()

  await openSettings(page, 'Place')
  const named = page.getByLabel('Name of the place')
  for (const words of [`${place.name} North`, place.name]) {
    await named.fill(words)
    await page.getByRole('button', { name: 'Save', exact: true }).first().click()
    await expect(page.getByText('Saved.').last()).toBeVisible()
    await expect.poll(async () => (await placeOf(page)).name).toBe(words)
  }
  const lines = await historyOf(page)
  for (const words of [
    `Name: ${place.name} → ${place.name} North`,
    'Out of use: no → yes',
    'Out of use: yes → no',
  ])
    // prettier-ignore
    await expect(lines.filter({ hasText: words }).first(), words).toBeVisible()
})
