import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'

/** A browser in which a newer version comes in behind the one that is open. */
async function browser(controller: object | null) {
  const postMessage = vi.fn()
  const installing = new EventTarget()
  const registration = Object.assign(new EventTarget(), { installing, waiting: null as object | null, update: vi.fn(() => Promise.resolve()) }) // prettier-ignore
  const serviceWorker = Object.assign(new EventTarget(), { controller, register: () => Promise.resolve(registration) }) // prettier-ignore
  vi.stubGlobal('navigator', { serviceWorker })
  const reload = vi.fn()
  vi.stubGlobal('location', { reload })
  setActivePinia(createPinia())
  const { useNewVersion } = await import('./app-worker.ts')
  const version = useNewVersion()
  await version.watch()
  const comesIn = () => {
    registration.dispatchEvent(new Event('updatefound'))
    registration.waiting = { postMessage }
    installing.dispatchEvent(new Event('statechange'))
  }
  return { version, comesIn, postMessage, serviceWorker, registration, reload }
}
beforeEach(() => {
  vi.resetModules()
  vi.stubEnv('PROD', true)
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.unstubAllEnvs()
})

it('a newer version is offered, and comes only when it is taken', async () => {
  const { version, comesIn, postMessage, serviceWorker, registration, reload } = await browser({})
  expect(version.isThere).toBe(false)
  await version.ask()
  expect(registration.update).toHaveBeenCalled()
  comesIn()
  expect(version.isThere).toBe(true)
  expect([postMessage.mock.calls.length, reload.mock.calls.length]).toEqual([0, 0])
  version.take()
  expect(postMessage).toHaveBeenCalledWith({ type: 'SKIP_WAITING' })
  expect(reload).not.toHaveBeenCalled()
  serviceWorker.dispatchEvent(new Event('controllerchange'))
  await flushPromises()
  expect(reload).toHaveBeenCalledTimes(1)
})

it('the first version of a browser replaces nothing, and is offered to nobody', async () => {
  const { version, comesIn } = await browser(null)
  comesIn()
  expect(version.isThere).toBe(false)
})
