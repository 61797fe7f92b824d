import type { EyeSittingDto } from '@spudder/contract/eye'
import type { PlaceDto } from '@spudder/contract/place'
import { photoOfScreen } from '../scripts/photo-of-screen.ts'
import { expect, openStand, test } from './spudder.ts'

test('an eye is tried on drawn turf, goes on after a reload, is told beside the others, and a sitting is struck out', async ({
  page,
  request,
}) => {
  const [place] = await (await request.get('/api/places')).json()
  const sittings = async () =>
    (await (await request.get(`/api/places/${place.id}/eye-sittings`)).json()) as {
      readonly said: number[]
      readonly shown: { readonly truth: number }[]
      readonly createdBy: string
    }[]
  const before = await sittings()
  await page.goto('/eye')
  const table = page.getByRole('region', { name: 'Eyes', exact: true })
  await expect(table.getByRole('row', { name: /Tobin Ashgrove/ })).toBeVisible()

  await page.getByRole('button', { name: 'Begin a sitting' }).click()
  const picture = page.getByRole('img', { name: 'The picture to rate' })
  const rated = page.getByRole('status').filter({ hasText: 'of 24 rated' })
  const rate = async (from: number, to: number) => {
    for (let at = from; at < to; at++) {
      await expect(picture).toBeVisible()
      await page.locator('.values label').filter({ hasText: /^7$/ }).click()
      await expect(rated).toHaveText(`${at + 1} of 24 rated`)
    }
  }
  await rate(0, 10)
  await page.reload()
  await expect(rated).toHaveText('10 of 24 rated')
  await rate(10, 24)
  await page.getByLabel('Screen it was looked at on').fill('shed laptop')
  await page.getByRole('button', { name: 'Keep the sitting' }).click()
  await expect(page.getByRole('button', { name: 'Begin a sitting' })).toBeVisible()
  await expect.poll(async () => (await sittings()).length).toBe(before.length + 1)
  const kept = (await sittings()).at(-1)
  expect(kept?.said).toEqual(Array(24).fill(7))
  // What is true was worked out by the server; each picture came twice.
  expect(new Set(kept?.shown.map(({ truth }) => truth)).size).toBe(12)

  // Whoever says 7 of everything is far off at the low end, and strays.
  const row = table.getByRole('row', { name: /Marla Quist/ })
  await expect(row).toContainText('today')
  await expect(page.getByText(/says .* than Marla Quist/).first()).toBeVisible()
  await page.getByText('how', { exact: true }).first().click()
  await expect(page.getByText('a linear mixed model')).toBeVisible()

  await page.getByText(/^Sittings \(/).click()
  const mine = page.getByRole('listitem').filter({ hasText: 'shed laptop' })
  await mine.getByRole('button', { name: /^Correct: / }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Why').fill('Said 7 to everything.')
  await dialog.getByRole('button', { name: 'Strike it out' }).click()
  await expect.poll(async () => (await sittings()).length).toBe(before.length)
  await expect(row).not.toContainText('today')
  await page.goto('/history')
  await expect(page.getByText(/Eye tried on turf colour/).first()).toBeVisible()
})

test('a screen is measured by the card in one photo, own photos are rated at it, and it is forgotten', async ({
  page,
  request,
}) => {
  const [place] = await (await request.get('/api/places')).json()
  const screens = async () =>
    ((await (await request.get('/api/places')).json()) as PlaceDto[])[0]?.settings.screens ?? []
  // A cold screen: pale leaves hardly change, yellow-green ones come out greener.
  const photo = await photoOfScreen({ red: 0.85, green: 0.96, blue: 1 })
  await page.goto('/eye')
  await page.getByText('Screens (0 measured)').click()
  await page.getByRole('button', { name: 'Measure a screen' }).click()
  const dialog = page.getByRole('dialog')
  const file = dialog.locator('input[type=file]')
  const send = (name: string, bytes: Uint8Array) =>
    file.setInputFiles({ name, mimeType: 'image/jpeg', buffer: Buffer.from(bytes) })
  await send('broken.jpg', photo.subarray(0, 900))
  await expect(dialog.getByRole('alert')).toContainText('no picture that can be read')
  await send('screen.jpg', photo)
  await expect(dialog.getByText(/^It shows leaves/)).toBeVisible()
  await dialog.getByLabel('Screen', { exact: true }).fill('Shed laptop')
  await dialog.getByRole('button', { name: 'Keep the screen' }).click()
  await expect(page.getByText('Screens (1 measured)')).toBeVisible()
  const [kept] = await screens()
  expect(kept?.name).toBe('Shed laptop')
  const yellowGreen = kept?.points.find(({ greenness }) => greenness === 0.46)
  expect(yellowGreen?.shown).toBeGreaterThan(0.48)

  await page.getByText('Own photos').click()
  await page.getByRole('button', { name: 'Begin a sitting' }).click()
  for (let at = 0; at < 14; at++) {
    await expect(page.getByRole('img', { name: 'The photo to rate' })).toBeVisible()
    await page.locator('.values label').filter({ hasText: /^6$/ }).click()
    if (at < 13) await expect(page.getByText(`${at + 1} of 14 rated`)).toBeVisible()
  }
  await page.getByLabel('Screen it was looked at on').fill('shed laptop')
  await page.getByRole('button', { name: 'Keep the sitting' }).click()
  await expect(page.getByRole('button', { name: 'Begin a sitting' })).toBeVisible()
  const sat = (await (await request.get(`/api/places/${place.id}/eye-sittings`)).json()) as EyeSittingDto[] // prettier-ignore
  expect(new Set(sat.at(-1)?.shown.map(({ photoId }) => photoId)).size).toBe(7)
  await page.getByText(/^Sittings \(/).click()
  await expect(page.getByText('14 ratings of photos, on shed laptop')).toBeVisible()

  await page.getByText('Screens (1 measured)').click()
  await page.getByRole('button', { name: 'Forget' }).click()
  await page.getByRole('button', { name: 'Forget it' }).click()
  await expect.poll(async () => (await screens()).length).toBe(0)
})

test('ratings count as the eye that gave them is, and what the place taught is expected once it is switched on', async ({
  page,
  request,
}) => {
  const [place] = await (await request.get('/api/places')).json()
  const settings = async () => {
    const [now] = await (await request.get('/api/places')).json()
    return now.settings as { readonly learns?: boolean; readonly takesAsSaid?: boolean }
  }
  const goTo = async (name: string, step: RegExp) => {
    await openStand(page, name)
    const steps = page.getByRole('navigation', { name: 'Steps of the case' })
    await steps.getByRole('link', { name: step }).click()
  }
  const watch = (name: string) => goTo(name, /^Watch/)
  await watch('Bowling green')
  await page.getByText(/^Colours kept \(/).click()
  const kept = page.getByText(/counts as .* by the eye of Marla Quist/)
  await expect(kept.first()).toBeVisible()

  await page.goto('/lessons')
  const spray = page.getByRole('region', { name: 'leaf spray' })
  await expect(spray.getByRole('row', { name: /^Lasts 14 to 28 days/ })).toBeVisible()
  await spray.getByText('how', { exact: true }).click()
  await expect(spray.getByText(/a hierarchical normal model/)).toBeVisible()
  await spray.getByText(/treatments that it rests on/).click()
  const { treatments } = await (await request.get(`/api/places/${place.id}/learning`)).json()
  const sprays = (treatments as { route: string }[]).filter(({ route }) => route === 'leaf')
  await expect(spray.getByRole('listitem')).toHaveCount(sprays.length)

  await page.getByRole('checkbox', { name: /Expect what this place taught/ }).click()
  await expect.poll(async () => (await settings()).learns).toBe(true)
  await page.getByRole('checkbox', { name: /Put ratings right by/ }).click()
  await expect.poll(async () => (await settings()).takesAsSaid).toBe(true)

  // What the meter of the shed reads beside a laboratory, and what its readings count as now that it is known.
  await page.getByRole('tab', { name: 'Kits and meters' }).click()
  const meter = page.getByRole('row', { name: /^pH, meter: pocket meter/ })
  await expect(meter).toContainText(/0\.3\d? too high, of 3 pairs/)
  await page.getByText('the 3 pairs that it rests on').click()
  await page.getByRole('link', { name: 'Azalea border' }).click()
  const read = page.getByRole('listitem').filter({ hasText: 'pocket meter' })
  await expect(read.first()).toContainText(/counts as 6\.[67]\d* ± 0\.1\d/)
  // When each stand likely goes pale if nobody treats it.
  await page.goto('/lessons')
  await page.getByRole('tab', { name: 'Without treatment' }).click()
  const lawn = page.getByRole('row', { name: /^Events lawn/ })
  await expect(lawn).toContainText(/pale half of the time.*of \d+ looks, \d+ of them of a strip/)
  await page.getByText('how, Events lawn', { exact: true }).click()
  await expect(page.getByText(/a mean and two waves/).filter({ visible: true })).toHaveCount(1)

  // Where leaves were treated, the expected course says where it is from; ratings stand as they were said.
  await watch('Long Down sorghum')
  await expect(page.getByText(/moved by \d+ treatments? of this place/)).toBeVisible()
  await watch('Bowling green')
  await page.getByText(/^Colours kept \(/).click()
  await expect(page.getByText(/: colour 4 of 9/).first()).toBeVisible()
  await expect(kept).toHaveCount(0)

  // What went wrong on one avenue, and what came of the other chelate, stands beside the verdict of a vineyard.
  await goTo('South vineyard block', /^Verdict/)
  const like = page.getByRole('region', { name: 'Cases like this here' })
  await expect(like.getByRole('listitem').filter({ hasText: 'Fe-EDTA' })).toContainText('Given up')
  await expect(like.getByRole('listitem').filter({ hasText: 'Fe-EDDHA' })).toContainText('Green')

  // The trial that would settle most is laid out in one step, in as many plots as can see it.
  await page.goto('/lessons')
  await page.getByRole('link', { name: 'Lay it out' }).click()
  await expect(page.getByLabel('Its treatments')).toHaveValue(/^untreated, /)
  await expect(page.getByText(/it is seen 8\d ?% of the times it is there/)).toBeVisible()

  // The place as it was, for whoever works there next.
  await page.goto('/lessons')
  await page.getByRole('checkbox', { name: /Expect what this place taught/ }).click()
  await page.getByRole('checkbox', { name: /Put ratings right by/ }).click()
  await expect.poll(settings).toMatchObject({ learns: false, takesAsSaid: false })
})
