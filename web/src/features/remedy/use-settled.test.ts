import { effectScope, nextTick, ref } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useSettled } from '../../shared/use-settled.ts'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

it('works out a value once its facts have come to rest, not on the way', async () => {
  const scope = effectScope()
  const facts = ref(1)
  const workOut = vi.fn((value: number) => value * 10)
  const value = scope.run(() => useSettled(() => facts.value, workOut, 0))
  expect(value?.value).toBe(0)
  for (let step = 2; step <= 6; step += 1) {
    facts.value = step
    await nextTick()
    await vi.advanceTimersByTimeAsync(40)
  }
  expect(workOut).not.toHaveBeenCalled()
  await vi.advanceTimersByTimeAsync(300)
  expect(workOut).toHaveBeenCalledTimes(1)
  expect(value?.value).toBe(60)
  scope.stop()
})

it('does nothing any more once its screen is gone', async () => {
  const scope = effectScope()
  const workOut = vi.fn(() => 1)
  scope.run(() => useSettled(() => 1, workOut, 0))
  scope.stop()
  await vi.advanceTimersByTimeAsync(1000)
  expect(workOut).not.toHaveBeenCalled()
})
