import { PiniaColada } from '@pinia/colada'
import type { PushStateDto } from '@spudder/contract/push'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import DeviceNotices from './DeviceNotices.vue'

/** A browser, as far as it is told things. */
function browser({ answer = 'granted' as NotificationPermission, isReached = true } = {}) {
  let endpoint: string | undefined
  const subscription = () => ({
    toJSON: () => ({ endpoint, keys: { p256dh: 'B'.repeat(87), auth: 'a'.repeat(22) } }),
    unsubscribe: () => {
      endpoint = undefined
      return Promise.resolve(true)
    },
  })
  const pushManager = {
    getSubscription: () => Promise.resolve(endpoint === undefined ? null : subscription()),
    subscribe: ({ applicationServerKey }: { applicationServerKey: string }) => {
      if (!isReached) return Promise.reject(new Error('AbortError'))
      endpoint = `https://push.example/${applicationServerKey}`
      return Promise.resolve(subscription())
    },
  }
  const registration = { pushManager }
  const serviceWorker = { register: () => Promise.resolve(registration), getRegistration: () => Promise.resolve(registration), ready: Promise.resolve(registration) } // prettier-ignore
  vi.stubGlobal('isSecureContext', true)
  vi.stubGlobal('PushManager', () => undefined)
  vi.stubGlobal('Notification', { permission: 'default', requestPermission: () => Promise.resolve(answer) }) // prettier-ignore
  vi.stubGlobal('navigator', { serviceWorker, userAgent: '', platform: '' })
}

let devices: PushStateDto['devices']
let sent: { readonly method: string; readonly path: string; readonly body: unknown }[]
function server(publicKey: string | null = 'key') {
  devices = [{ id: 'tablet', device: 'Safari on iOS', endpoint: 'https://push.example/other', kinds: ['short'] }] // prettier-ignore
  sent = []
  vi.stubGlobal('fetch', (path: string, { method = 'GET', body }: { method?: string; body?: string } = {}) => {
    const dto = typeof body === 'string' ? (JSON.parse(body) as PushStateDto['devices'][number]) : undefined
    if (method !== 'GET') sent.push({ method, path, body: dto })
    if (method === 'POST' && dto)
      devices = [...devices.filter(({ id }) => id !== 'phone'), { ...dto, id: 'phone', device: 'Chrome on Android' }]
    if (method === 'PATCH') devices = devices.filter(({ id }) => !path.endsWith(id))
    return Promise.resolve(Response.json({ publicKey, devices }))
  }) // prettier-ignore
}

async function opened() {
  const form = mount(DeviceNotices, { global: { plugins: [createPinia(), [PiniaColada, {}]] } })
  await flushPromises()
  const press = async (words: string) => {
    const button = form.findAll('button').find((each) => each.text() === words)
    await (button?.attributes('type') === 'submit' ? form.trigger('submit') : button?.trigger('click')) // prettier-ignore
    await flushPromises()
  }
  return { form, press }
}

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('this device', () => {
  it('is told what is ticked, of other things later, and nothing any more', async () => {
    browser()
    server()
    const { form, press } = await opened()
    await press('Tell this device')
    expect(sent[0]).toMatchObject({ method: 'POST', body: { endpoint: 'https://push.example/key', kinds: ['overdue', 'window', 'due'] } }) // prettier-ignore
    await form.findAll('input[type=checkbox]').at(-1)?.setValue(true)
    await press('Save')
    expect(sent[1]).toMatchObject({ body: { endpoint: 'https://push.example/key', kinds: ['overdue', 'window', 'due', 'eye'] } }) // prettier-ignore
    await press('Tell it nothing any more')
    expect(sent[2]?.path).toMatch(/\/me\/push\/phone$/)
    expect(form.text()).toContain('Tell this device')
  })

  it('stands beside others, which can be stopped from here', async () => {
    browser()
    server()
    const { form, press } = await opened()
    expect(form.find('[aria-label="Other devices told"]').text()).toContain('Safari on iOS')
    await press('Stop')
    expect(sent[0]?.path).toMatch(/\/me\/push\/tablet$/)
    expect(form.find('[aria-label="Other devices told"]').exists()).toBe(false)
  })

  it('that may not, or cannot, says why and what to do', async () => {
    browser({ answer: 'denied' })
    server()
    const refused = await opened()
    await refused.press('Tell this device')
    expect(refused.form.text()).toContain('until you allow it')
    browser({ isReached: false })
    const unreached = await opened()
    await unreached.press('Tell this device')
    expect(unreached.form.text()).toContain('did not reach its own push service')
    expect(sent).toEqual([])
    vi.stubGlobal('isSecureContext', false)
    expect((await opened()).form.text()).toContain('over https alone')
  })

  it('says that none are told where the operator has none told', async () => {
    browser()
    server(null)
    const { form } = await opened()
    expect(form.text()).toContain('whoever runs Spudder has to switch it on first')
    expect(form.findAll('button').map((each) => each.text())).not.toContain('Tell this device')
  })
})
