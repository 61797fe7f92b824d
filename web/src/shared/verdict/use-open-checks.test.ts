import type { DiagnosisInput } from '@spudder/core/verdict/diagnosis'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, reactive, ref } from 'vue'
import { openChecksOf } from './open-checks.ts'
import { useOpenChecks } from './use-open-checks.ts'

afterEach(() => vi.unstubAllGlobals())

const input = (findings: Record<string, string>): DiagnosisInput => ({
  context: 'turf',
  plantId: 'creeping-bentgrass',
  lookedOn: '2026-06-15',
  findings,
  pHHistory: { readings: [], corrections: [] },
  events: [],
})

/** A worker that answers when it is told to, and that cannot be sent a proxy. */
class SlowWorker {
  static readonly made: SlowWorker[] = []
  readonly asked: { input: DiagnosisInput; number: number }[] = []
  isEnded = false
  #listener: (event: { data: unknown }) => void = () => undefined

  constructor() {
    SlowWorker.made.push(this)
  }
  addEventListener(_: string, listener: (event: { data: unknown }) => void): void {
    this.#listener = listener
  }
  postMessage(message: { input: DiagnosisInput; number: number }): void {
    this.asked.push(structuredClone(message))
  }
  answer(index: number): void {
    const { input: given, number } = this.asked[index] ?? { input: input({}), number: -1 }
    this.#listener({ data: { openChecks: openChecksOf(given), number } })
  }
  terminate(): void {
    this.isEnded = true
  }
}

describe('the checks still open', () => {
  it('without workers is worked out in place', () => {
    vi.stubGlobal('Worker', undefined)
    const openChecks = useOpenChecks(ref(input({ pattern: 'even-pale' })))
    expect(openChecks.value?.checks[0]?.check.id).toBe('which-leaves')
  })

  it('takes the answer to the last stroke only, and ends with the page', async () => {
    vi.stubGlobal('Worker', SlowWorker)
    const now = ref<DiagnosisInput | undefined>(input({}))
    const scope = effectScope()
    const openChecks = scope.run(() => useOpenChecks(now))
    const [worker] = SlowWorker.made
    now.value = input(reactive({ pattern: 'even-pale', tier: 'all' }))
    await nextTick()
    expect(worker?.asked).toHaveLength(2)

    worker?.answer(0)
    expect(openChecks?.value).toBeUndefined()
    worker?.answer(1)
    const ids = openChecks?.value?.checks.map(({ check }) => check.id)
    expect(ids).not.toContain('which-leaves')

    now.value = undefined
    await nextTick()
    expect(openChecks?.value).toBeUndefined()
    scope.stop()
    expect(worker?.isEnded).toBe(true)
  })
})
