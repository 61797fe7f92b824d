import type { Page } from '@playwright/test'
import {
  noLaboratoryFiles,
  oddLaboratoryFiles,
} from '../core/src/seen/laboratory/tests/odd-laboratory-files.ts'
import { oddStationFiles } from '../core/src/days/station/tests/odd-station-files.ts'
import { choose, expect, openSettings, openStand, test } from './spudder.ts'

interface Given {
  readonly what: string
  readonly bytes: Buffer
}
const utf8 = ([what, text]: readonly [string, string]): Given => ({
  what,
  bytes: Buffer.from(text, 'utf8'),
})
/** The same files by programs that write two bytes a letter, or one that is not UTF-8. */
const otherEncodings: readonly Given[] = [
  {
    what: 'two bytes a letter',
    bytes: Buffer.from('\uFEFFDate;Sample;pH\r\n28.11.2026;Große Wiese;7,8\r\n', 'utf16le'),
  },
  {
    what: 'two bytes a letter, the high one first',
    bytes: Buffer.from('\uFEFFDate\tSample\tpH\n2026-11-28\tLawn\t7.8\n', 'utf16le').swap16(),
  },
  {
    what: 'one byte a letter',
    bytes: Buffer.from('Date;Sample;pH\n28.11.2026;Große Wiese;7,8', 'latin1'),
  },
]
const put = (page: Page, label: string, { what, bytes }: Given) =>
  page.getByLabel(label).setInputFiles({ name: `${what}.csv`, mimeType: 'text/csv', buffer: bytes })

test('files as laboratories send them are read or questioned on the screen', async ({ page }) => {
  await openStand(page, 'Bowling green')
  await page.getByRole('link', { name: /^Bench/ }).click()
  await page.getByText('Laboratory', { exact: true }).click()
  const file = page.getByRole('region', { name: 'Laboratory file' })
  const store = file.getByRole('button', { name: /^Save all/ })
  for (const given of [...oddLaboratoryFiles.map(utf8), ...otherEncodings]) {
    await test.step(given.what, async () => {
      await put(page, 'Open a CSV file', given)
      // Whose sample it is only the reader knows: that is the question, and the only one.
      await choose(file.getByLabel(/ is of$/).first(), 'Bowling green')
      await expect(store, given.what).toBeEnabled()
      await expect(file.getByRole('alert'), given.what).toHaveCount(0)
      await file.getByRole('button', { name: 'Leave it' }).click()
    })
  }
  for (const given of noLaboratoryFiles.map(utf8)) {
    await test.step(`no file of results: ${given.what}`, async () => {
      await put(page, 'Open a CSV file', given)
      const refusal = file
        .getByRole('alert')
        .or(file.getByText(/give |choose |is no day|which stand/i))
      await expect(refusal.first(), given.what).toBeVisible()
      await expect(store.and(page.locator(':enabled')), given.what).toHaveCount(0)
      const leave = file.getByRole('button', { name: 'Leave it' })
      if (await leave.isVisible()) await leave.click()
    })
  }
})

test('files as weather stations write them are taken in, or asked about', async ({ page }) => {
  await openSettings(page, 'Weather')
  for (const given of oddStationFiles.map(utf8)) {
    await test.step(given.what, async () => {
      await put(page, 'Take in a file', given)
      await expect(page.getByText(`One day taken from ${given.what}.csv.`)).toBeVisible()
    })
  }
  await test.step('days that could be two are asked about', async () => {
    const hours = Array.from({ length: 24 }, (_, hour) => `03/04/2026 ${hour}:00,12.5,0,2`)
    const text = ['Time,Temperature,Rain,Wind', ...hours].join('\n')
    await put(page, 'Take in a file', utf8(['either', text]))
    await page.getByText('month, day, year').click()
    await expect(page.getByText('One day taken from either.csv.')).toBeVisible()
  })
  await test.step('columns that say nothing are named once, and the next file is known by them', async () => {
    const dayOf = (day: string) =>
      Array.from({ length: 24 }, (_, hour) => `${day} ${hour}:00,50,1,36`).join('\n')
    const text = (day: string) => `When,T2m,Regen,FF\n${dayOf(day)}`
    await put(page, 'Take in a file', utf8(['unnamed', text('2026-04-07')]))
    await expect(page.getByText(/do not say which column is what/)).toBeVisible()
    const form = page.getByRole('form', { name: 'Which column of the file is what' })
    for (const [label, words] of [
      ['Day, or day and hour', 'When'],
      ['Temperature', 'T2m'],
      ['Temperature in', '°F'],
      ['Rain', 'Regen'],
      ['Wind', 'FF'],
      ['Wind in', 'km/h'],
    ] as const)
      await choose(form.getByLabel(label, { exact: true }), words)
    await form.getByRole('button', { name: 'Take in the file so named' }).click()
    await expect(page.getByText('One day taken from unnamed.csv.')).toBeVisible()
    await put(page, 'Take in a file', utf8(['again', text('2026-04-08')]))
    await expect(page.getByText('One day taken from again.csv.')).toBeVisible()
  })
})
