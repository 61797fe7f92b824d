import type { StandDto } from '@spudder/contract/stand'
import type { Page } from '@playwright/test'
import { randomUUID } from 'node:crypto'
import { dayFromToday, openStand } from './spudder.ts'

/** A name that no other run of a journey has used. */
export const numbered = (name: string) => `${name} ${randomUUID().slice(0, 4)}`

/** A stand with an open case, so that a test can go on from there. */
export async function standWithCase(page: Page, stand: Partial<StandDto>): Promise<string> {
  const [place] = await (await page.request.get('/api/places')).json()
  const name = numbered('Trial')
  const body = { id: randomUUID(), name, ...stand }
  const made: StandDto = await (
    await page.request.post(`/api/places/${place.id}/stands`, { data: body })
  ).json()
  const findings = { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' }
  const look = { id: randomUUID(), lookedOn: dayFromToday(-1), findings, paint: {} }
  await page.request.post(`/api/stands/${made.id}/looks`, { data: look })
  await openStand(page, name)
  await page
    .getByRole('navigation', { name: 'Steps of the case' })
    .getByRole('link', { name: 'Remedy' })
    .click()
  return made.id
}
/** A lawn of 10,000 ft². */
export const lawn = {
  context: 'turf',
  plantId: 'bermudagrass',
  size: { kind: 'area', areaM2: 929.0304 },
} as const
/** A spray of iron as the remedy of a lawn: what a person would choose on its page. */
export const ironSpray = {
  causeId: 'iron-tied-up-by-pH',
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  rateId: 'leaf-sulfate-2-percent',
  rateValue: 2,
  carrierValue: 30,
  tankL: 40,
  contentShare: 0.2,
} as const
/** What plans the remedy. */
export const plan = (page: Page) => page.getByRole('button', { name: /^Plan for \d/ })
