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
