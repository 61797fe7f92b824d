import type { Browser, Page } from '@playwright/test'
import { choose, expect, openSettings, Spudder, test as base } from './spudder.ts'

/** An installation of somebody's own, opened under the name that passkeys are bound to. */
const test = base.extend<object, { spudder: Spudder }>({
  spudder: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads the fixtures wanted from it
    async ({}, use, { workerIndex }) => {
      const own = await Spudder.create(`people-${workerIndex}`, 5570 + 20 * workerIndex, false)
      await use(own)
      await own.stop()
    },
    { scope: 'worker', timeout: 600_000 },
  ],
  baseURL: async ({ spudder }, use) => use(spudder.url.replace('127.0.0.1', 'localhost')),
})
test.describe.configure({ mode: 'serial' })

const owner = { signInName: 'hollis@alder.example', password: 'slate heron ninety doors' }
const crew = { signInName: 'piet', password: 'orchard kettle seven moss' }

/** Another person at a device of their own. */
async function deviceOf(browser: Browser, baseURL: string | undefined): Promise<Page> {
  const context = await browser.newContext({ ...(baseURL && { baseURL }) })
  await context.addInitScript(() => localStorage.setItem('spudder:shown-around', 'true'))
  return context.newPage()
}
async function signIn(page: Page, { signInName, password }: typeof owner): Promise<void> {
  await page.getByLabel('Sign-in name').fill(signInName)
  await page.getByLabel('Password').fill(password)
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
}

test('who worked alone asks for sign-in, and asks in a crew member, who sees what is theirs', async ({
  page,
  browser,
  baseURL,
}) => {
  await page.goto('/places/new')
  await page.getByLabel('Name of the place').fill('Alder Court')
  await page.getByRole('button', { name: 'Start' }).click()
  await expect(page.getByRole('button', { name: 'Alder Court' })).toBeVisible()

  await page.goto('/account')
  const ask = page.getByRole('form', { name: 'Ask for sign-in' })
  await ask.getByLabel('Sign-in name').fill(owner.signInName)
  await ask.getByLabel('Password').fill('password1234')
  await ask.getByRole('button').last().click()
  await expect(ask).toContainText('lists of stolen ones')
  await ask.getByLabel('Password').fill(owner.password)
  await ask.getByRole('button', { name: 'Ask for sign-in from now on' }).click()
  await expect(page).toHaveURL(/:\d+\/$/)
  // Signed in from here on, and the page says as whom.
  await expect(page.getByText('the grower, owner')).toBeVisible()

  await openSettings(page, 'People')
  const invite = page.getByRole('form', { name: 'Ask somebody in' })
  await invite.getByLabel('Name').fill('Piet Loam')
  await choose(invite.getByLabel('As'), 'Applicator')
  await invite.getByRole('button', { name: 'Make a link' }).click()
  const link = await page.getByRole('textbox', { name: 'The link' }).textContent()
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
  await expect(page.getByText('as applicator')).toBeVisible()

  const phone = await deviceOf(browser, baseURL)
  await phone.goto('/')
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await phone.goto(String(link).trim())
  await expect(phone.getByText(/asks you to Alder Court as applicator/)).toBeVisible()
  await phone.getByLabel('Sign-in name').fill(crew.signInName)
  await phone.getByLabel('Password').fill(crew.password)
  await phone.getByRole('button', { name: 'Come in' }).click()
  await expect(phone.getByRole('button', { name: 'Alder Court' })).toBeVisible()
  await phone.getByRole('button', { name: 'Alder Court' }).click()
  const menu = phone.getByRole('dialog')
  await expect(menu.getByText('applicator here')).toBeVisible()
  await expect(menu.getByRole('link', { name: 'Dates' })).toBeVisible()
  // Settings are the manager's.
  await expect(menu.getByRole('link', { name: 'Settings' })).toHaveCount(0)

  await page.reload()
  await openSettings(page, 'People')
  await expect(page.getByRole('list', { name: 'Who works here' })).toContainText('Piet Loam')
  await choose(page.getByLabel('Role of Piet Loam'), 'Inspector')
  await expect(page.getByText('Piet Loam is inspector now.')).toBeVisible()
  await phone.goto('/record')
  await expect(phone.getByRole('heading', { level: 1, name: 'Record' })).toBeVisible()
  await expect(phone.getByRole('link', { name: 'Estate' })).toHaveCount(0)

  await openSettings(page, 'Who came in')
  const audit = page.getByRole('table')
  await expect(audit).toContainText('came in by an invitation')
  await expect(audit).toContainText('changed a role')
  await phone.context().close()
})

test('a passkey lets one in without a password, and a lost password is mended by a link', async ({
  page,
  browser,
  baseURL,
}) => {
  // A security key that Chromium plays, as its developer tools offer it.
  const keys = await page.context().newCDPSession(page)
  await keys.send('WebAuthn.enable')
  await keys.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
    },
  })
  await page.goto('/')
  await signIn(page, owner)
  await expect(page.getByRole('button', { name: 'Alder Court' })).toBeVisible()
  await page.goto('/account')
  await page.getByLabel('Name of the passkey').fill('Laptop')
  await page.getByRole('button', { name: 'Add a passkey' }).click()
  await expect(page.getByRole('list', { name: 'Passkeys' })).toContainText('Laptop')
  // The page is loaded anew once the device has forgotten what was somebody's.
  const left = page.waitForEvent('load')
  await page.getByRole('button', { name: 'Sign out here' }).click()
  await left
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await page.goto('/record')
  await page.getByRole('button', { name: 'Sign in with a passkey' }).click()
  // Where they wanted to go.
  await expect(page.getByRole('heading', { level: 1, name: 'Record' })).toBeVisible()

  await openSettings(page, 'People')
  await page.getByRole('button', { name: 'A link for Piet Loam to come in again' }).click()
  const link = await page.getByRole('textbox', { name: 'The link' }).textContent()
  const phone = await deviceOf(browser, baseURL)
  await phone.goto(String(link).trim())
  await expect(phone.getByLabel('Sign-in name')).toHaveValue(crew.signInName)
  await phone.getByLabel('Password').fill('lantern quarry eleven ferns')
  await phone.getByRole('button', { name: 'Come in' }).click()
  await expect(phone.getByRole('button', { name: 'Alder Court' })).toBeVisible()
  await phone.goto(String(link).trim())
  await expect(phone.getByText(/followed already/)).toBeVisible()
  await phone.context().close()
})

test('a key lets a program do what it was made for, until it is withdrawn', async ({
  page,
  baseURL,
}) => {
  await page.goto('/')
  await signIn(page, owner)
  await expect(page.getByRole('button', { name: 'Alder Court' })).toBeVisible()
  const [place] = (await (await page.request.get('/api/places')).json()) as { id: string }[]
  await openSettings(page, 'Keys of programs')
  const form = page.getByRole('form', { name: 'Make a key' })
  await form.getByLabel('What it is for').fill('Weather post')
  await form.getByRole('button', { name: 'Make a key' }).click()
  const key = (await page.getByRole('textbox', { name: 'The key' }).textContent())?.trim() ?? ''
  const ask = (path: string) =>
    fetch(`${baseURL}/api/places/${place?.id}${path}`, {
      headers: { authorization: `Bearer ${key}` },
    })
  expect((await ask('/planning')).status).toBe(200)
  expect((await ask('/people')).status).toBe(403)
  await page.getByRole('button', { name: 'Withdraw the key for Weather post' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Withdraw it' }).click()
  await expect(page.getByRole('list', { name: 'Keys in use' })).toHaveCount(0)
  expect((await ask('/planning')).status).toBe(401)
})
