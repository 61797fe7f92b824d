import type { Role } from '@spudder/contract/access'
import type { MeDto } from '@spudder/contract/person'
import type { Browser, BrowserContextOptions, Page } from '@playwright/test'

/** A page of somebody who was shown around already: the tour of a first visit would lie over it. */
export async function visitorPage(
  browser: Browser,
  options: BrowserContextOptions = {},
): Promise<Page> {
  const page = await browser.newPage(options)
  await page.addInitScript(() => localStorage.setItem('spudder:shown-around', 'true'))
  return page
}

/** Goes on as somebody else of the demo. */
export async function lookAs(page: Page, url: string, role: Role): Promise<void> {
  const { eyes } = (await (await page.request.get(`${url}/api/me`)).json()) as MeDto
  const personId = eyes.find((each) => each.role === role)?.id
  await page.request.post(`${url}/api/eyes`, { data: { personId } })
}
