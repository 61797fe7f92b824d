import type { DayDto } from '@spudder/contract/day'
import type { PlaceDto } from '@spudder/contract/place'
import type { StandNameDto } from '@spudder/contract/stand'
import { expect, type Browser, type BrowserContext } from '@playwright/test'
import { asPhone, dayFromToday } from './spudder.ts'

/** A phone of somebody who was shown around already. */
export async function phoneOn(browser: Browser, url: string): Promise<BrowserContext> {
  const context = await browser.newContext({ baseURL: url, ...asPhone })
  await context.addInitScript(() => localStorage.setItem('spudder:shown-around', 'true'))
  return context
}

export const read = async <Answer>(context: BrowserContext, path: string): Promise<Answer> =>
  (await context.request.get(`/api${path}`)).json() as Promise<Answer>
export const post = async (context: BrowserContext, path: string, data: object): Promise<void> =>
  expect((await context.request.post(`/api${path}`, { data })).ok()).toBe(true)

/** Stands of the estate by their names, and the day as it stands. */
export async function estateOf(context: BrowserContext) {
  const [place] = await read<PlaceDto[]>(context, '/places')
  const placeId = place?.id ?? ''
  const names = await read<StandNameDto[]>(context, `/places/${placeId}/stands`)
  const idOf = (name: string) => names.find((each) => each.name === name)?.id ?? ''
  const day = () => read<DayDto>(context, `/places/${placeId}/day?day=${dayFromToday(0)}`)
  const dose = async () => {
    const { mine, others } = await day()
    return [...mine, ...others].find(({ job }) => job.kind === 'apply')?.job
  }
  return { placeId, idOf, day, dose }
}
