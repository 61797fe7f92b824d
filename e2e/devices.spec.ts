import { chromium, expect, test } from '@playwright/test'
import type { StandNameDto, StandStoryDto } from '@spudder/contract/stand'
import type { PlaceDto } from '@spudder/contract/place'
import type { ZoneDto } from '@spudder/contract/zone'
import { toBuffer } from 'qrcode'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import { Spudder } from './spudder.ts'

let spudder: Spudder
const folder = mkdtempSync(join(tmpdir(), 'spudder-camera-'))
test.beforeAll(async () => (spudder = await Spudder.create('devices', 5660)))
test.afterAll(async () => {
  await spudder.stop()
  rmSync(folder, { recursive: true })
})

/** What the camera of the browser sees: the code of a lot on a white wall. */
async function cameraFile(text: string): Promise<string> {
  const code = await toBuffer(text, { width: 320, margin: 4 })
  const wall = sharp({ create: { width: 640, height: 480, channels: 3, background: '#fff' } })
  const frame = await wall
    .composite([{ input: code }])
    .jpeg()
    .toBuffer()
  const file = join(folder, 'camera.mjpeg')
  writeFileSync(file, Buffer.concat(Array.from({ length: 10 }, () => frame)))
  return file
}

async function phone(isAllowed: boolean) {
  const camera = await cameraFile('(01)09506000134352(17)281231(10)FROM-THE-BAG')
  const allowed = ['--use-fake-ui-for-media-stream', '--use-fake-device-for-media-stream', `--use-file-for-fake-video-capture=${camera}`] // prettier-ignore
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', ...(isAllowed ? allowed : ['--deny-permission-prompts'])],
  })
  const context = await browser.newContext({
    baseURL: spudder.url,
    viewport: { width: 390, height: 844 },
    locale: 'en-GB',
    serviceWorkers: 'block',
    permissions: isAllowed ? ['geolocation'] : [],
  })
  await context.addInitScript(() => localStorage.setItem('spudder:shown-around', 'true'))
  const read = async <Answer>(path: string) =>
    (await context.request.get(`/api${path}`)).json() as Promise<Answer>
  const [place] = await read<PlaceDto[]>('/places')
  const names = await read<StandNameDto[]>(`/places/${place?.id}/stands`)
  const idOf = (name: string) => names.find((each) => each.name === name)?.id ?? ''
  return { browser, context, page: await context.newPage(), read, idOf }
}

test('camera, codes, position and pens help where they are allowed', async () => {
  const { browser, context, page, read, idOf } = await phone(true)
  const { jobs } = await read<StandStoryDto>(`/stands/${idOf('Lettuce raft loop')}`)
  const dose = jobs.find(({ kind, status }) => kind === 'apply' && status === 'planned')
  await page.goto(`/stands/${dose?.standId}/sheet/${dose?.id}?record=yes`)
  await page.getByRole('button', { name: 'Read it off its code' }).click()
  await expect(page.getByLabel('Lot', { exact: true })).toHaveValue('FROM-THE-BAG')

  // The camera says at once what is wrong with what it sees, and takes the picture all the same.
  await page.goto(`/stands/${idOf('Bowling green')}/look`)
  await page.getByRole('button', { name: 'Camera', exact: true }).click()
  const guide = page.getByRole('dialog')
  await expect(guide.getByRole('status')).toContainText('The picture has no colours')
  await guide.getByRole('button', { name: 'Take it' }).click()
  await expect(page.getByRole('img', { name: /^Photo .*\.jpg$/ })).toBeVisible()
  const lastPhoto = async () =>
    (await read<StandStoryDto>(`/stands/${idOf('Bowling green')}`)).photos.at(-1)
  await expect.poll(async () => (await lastPhoto())?.widthPx).toBe(640)
  expect(await lastPhoto()).toMatchObject({ type: 'image/jpeg', heightPx: 480 })

  // The phone knows the zone it stands in; a tap scores it.
  const field = idOf('Long Down sorghum')
  const zones = await read<ZoneDto[]>(`/stands/${field}/zones`)
  const brow = zones.find(({ name }) => name === 'Brow')
  const { longitude = 0, latitude = 0 } = brow?.origin ?? {}
  const [x = 0, y = 0] = brow?.outline.reduce(([a = 0, b = 0], [c = 0, d = 0]) => [a + c / brow.outline.length, b + d / brow.outline.length], [0, 0]) ?? [] // prettier-ignore
  const metresPerDegree = 111_320
  await context.setGeolocation({
    latitude: latitude + y / metresPerDegree,
    longitude: longitude + x / (metresPerDegree * Math.cos((latitude * Math.PI) / 180)),
    accuracy: 5,
  })
  await page.goto(`/stands/${field}/zones`)
  await page.getByRole('button', { name: 'Where am I?' }).click()
  await expect(page.getByText('You stand in Brow')).toBeVisible()
  await page
    .getByRole('group', { name: /^Brow: 1 green/ })
    .getByText('3', { exact: true })
    .click()
  await expect.poll(async () => (await read<ZoneDto[]>(`/stands/${field}/zones`)).find(({ id }) => id === brow?.id)?.score).toBe(3) // prettier-ignore

  // A made-up pen settles, and its value says that it is made up.
  await page.goto(`/stands/${idOf('Bowling green')}/bench`)
  await page.getByText('Your own pen').click()
  await page.getByRole('button', { name: 'Simulated pen' }).click()
  await expect(page.getByText('simulated pen, 21.0 °C: settled')).toBeVisible()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect.poll(async () => (await read<StandStoryDto>(`/stands/${idOf('Bowling green')}`)).readings.filter(({ came }) => came.how === 'simulated' && came.by?.startsWith('simulated pen')).length).toBe(1) // prettier-ignore
  await browser.close()
})

test('camera and position that are refused say what to do instead, and nothing is lost', async () => {
  const { browser, page, read, idOf } = await phone(false)
  await page.goto(`/stands/${idOf('Bowling green')}/look`)
  await page.getByRole('button', { name: 'Camera', exact: true }).click()
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText(/add it as a file|Add a picture as a file/) // prettier-ignore
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
  await page.goto(`/stands/${idOf('Long Down sorghum')}/zones`)
  await page.getByRole('button', { name: 'Where am I?' }).click()
  await expect(page.getByText(/^The position was refused\. Allow it/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Where am I?' })).toBeVisible()

  // The lot is read from a picture of its code.
  const { jobs } = await read<StandStoryDto>(`/stands/${idOf('Lettuce raft loop')}`)
  const dose = jobs.find(({ kind, status }) => kind === 'apply' && status === 'planned')
  await page.goto(`/stands/${dose?.standId}/sheet/${dose?.id}?record=yes`)
  await page.getByLabel('Note').fill('Dew was gone.')
  await page.getByRole('button', { name: 'Read it off its code' }).click()
  const scanner = page.getByRole('dialog')
  await expect(scanner.getByRole('alert')).toBeVisible()
  const buffer = await toBuffer('LOT-77', { width: 300, margin: 4 })
  await scanner.locator('input[type=file]').setInputFiles({ name: 'code.png', mimeType: 'image/png', buffer }) // prettier-ignore
  await expect(page.getByLabel('Lot', { exact: true })).toHaveValue('LOT-77')
  await expect(page.getByLabel('Note')).toHaveValue('Dew was gone.')
  await browser.close()
})
