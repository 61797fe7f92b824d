import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import 'reflect-metadata'
import { afterAll, beforeAll, vi } from 'vitest'

const home = 'http://localhost:3000/'

// Files share a window and their modules: each begins at home and leaves nothing behind.
disableAutoUnmount()
enableAutoUnmount(afterAll)
beforeAll(() => {
  if (location.href !== home) (window as unknown as HappyWindow).happyDOM.setURL(home)
})
afterAll(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
  localStorage.clear()
  document.body.replaceChildren()
})

/** What the drawn browser of the tests can do beyond a real one. */
interface HappyWindow {
  readonly happyDOM: { setURL: (url: string) => void }
}
