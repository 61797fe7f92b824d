import { describe, expect, it } from 'vitest'
import { standProgress, type ProgressFacts } from './index.ts'

const nothing: ProgressFacts = {
  today: '2026-11-29',
  lastLookOn: undefined,
  lastColourOn: undefined,
  isPale: false,
  openedOn: undefined,
  hasRemedy: false,
  lastAppliedOn: undefined,
  closed: undefined,
  nextJob: undefined,
}
const words = (facts: Partial<ProgressFacts>) => standProgress({ ...nothing, ...facts }).words
const opened = { openedOn: '2026-11-02' }

describe('where a stand stands', () => {
  it('follows the work, and never says less than was done', () => {
    expect(words({})).toBe('not looked at yet')
    expect(words({ lastColourOn: '2026-11-01' })).toBe('no case')
    expect(words({ lastColourOn: '2026-11-01', isPale: true })).toBe(
      'pale, no case yet: take a look',
    )
    expect(words(opened)).toBe('case open: take a look')
    const looked = { ...opened, lastLookOn: '2026-11-02' }
    expect(words(looked)).toBe('looked at 2 Nov, no remedy yet')
    expect(words({ ...looked, hasRemedy: true })).toBe('remedy chosen, nothing planned')
    const treated = { ...looked, hasRemedy: true, lastAppliedOn: '2026-11-05' }
    expect(words(treated)).toBe('treated 5 Nov: look whether it greens')
    expect(words({ closed: { on: '2026-08-25', outcome: 'green' } })).toBe('closed 25 Aug, green')
    expect(words({ closed: { on: '2025-08-25', outcome: 'given-up' } })).toBe('closed 25 Aug 2025, given up') // prettier-ignore
  })

  it('names the next job before all else, as due from its day on', () => {
    const job = (dueOn: string) => ({ ...opened, nextJob: { dueOn, title: 'Fe-DTPA' } })
    expect(words(job('2026-11-30'))).toBe('30 Nov: Fe-DTPA')
    expect(words(job('2026-11-29'))).toBe('due: Fe-DTPA')
    expect(standProgress({ ...nothing, ...job('2026-11-01') }).step).toBe('due')
  })

  it('does not take a look of an earlier case for one of this', () => {
    expect(words({ ...opened, lastLookOn: '2026-07-01' })).toBe('case open: take a look')
  })
})
