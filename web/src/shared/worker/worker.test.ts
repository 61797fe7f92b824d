import { formatNumber, usualLocale, writeAs } from '@spudder/core/base/writing'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, reactive } from 'vue'
import { HandWorker } from '../../tests/hand-worker.ts'
import { dropped, serveWorker } from './serve-worker.ts'
import { useWorker } from './use-worker.ts'
import WorkerNote from './WorkerNote.vue'

beforeEach(() => {
  HandWorker.made = []
  vi.stubGlobal('Worker', HandWorker)
})
afterEach(() => vi.unstubAllGlobals())

function use(inPlace?: (question: number[]) => string) {
  const scope = effectScope()
  const made = scope.run(() =>
    useWorker<number[], number, string>({
      what: 'The sum',
      open: () => new Worker('sum'),
      ...(inPlace ? { inPlace } : {}),
    }),
  )
  if (!made) throw new Error('not set up')
  return { ...made, scope }
}

describe('something that is worked out in a worker', () => {
  it('tells how far it is and what came of it, without the proxies of the page', async () => {
    const { ask, answer, progress, isRunning } = use()
    void ask(reactive([1, 2]))
    expect(HandWorker.last.asked).toEqual([{ number: 1, question: [1, 2], locale: usualLocale }])
    HandWorker.last.tell({ step: 0.4 })
    expect([progress.value, isRunning.value]).toEqual([0.4, true])
    HandWorker.last.tell({ answer: '3' })
    await flushPromises()
    expect([answer.value, progress.value, isRunning.value]).toEqual(['3', undefined, false])
  })

  it('takes the answer to the last question only, and the last answer stands while it is dropped', async () => {
    const { ask, answer } = use()
    void ask([1])
    void ask([2])
    HandWorker.last.tell({ answer: 'old' }, 1)
    await flushPromises()
    expect(answer.value).toBeUndefined()
    HandWorker.last.tell({ answer: 'new' }, 2)
    await flushPromises()
    void ask([3])
    HandWorker.last.tell({ isDropped: true })
    await flushPromises()
    expect(answer.value).toBe('new')
  })

  it.each([
    ['throws', (worker: HandWorker) => worker.tell({ failure: 'x is undefined' })],
    ['cannot be loaded', (worker: HandWorker) => worker.fail()],
  ])('that %s says so, and can be tried again in a fresh worker', async (_, goWrong) => {
    const { ask, answer, failure, isRunning, again } = use()
    void ask([1])
    goWrong(HandWorker.last)
    await flushPromises()
    expect(failure.value).toBe('The sum could not be worked out. Nothing that you typed is lost.')
    expect(isRunning.value).toBe(false)
    again()
    expect(HandWorker.made).toHaveLength(2)
    HandWorker.last.tell({ answer: '1' })
    await flushPromises()
    expect([answer.value, failure.value]).toEqual(['1', undefined])
  })

  it('ends when it is stopped, and with its screen', async () => {
    const { ask, cancel, failure, isRunning, scope } = use()
    void ask([1])
    cancel()
    await flushPromises()
    expect([HandWorker.last.isEnded, failure.value, isRunning.value]).toEqual([true, undefined, false]) // prettier-ignore
    void ask([2])
    scope.stop()
    await flushPromises()
    expect(HandWorker.made.map(({ isEnded }) => isEnded)).toEqual([true, true])
    expect(failure.value).toBeUndefined()
  })

  it('is worked out in place where there are no workers', () => {
    vi.stubGlobal('Worker', undefined)
    const { ask, answer } = use((question) => String(question.length))
    void ask([1, 2, 3])
    expect(answer.value).toBe('3')
  })
})

describe('inside the worker', () => {
  const tell = vi.fn()
  afterEach(() => writeAs(usualLocale))
  const ask = async (
    work: Parameters<typeof serveWorker<number, number, string>>[0],
    ...questions: number[]
  ) => {
    const inside = new EventTarget()
    vi.stubGlobal('self', Object.assign(inside, { postMessage: tell }))
    tell.mockClear()
    serveWorker(work)
    questions.forEach((question, index) =>
      inside.dispatchEvent(
        new MessageEvent('message', { data: { number: index + 1, question, locale: 'de-DE' } }),
      ),
    )
    await flushPromises()
    return tell.mock.calls.map(([told]) => told as object)
  }

  it('steps and the answer are told, and why there is none', async () => {
    const told = await ask(
      (question, { report }) => {
        report(question / 2)
        if (question > 2) throw new Error('too much')
        return `${question}`
      },
      2,
      3,
    )
    expect(told).toEqual(
      expect.arrayContaining([
        { number: 1, step: 1 },
        { number: 1, answer: '2' },
        { number: 2, step: 1.5 },
        { number: 2, failure: 'too much' },
      ]),
    )
  })

  it('figures are written as the page writes them', async () => {
    const told = await ask((question) => formatNumber(question), 1.5)
    expect(told).toEqual([{ number: 1, answer: '1,5' }])
  })

  it('work that finds a newer question is dropped', async () => {
    const told = await ask(
      async (question, { isStale }) => {
        await Promise.resolve()
        return isStale() ? dropped : `${question}`
      },
      1,
      2,
    )
    expect(told).toEqual([
      { number: 1, isDropped: true },
      { number: 2, answer: '2' },
    ])
  })
})

it('the note offers to try again', async () => {
  const note = mount(WorkerNote, { props: { failure: 'The sum could not be worked out.' } })
  expect(note.text()).toContain('The sum could not be worked out.')
  await note.find('button').trigger('click')
  expect(note.emitted('again')).toHaveLength(1)
  await note.setProps({ failure: undefined })
  expect(note.text()).toBe('')
})
