import { expect, test } from './spudder.ts'

test.use({ serviceWorkers: 'allow' })

test('a device is told things while Spudder is closed, and can be told no more', async ({
  page,
  context,
  spudder,
}) => {
  await context.grantPermissions(['notifications'], { origin: spudder.url })
  // No push service is reached from here: what a browser would hand on is made up.
  await page.addInitScript(() => {
    let isOn = localStorage.getItem('made-up-push') === 'on'
    const switchTo = (now: boolean) => {
      isOn = now
      localStorage.setItem('made-up-push', now ? 'on' : 'off')
    }
    const made = {
      toJSON: () => ({ endpoint: 'https://push.example/made-up', keys: { p256dh: 'B'.repeat(87), auth: 'a'.repeat(22) } }),
      unsubscribe: () => Promise.resolve(switchTo(false)).then(() => true),
    }
    PushManager.prototype.subscribe = () => Promise.resolve(switchTo(true)).then(() => made as never)
    PushManager.prototype.getSubscription = () => Promise.resolve(isOn ? (made as never) : null)
  }) // prettier-ignore
  await page.goto('/account')
  const form = page.getByRole('form', { name: 'On this device' })
  await form.getByText('products that run short').click()
  await form.getByRole('button', { name: 'Tell this device' }).click()
  await expect(page.getByText('This device is told from now on.')).toBeVisible()

  // What a push service would hand to the browser is handed to it as the browser does.
  const control = await context.newCDPSession(page)
  const registrations = new Promise<string>((resolve) => {
    control.on('ServiceWorker.workerRegistrationUpdated', ({ registrations: [first] }) => {
      if (first) resolve(first.registrationId)
    })
  })
  await control.send('ServiceWorker.enable')
  const data = JSON.stringify({ title: 'Vennlow', words: 'Paddock: spray, today.', path: '/dates' })
  await control.send('ServiceWorker.deliverPushMessage', {
    origin: spudder.url,
    registrationId: await registrations,
    data,
  })
  const shown = () =>
    page.evaluate(async () => {
      const registration = await navigator.serviceWorker.ready
      const all = await registration.getNotifications()
      return all.map(({ title, body }) => `${title}: ${body}`)
    })
  await expect.poll(shown).toEqual(['Vennlow: Paddock: spray, today.'])

  await page.reload()
  await expect(form.getByRole('checkbox', { name: 'products that run short' })).toBeChecked()
  await form.getByRole('button', { name: 'Tell it nothing any more' }).click()
  await expect(form.getByRole('button', { name: 'Tell this device' })).toBeVisible()
})
