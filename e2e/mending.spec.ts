import type { Page } from '@playwright/test'
import type { PlaceDto } from '@spudder/contract/place'
import type { StandStoryDto } from '@spudder/contract/stand'
import { unzipSync } from 'fflate'
import { readFileSync, writeFileSync } from 'node:fs'
import { pdfPages } from './pdf-text.ts'
import { expect, openStand, test } from './spudder.ts'
import { ironSpray, lawn, numbered, standWithCase } from './stand-with-case.ts'

const storyOf = async (page: Page, standId: string) =>
  (await (await page.request.get(`/api/stands/${standId}`)).json()) as StandStoryDto

const granules = {
  causeId: 'iron-tied-up-by-pH',
  route: 'soil',
  sourceId: 'fe-eddha',
  rateId: 'soil-eddha-watered-in',
  rateValue: 2,
  carrierValue: 5,
  tankL: 200,
  contentShare: 0.06,
}
const spray = { ...ironSpray, hasStrip: true }

/** Plans a remedy for the open case, to be applied today. */
async function plan(page: Page, standId: string, how: object): Promise<void> {
  const caseId = (await storyOf(page, standId)).cases[0]?.id ?? ''
  const remedy = {
    id: crypto.randomUUID(),
    applyOn: new Date().toISOString().slice(0, 10),
    ...how,
  }
  const answer = await page.request.post(`/api/cases/${caseId}/remedies`, { data: remedy })
  expect(answer.status(), await answer.text()).toBe(201)
}

test('a pH typed wrongly is put right, struck out and taken back, and the history tells it all', async ({
  page,
}) => {
  const standId = await standWithCase(page, lawn)
  const reading = { id: crypto.randomUUID(), kind: 'pH', value: 9.8, method: 'meter', takenOn: '2026-05-20' } // prettier-ignore
  await page.request.post(`/api/stands/${standId}/readings`, { data: reading })
  await page.goto(`/stands/${standId}/bench`)

  await page.getByRole('button', { name: /^Correct: pH 9.8/ }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Value').fill('8.9')
  await dialog.getByRole('button', { name: 'Save what is right' }).click()
  // Without the reason nothing is stored.
  await expect(dialog.getByText('Say why')).toBeVisible()
  await dialog.getByLabel('Why').fill('Two figures changed places.')
  await dialog.getByRole('button', { name: 'Save what is right' }).click()
  await expect(dialog).toBeHidden()
  await expect(page.getByRole('region', { name: 'Readings' })).toContainText('8.9')

  await page.getByRole('button', { name: /^Correct: pH 8.9/ }).click()
  await dialog.getByLabel('Why').fill('Of another lawn.')
  await dialog.getByRole('button', { name: 'Strike it out' }).click()
  await expect(page.getByText('Nothing measured yet.')).toBeVisible()
  expect((await storyOf(page, standId)).readings).toEqual([])
  await page.getByRole('button', { name: 'Undo' }).last().click()
  await expect(page.getByRole('region', { name: 'Readings' })).toContainText('8.9')

  await page.goto(`/history?stand=${standId}`)
  const lines = page.getByRole('list', { name: /What was done/ }).getByRole('listitem')
  await expect(lines.first()).toContainText('taken back')
  await expect(lines.nth(1)).toContainText('Why: Of another lawn.')
  await expect(lines.nth(2)).toContainText('Value: 9.8 → 8.9')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as CSV' }).click()
  const csv = readFileSync(await (await download).path(), 'utf8')
  expect(csv).toMatch(/changed: Value,9.8,8.9,Two figures changed places\./)
})

test('two people change one stand: the later sees what the earlier did, and chooses', async ({
  page,
}) => {
  const name = numbered('Shared')
  const [place] = (await (await page.request.get('/api/places')).json()) as PlaceDto[]
  const id = crypto.randomUUID()
  const stand = { id, name, ...lawn }
  await page.request.post(`/api/places/${place?.id ?? ''}/stands`, { data: stand })
  await openStand(page, name)
  await page.getByRole('link', { name: 'measure, change' }).click()
  const itself = page.getByRole('region', { name: 'The stand itself' })
  await itself.getByLabel('Note').fill('by the pond')

  const other = await page.context().newPage()
  await other.goto(`/stands/${id}/size`)
  const theirs = other.getByRole('region', { name: 'The stand itself' })
  await theirs.getByLabel('Note').fill('by the gate')
  await theirs.getByRole('button', { name: 'Save the stand' }).click()
  await expect(other.getByText('Saved.')).toBeVisible()
  await other.close()

  await itself.getByRole('button', { name: 'Save the stand' }).click()
  const asked = page.getByRole('dialog', { name: 'Somebody was there before you' })
  await expect(asked).toContainText('Note from nothing to by the gate')
  await asked.getByRole('button', { name: 'Store mine over it' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  const { stand: now } = await storyOf(page, id)
  expect(now.note).toBe('by the pond')
  // Nobody's words are gone: both stand in the history.
  await page.goto(`/history?stand=${id}`)
  await expect(page.getByText('Note: by the gate → by the pond')).toBeVisible()
})

test('a job is dropped with those that wait for it named, and all come back by one Undo', async ({
  page,
}) => {
  const standId = await standWithCase(page, lawn)
  await plan(page, standId, spray)
  const before = (await storyOf(page, standId)).jobs.map(({ status }) => status)
  await page.goto(`/stands/${standId}/jobs`)
  // The strip says where to leave off, on the sheet of the spray.
  const apply = (await storyOf(page, standId)).jobs.find(({ kind }) => kind === 'apply')
  await page.goto(`/stands/${standId}/sheet/${apply?.id ?? ''}`)
  await expect(page.getByText(/^Leave off a strip/)).toBeVisible()

  await page.goto(`/stands/${standId}/jobs`)
  const drop = page.getByRole('button', { name: 'Drop the job' })
  const strip = page.getByRole('button', { name: /Mark a strip to leave untreated/ })
  await expect(strip).toBeVisible()
  if (!(await drop.first().isVisible())) await strip.click()
  await drop.first().click()
  const dialog = page.getByRole('dialog', { name: /^Drop “Mark a strip/ })
  const waiting = dialog.getByRole('list', { name: 'Jobs that wait for it' })
  await expect(waiting).toContainText('Ferrous sulfate')
  await dialog.getByRole('button', { name: 'Drop it' }).click()
  await expect(page.getByText(/that waited for it are dropped/)).toBeVisible()
  expect((await storyOf(page, standId)).jobs.every(({ status }) => status === 'dropped')).toBe(true)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Taken back.')).toBeVisible()
  expect((await storyOf(page, standId)).jobs.map(({ status }) => status)).toEqual(before)
})

test('an entry of a hundred times the plan is asked about before it is stored, and one that did not happen is struck', async ({
  page,
}) => {
  const standId = await standWithCase(page, lawn)
  await plan(page, standId, granules)
  await page.goto(`/stands/${standId}/jobs`)
  const record = page.getByRole('button', { name: 'Record it' })
  // The next job stands open.
  await expect(record).toBeVisible()
  await page.getByLabel('Product used').fill('56 kg')
  await record.click()
  const asked = page.getByRole('dialog', { name: 'Is that right?' })
  await expect(asked).toContainText(/times the .* planned\. Is it the right unit\?/)
  await asked.getByRole('button', { name: 'Yes, store it as it is' }).click()
  await expect(page.getByRole('region', { name: 'Entries' })).toBeVisible()

  await page.getByRole('button', { name: 'Correct', exact: true }).click()
  await page
    .getByRole('region', { name: 'Entries' })
    .getByLabel('Why it is corrected')
    .fill('The wrong lawn.')
  await page.getByRole('button', { name: 'It did not happen' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Strike it out' }).click()
  await expect(page.getByText('Struck out, it did not happen: The wrong lawn.')).toBeVisible()
  const { entries, jobs } = await storyOf(page, standId)
  expect(entries.map(({ isStruck }) => isStruck).toSorted()).toEqual([false, true])
  expect(jobs.find(({ kind }) => kind === 'apply')?.status).toBe('planned')
  // What is judged, and what an inspector reads, follow.
  const steps = page.getByRole('navigation', { name: 'Steps of the case' })
  await expect(steps.getByRole('link', { name: 'Watch' })).toContainText('nothing applied yet')
  await page.goto('/record')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF for the inspector' }).click(),
  ])
  const paper = (await pdfPages(readFileSync(await download.path()))).join(' ')
  expect(paper).toMatch(/did not happen.*The wrong lawn/i)
})

test('a spreadsheet is looked over and taken in, and a place goes out as one archive', async ({
  page,
}, info) => {
  const name = numbered('Bookkept')
  const [place] = (await (await page.request.get('/api/places')).json()) as PlaceDto[]
  const stand = { id: crypto.randomUUID(), name, ...lawn }
  await page.request.post(`/api/places/${place?.id ?? ''}/stands`, { data: stand })
  const file = info.outputPath('old-book.csv')
  const rows = (amount: string) =>
    `Stand,Date,Product,Amount\n${name},2019-05-01,Fe-EDDHA,1 kg\n${name},2020-05-02,Fe-EDDHA,${amount}\n`
  await page.goto('/intake')
  writeFileSync(file, rows('a bag'))
  await page.locator('input[type=file]').setInputFiles(file)
  await expect(page.getByText(/Line 3, Amount/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Take in/ })).toBeDisabled()
  writeFileSync(file, rows('2 kg'))
  await page.locator('input[type=file]').setInputFiles(file)
  await page.getByRole('button', { name: 'Take in 2 rows' }).click()
  await expect(page.getByText('2 rows of old-book.csv are in.')).toBeVisible()
  const story = await storyOf(page, stand.id)
  expect(story.entries.map(({ imported }) => imported?.line)).toEqual([2, 3])
  // It was the wrong file: all of it goes out by one of its lines.
  await page.goto(`/history?stand=${stand.id}`)
  const back = page.getByRole('button', { name: /^Take back the whole file of/ })
  await back.first().click()
  const asked = page.getByRole('dialog', { name: 'Take back all that old-book.csv brought?' })
  await asked.getByRole('button', { name: 'Take it all back' }).click()
  await expect(page.getByText('2 rows of old-book.csv are taken back.')).toBeVisible()
  const { entries } = await storyOf(page, stand.id)
  expect(entries.filter(({ isStruck }) => isStruck)).toHaveLength(2)

  await page.goto('/settings?tab=archive')
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save the archive' }).click()
  const files = unzipSync(readFileSync(await (await download).path()))
  expect(Object.keys(files)).toContain('checksums.sha256')
  expect(Buffer.from(files['archive.json'] ?? []).toString('utf8')).toContain(name)
})
