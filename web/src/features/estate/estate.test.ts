import { meAt } from '../../tests/me.ts'
import { mount } from '@vue/test-utils'
import type { EstatePageDto, EstateRowDto } from '@spudder/contract/stand'
import { PiniaColada } from '@pinia/colada'
import { addDays } from '@spudder/core/base/calendar'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { computed, defineComponent, nextTick, ref } from 'vue'
import { timeScale } from '../../shared/ribbon/time-axis.ts'
import { windowOf } from '../../shared/ribbon/time-spans.ts'
import { eventually } from '../../tests/eventually.ts'
import { standRow } from '../../tests/rows.ts'
import EstateRow from './EstateRow.vue'
import { useEstateRows } from './use-estate-rows.ts'

const today = '2026-06-30'
const scale = timeScale(windowOf('month', today), 760)
const row = (name: string, change: Partial<EstateRowDto['ribbon']> = {}): EstateRowDto => ({
  stand: standRow({ id: name, name, size: { kind: 'area', areaM2: 1444 } }),
  openCase: null,
  state: { lastLookOn: null, hasRemedy: false, lastAppliedOn: null, lastClosed: null },
  ribbon: { standId: name, readings: [], entries: [], jobs: [], events: [], ...change },
})

describe('a row of the estate', () => {
  const shown = (of: EstateRowDto) =>
    mount(EstateRow, {
      props: { row: of, scale, today, until: addDays(today, 14), system: 'us' },
      global: { stubs: { RouterLink: { template: '<a><slot /></a>' } } },
    })

  it('says what the stand is, how it looks now and what is due', () => {
    const job = { id: 'j', kind: 'apply', status: 'planned', dueOn: today, title: 'Fe-DTPA' }
    const reading = { kind: 'turfColour', value: 4, method: 'eye', takenOn: today } as const
    const jobs = [{ ...job, route: 'leaf', sourceId: 'fe-dtpa' }] as EstateRowDto['ribbon']['jobs']
    const text = shown(row('Bowling green', { readings: [reading], jobs })).text()
    expect(text).toContain('Creeping bentgrass · turf · 15,543 ft²')
    expect(text).toContain('yellow')
    expect(text).toContain('colour 4 of 9')
    expect(text).toContain('due: Fe-DTPA')
  })

  it('says so where nobody looked yet, and where a case waits for a remedy', () => {
    expect(shown(row('New lawn')).text()).toContain('not looked at yet')
    const waiting = {
      ...row('Old lawn'),
      openCase: { id: 'c', openedOn: '2026-06-01' } as EstateRowDto['openCase'],
    }
    expect(shown(waiting).text()).toContain('case open: take a look')
  })
})

describe('the rows of a large estate', () => {
  afterEach(() => vi.unstubAllGlobals())

  /** An estate whose first requests may fail. */
  function estateOf(total: number, failures = 0) {
    const asked: number[] = []
    let toFail = failures
    vi.stubGlobal('fetch', (url: string) => {
      if (url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
      const offset = Number(new URL(url, 'http://x').searchParams.get('offset'))
      asked.push(offset)
      toFail -= 1
      if (toFail >= 0) return Promise.reject(new TypeError('failed'))
      const rows = Array.from({ length: Math.min(40, total - offset) }, (_, index) =>
        row(`Stand ${offset + index + 1}`),
      )
      return Promise.resolve(Response.json({ total, rows } satisfies EstatePageDto))
    })
    const scrollTop = ref(0)
    let made: ReturnType<typeof useEstateRows> | undefined
    mount(
      defineComponent(() => {
        made = useEstateRows({
          placeId: computed(() => 'a place'),
          from: ref('2021-01-01'),
          scrollTop,
          viewHeight: ref(680),
          rowHeight: ref(68),
        })
        return () => null
      }),
      { global: { plugins: [createPinia(), [PiniaColada, {}]] } },
    )
    if (!made) throw new Error('no rows')
    return { estate: made, scrollTop, asked }
  }

  it('are placed only where they are in view, and read page by page as they come into it', async () => {
    const { estate, scrollTop, asked } = estateOf(2000)
    await eventually(() => expect(estate.total.value).toBe(2000))
    expect(estate.placed.value.length).toBeLessThan(20)
    expect(estate.placed.value[0]?.row?.stand.name).toBe('Stand 1')
    scrollTop.value = 68 * 1000
    await nextTick()
    await eventually(() => expect(estate.placed.value[3]?.row?.stand.name).toBe('Stand 1001'))
    expect(asked).toEqual([0, 980, 1000])
  })

  it('say what stood against reading them, and are read when asked again', async () => {
    const { estate } = estateOf(3, 1)
    await eventually(() => expect(estate.problem.value?.message).toMatch(/No connection/))
    expect(estate.total.value).toBeUndefined()
    estate.retry()
    await eventually(() => expect(estate.total.value).toBe(3))
    expect(estate.problem.value).toBeUndefined()
  })
})
