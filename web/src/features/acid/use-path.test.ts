import type { ForetellInput } from '@spudder/core/soil/pH-path'
import { soilClimates } from '@spudder/core/soil/climate'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, reactive, ref } from 'vue'
import { usePath } from './use-path.ts'

interface Asked {
  readonly input: ForetellInput | undefined
  readonly number: number
}

/** A worker that answers when it is told to. */
class HandWorker {
  static last: HandWorker
  readonly asked: Asked[] = []
  isEnded = false
  #listener: ((event: { data: object }) => void) | undefined
  constructor() {
    HandWorker.last = this
  }
  addEventListener(_: string, listener: (event: { data: object }) => void): void {
    this.#listener = listener
  }
  postMessage(asked: Asked): void {
    // As a real one: what cannot be cloned is not sent.
    this.asked.push(structuredClone(asked))
  }
  terminate(): void {
    this.isEnded = true
  }
  say(data: object): void {
    this.#listener?.({ data })
  }
}

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
  it('tells how far it is, and then where it leads', () => {
    const { path, worker } = follow(input(7))
    expect(path.share.value).toBe(0)
    worker.say({ number: 1, share: 0.4 })
    expect(path.share.value).toBe(0.4)
    worker.say({ number: 1, forecast: forecast(6) })
    expect(path.share.value).toBeUndefined()
    expect(path.forecast.value?.points[0]?.low).toBe(6)
  })

  it('takes no answer to a question that was asked before the last', async () => {
    const { asked, path, worker } = follow(input(7))
    asked.value = input(6.5)
    await nextTick()
    worker.say({ number: 1, forecast: forecast(6) })
    expect(path.forecast.value).toBeUndefined()
    worker.say({ number: 2, forecast: forecast(5) })
    expect(path.forecast.value?.points[0]?.low).toBe(5)
  })

  it('can be stopped: the last path stands, and no answer comes through', () => {
    const { path, worker } = follow(input(7))
    worker.say({ number: 1, forecast: forecast(6) })
    path.cancel()
    expect(worker.asked.at(-1)).toEqual({ input: undefined, number: 2 })
    worker.say({ number: 1, forecast: forecast(3) })
    expect(path.forecast.value?.points[0]?.low).toBe(6)
  })

  it('sends what is watched without its proxies, and ends with its screen', async () => {
    const { asked, scope, worker } = follow(undefined)
    asked.value = reactive(input(7)) as ForetellInput
    await nextTick()
    expect(worker.asked.at(-1)?.input?.setup.ground.fromPH).toBe(7)
    scope.stop()
    expect(worker.isEnded).toBe(true)
  })

  it('is nothing where there is nothing to follow', async () => {
    const { asked, path, worker } = follow(input(7))
    worker.say({ number: 1, forecast: forecast(6) })
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
