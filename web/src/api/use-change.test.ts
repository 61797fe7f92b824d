import { jobRoutes } from '@spudder/contract/job'
import { estateRoutes } from '@spudder/contract/stand'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import FailureNote from '../shared/shell/FailureNote.vue'
import { addressOf } from './call.ts'
import { readToEnd } from './read-to-end.ts'
import { useChange, type ChangeOptions } from './use-change.ts'
import { useRead } from './use-read.ts'

afterEach(() => vi.unstubAllGlobals())

/** A page that reads a stand and changes a job, over a server that answers so. */
function page(answer: (method: string) => Response, options: ChangeOptions = {}) {
  const asked: string[] = []
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    asked.push(`${method} ${url} ${typeof body === 'string' ? body : ''}`.trim())
    return Promise.resolve(answer(method))
  })
  let change: ReturnType<typeof useChange<typeof jobRoutes.change>> | undefined
  const parts = defineComponent({
    setup() {
      useRead(estateRoutes.story, () => ({ standId: 'north lawn' }))
      change = useChange(jobRoutes.change, options)
      return () => h(FailureNote)
    },
  })
  const mounted = mount(parts, { global: { plugins: [createPinia(), [PiniaColada, {}]] } })
  if (!change) throw new Error('not set up')
  return { asked, change, mounted }
}
const refused = (method: string) =>
  method === 'GET'
    ? Response.json({})
    : Response.json({ code: 'conflict', detail: 'Done already.', fields: [] }, { status: 409 })

describe('a change', () => {
  it('is sent by its record, and what shows it is read anew', async () => {
    const { asked, change } = page(() => Response.json({ id: 'a' }))
    await flushPromises()
    expect(await change.send({ jobId: 'a/b', dto: { dueOn: '2026-06-01' } })).toEqual({ id: 'a' })
    await flushPromises()
    expect(asked).toEqual([
      'GET /api/stands/north%20lawn',
      'PATCH /api/jobs/a%2Fb {"dueOn":"2026-06-01"}',
      'GET /api/stands/north%20lawn',
    ])
  })

  it('that failed is told on top of the page until it is read, and says so to whoever sent it', async () => {
    const { change, mounted } = page(refused)
    const failed = vi.fn()
    expect(await change.send({ jobId: 'a', dto: {} }, failed)).toBeUndefined()
    expect(failed).toHaveBeenCalledOnce()
    expect(mounted.text()).toContain('Done already.')
    await mounted.find('button').trigger('click')
    await flushPromises()
    expect(mounted.find('[role=alert]').exists()).toBe(false)
  })

  it('is told beside its button alone where the screen has a note there', async () => {
    const { change, mounted } = page(refused, { told: 'beside' })
    await change.send({ jobId: 'a', dto: {} })
    expect(mounted.text()).toBe('')
    expect(change.error.value?.message).toMatch(/Done already/)
  })
})

describe('an address', () => {
  it('carries what was asked and leaves out what was not', () => {
    const query = { offset: 0, limit: 40, from: '2026-01-01' }
    expect(addressOf(estateRoutes.page, { placeId: 'p', query })).toBe(
      '/api/places/p/estate?offset=0&limit=40&from=2026-01-01',
    )
  })
})

describe('a list in pages', () => {
  it('is read to its end, and ends where a page is empty', async () => {
    const rows = Array.from({ length: 250 }, (_, index) => index)
    const page = (total: number) => (offset: number) =>
      Promise.resolve({ total, rows: rows.slice(offset, offset + 100) })
    expect(await readToEnd(page(250))).toEqual(rows)
    expect(await readToEnd(page(1000))).toEqual(rows)
  })
})
