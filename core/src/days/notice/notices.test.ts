import { describe, expect, it } from 'vitest'
import { noticesOf, type NoticeFacts } from './index.ts'

const today = '2026-05-12'
const job = (change: Partial<NoticeFacts['jobs'][number]> = {}) => ({
  id: 'job',
  standId: 'stand',
  standName: 'Paddock',
  title: 'Spray ferrous sulfate',
  kind: 'apply' as const,
  dueOn: today,
  ...change,
})
const told = (facts: Partial<NoticeFacts>) =>
  noticesOf({ today, jobs: [], short: [], isWeatherMadeUp: false, ...facts })
const words = (facts: Partial<NoticeFacts>) => told(facts).map((notice) => notice.words)

describe('notices', () => {
  it('tell work of today, with the first hours that are fit for it', () => {
    expect(words({ jobs: [job()] })).toEqual(['Paddock: Spray ferrous sulfate, today.'])
    expect(words({ jobs: [job({ fitHours: [6, 7, 8, 15] })] })).toEqual([
      'Paddock: Spray ferrous sulfate: the weather is fit today from 06:00 to 09:00.',
    ])
    expect(words({ jobs: [job({ fitHours: [] })] })[0]).toMatch(/today\. No hour of today is fit/)
    expect(words({ jobs: [job({ fitHours: [6] })], isWeatherMadeUp: true })[0]).toMatch(/by the made-up weather/) // prettier-ignore
  })

  it('tell what is overdue first, and nothing of later days but tests that come near', () => {
    const jobs = [
      job({ id: 'later', dueOn: '2026-05-13' }),
      job({ id: 'retest', title: 'Test pH', kind: 'test', dueOn: '2026-05-19' }),
      job({ id: 'far', kind: 'test', dueOn: '2026-05-20' }),
      job({ id: 'today' }),
      job({ id: 'late', dueOn: '2026-05-11' }),
      job({ id: 'very-late', dueOn: '2026-05-02' }),
    ]
    expect(told({ jobs }).map(({ kind, jobId }) => [kind, jobId])).toEqual([
      ['overdue', 'late'],
      ['overdue', 'very-late'],
      ['due', 'today'],
      ['retest', 'retest'],
    ])
    expect(words({ jobs })).toEqual(
      expect.arrayContaining([
        'Paddock: Spray ferrous sulfate, overdue since yesterday.',
        'Paddock: Spray ferrous sulfate, overdue for 10 days.',
        'Paddock: Test pH on 19 May 2026.',
      ]),
    )
  })

  it('tell what runs short once it is time to order, and a licence that ends', () => {
    const stock = { productId: 'p', name: 'Crystals', shortOn: '2026-06-01' }
    expect(words({ short: [{ ...stock, orderBy: '2026-05-16' }] })).toEqual([])
    expect(words({ short: [{ ...stock, orderBy: '2026-05-15' }] })).toEqual([
      'Crystals runs short on 1 Jun 2026. Order by 15 May 2026.',
    ])
    expect(words({ short: [{ ...stock, orderBy: '2026-05-12' }] })[0]).toMatch(/Order now\.$/)
    expect(words({ licenceUntil: '2026-06-12' })).toEqual([])
    expect(words({ licenceUntil: '2026-06-11' })).toEqual(['Your licence runs out on 11 Jun 2026.'])
    expect(words({ licenceUntil: '2026-05-11' })[0]).toMatch(/ran out on 11 May 2026/)
  })

  it('are known again by their id, and are others on another day', () => {
    const id = (dueOn: string) => told({ jobs: [job({ dueOn })] })[0]?.id
    expect(id('2026-05-11')).toBe(id('2026-05-11'))
    expect(id('2026-05-11')).not.toBe(id('2026-05-10'))
  })

  it('tell whose eye is due to be measured again, scale by scale', () => {
    const sittings = [
      { scale: 'turfColour', lastOn: '2026-02-10' },
      { scale: 'severity', lastOn: '2026-02-12' },
    ] as const
    expect(words({ sittings })).toEqual([
      'Your eye for turf colour, 1 to 9, was last measured on 10 Feb 2026: it is due again.',
    ])
  })
})
