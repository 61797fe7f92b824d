import type { ForetellInput } from '@spudder/core/soil/pH-path'
import { soilClimates } from '@spudder/core/soil/climate'
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { HandWorker } from '../../tests/hand-worker.ts'
import { usePath } from './use-path.ts'

const input = (fromPH: number): ForetellInput => ({
  setup: {
    ground: {
      fromPH,
      pHDoubt: 0.2,
      bufferMmol: 22,
      bufferDoubt: 0.4,
      lime: { low: 0, usual: 0, high: 0.1 },
      depthM: 0.18,
      densityKgPerL: 1.33,
    },
    applications: [],
    startsOn: '2026-04-15',
    days: 70,
    climate: soilClimates.temperate,
  },
  retests: [],
  count: 20,
  seed: 0.5,
})
const forecast = (low: number) => ({ points: [{ low }] })

beforeEach(() => vi.stubGlobal('Worker', HandWorker))
afterEach(() => vi.unstubAllGlobals())

function follow(first: ForetellInput | undefined) {
  const asked = ref(first)
  const scope = effectScope()
  const path = scope.run(() => usePath(asked))
  if (!path) throw new Error('no path')
  return { asked, path, scope, worker: HandWorker.last }
}

describe('a path followed in a worker', () => {
  it('tells how far it is, and then where it leads', async () => {
    const { path, worker } = follow(input(7))
    expect(path.share.value).toBe(0)
    worker.tell({ step: 0.4 })
    expect(path.share.value).toBe(0.4)
    worker.tell({ answer: forecast(6) })
    await flushPromises()
    expect(path.share.value).toBeUndefined()
    expect(path.forecast.value?.points[0]?.low).toBe(6)
  })

  it('follows what is asked last, and stands when it is stopped', async () => {
    const { asked, path, worker } = follow(input(7))
    worker.tell({ answer: forecast(6) })
    await flushPromises()
    asked.value = input(6.5)
    await nextTick()
    expect(worker.asked.at(-1)?.question).toMatchObject({ setup: { ground: { fromPH: 6.5 } } })
    path.cancel()
    await flushPromises()
    expect(worker.isEnded).toBe(true)
    expect(path.forecast.value?.points[0]?.low).toBe(6)
  })

  it('is nothing where there is nothing to follow', async () => {
    const { asked, path, worker } = follow(input(7))
    worker.tell({ answer: forecast(6) })
    await flushPromises()
    asked.value = undefined
    await nextTick()
    expect(path.forecast.value).toBeUndefined()
    expect(path.share.value).toBeUndefined()
  })
})

describe('where there are no workers', () => {
  it('it is worked out in place', () => {
    vi.stubGlobal('Worker', undefined)
    const asked = ref<ForetellInput | undefined>(input(7))
    const path = effectScope().run(() => usePath(asked))
    expect(path?.forecast.value?.points).toHaveLength(10)
    expect(Math.abs((path?.forecast.value?.points[0]?.usual ?? 0) - 7)).toBeLessThan(0.2)
  })
})
