import type { DiagnosisInput } from '@spudder/core/verdict/diagnosis'
import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, reactive, ref } from 'vue'
import { HandWorker } from '../../tests/hand-worker.ts'
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

describe('the checks still open', () => {
  it('without workers are worked out in place', () => {
    vi.stubGlobal('Worker', undefined)
    const { openChecks } = useOpenChecks(ref(input({ pattern: 'even-pale' })))
    expect(openChecks.value?.checks[0]?.check.id).toBe('which-leaves')
  })

  it('follow the last stroke, and are gone where nothing is looked at', async () => {
    vi.stubGlobal('Worker', HandWorker)
    const now = ref<DiagnosisInput | undefined>(input({}))
    const checks = effectScope().run(() => useOpenChecks(now))
    now.value = input(reactive({ pattern: 'even-pale', tier: 'all' }))
    await nextTick()
    const given = HandWorker.last.asked.at(-1)?.question as DiagnosisInput
    HandWorker.last.tell({ answer: openChecksOf(given) })
    await flushPromises()
    const ids = checks?.openChecks.value?.checks.map(({ check }) => check.id)
    expect(ids?.length).toBeGreaterThan(0)
    expect(ids).not.toContain('which-leaves')
    now.value = undefined
    await nextTick()
    expect(checks?.openChecks.value).toBeUndefined()
  })
})
