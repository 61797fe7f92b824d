import { effectScope, nextTick, shallowRef, computed } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { LookDraft } from './look-drafts.ts'
import { useSettledLook } from './settled-look.ts'

const draft = (id: string, roots: string): LookDraft => ({ id, lookedOn: '2026-06-15', findings: { roots }, paint: {} }) // prettier-ignore

let frames: (() => void)[] = []
let now = 0
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout'] })
  frames = []
  now = 0
  vi.stubGlobal('requestAnimationFrame', (frame: () => void) => frames.push(frame))
  vi.spyOn(performance, 'now').mockImplementation(() => now)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})
async function paint(): Promise<void> {
  for (const frame of frames.splice(0)) frame()
  await vi.advanceTimersByTimeAsync(1)
}

it('a look is followed after it was painted where that is slow, and at once where it is quick', async () => {
  const look = shallowRef(draft('one', 'white'))
  const settled = effectScope().run(() => useSettledLook(computed(() => look.value)))
  const roots = () => settled?.value.findings.roots
  look.value = draft('one', 'tan')
  expect(roots()).toBe('white')
  await paint()
  expect(roots()).toBe('tan')

  // It took no time: from now on it is drawn with the tap.
  look.value = draft('one', 'knotted')
  expect(roots()).toBe('knotted')
  // What it is drawn with became slow: it comes after the tap again, the last word alone.
  now = 0
  void nextTick().then(() => (now = 400))
  look.value = draft('one', 'circling')
  await nextTick()
  look.value = draft('one', 'white')
  look.value = draft('one', 'tan')
  expect(roots()).toBe('circling')
  await paint()
  expect(roots()).toBe('tan')
})

it('another look is never shown with what was found in the last, and a page that is not painted follows too', async () => {
  const look = shallowRef(draft('one', 'white'))
  const settled = effectScope().run(() => useSettledLook(computed(() => look.value)))
  look.value = draft('two', 'tan')
  expect(settled?.value.findings.roots).toBe('tan')
  look.value = draft('two', 'knotted')
  await vi.advanceTimersByTimeAsync(1000)
  expect(settled?.value.findings.roots).toBe('knotted')
})
