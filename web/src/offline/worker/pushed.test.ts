/// <reference lib="webworker" />

import { beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { showPushed } from './pushed.ts'

/** What a service worker stands in, as far as notices go. */
const showNotification = vi.fn(() => Promise.resolve())
const openWindow = vi.fn(() => Promise.resolve())
let pages: object[] = []
const heard = new Map<string, (event: object) => void>()

beforeAll(() => {
  showPushed({
    addEventListener: (name: string, hear: (event: object) => void) => heard.set(name, hear),
    registration: { showNotification },
    clients: { matchAll: () => Promise.resolve(pages), openWindow },
  } as unknown as ServiceWorkerGlobalScope)
})
beforeEach(() => {
  vi.clearAllMocks()
  pages = []
})

/** Lets something happen, and waits for what is made of it. */
async function happens(name: string, event: object): Promise<void> {
  let made: Promise<unknown> = Promise.resolve()
  heard.get(name)?.({ ...event, waitUntil: (work: Promise<unknown>) => (made = work) })
  await made
}
const pushed = { title: 'Vennlow', words: 'Paddock: spray, overdue.', path: '/stands/paddock/jobs' }
const tapped = { notification: { close: () => undefined, data: pushed.path } }

describe('what is pushed', () => {
  it('is shown with its words', async () => {
    await happens('push', { data: { json: () => pushed } })
    expect(showNotification).toHaveBeenCalledWith(
      'Vennlow',
      expect.objectContaining({ body: pushed.words, data: pushed.path }),
    )
  })

  it('opens where it is dealt with, in the page that is open', async () => {
    const navigate = vi.fn(() => Promise.resolve())
    pages = [{ focus: () => Promise.resolve({ navigate }) }]
    await happens('notificationclick', tapped)
    expect(navigate).toHaveBeenCalledWith(pushed.path)
    expect(openWindow).not.toHaveBeenCalled()
  })

  it('opens in a page of its own where none is open, or where that does not let itself be led', async () => {
    await happens('notificationclick', tapped)
    const navigate = () => Promise.reject(new TypeError('not its own'))
    pages = [{ focus: () => Promise.resolve({ navigate }) }]
    await happens('notificationclick', tapped)
    expect(openWindow.mock.calls).toEqual([[pushed.path], [pushed.path]])
  })
})
