import { describe, expect, it } from 'vitest'
import { jobKinds, jobTitle, type TitledJob } from './index.ts'

const job = (change: Partial<TitledJob>): TitledJob => ({
  kind: 'apply',
  sourceId: 'fe-dtpa',
  productName: null,
  checkId: null,
  subject: null,
  purpose: null,
  acidPlanId: null,
  round: null,
  rounds: null,
  step: null,
  steps: null,
  ...change,
})
const title = (change: Partial<TitledJob>) => jobTitle(job(change))

describe('the title of a job', () => {
  it('names what goes out: the own product, else the form', () => {
    expect(title({})).toBe('Fe-DTPA')
    expect(title({ productName: 'Green Tub' })).toBe('Green Tub')
  })

  it('says which repeat, dose or step it is', () => {
    expect(title({ round: 1, rounds: 3, step: 2, steps: 3 })).toBe(
      'Fe-DTPA, repeat 1 of 3, dose 2 of 3',
    )
    const step = { acidPlanId: 'plan', sourceId: 'sulfur-granules', step: 1, steps: 4 } as const
    expect(title(step)).toBe('Sulfur granules that fall apart, step 1 of 4')
  })

  it('has words for every kind, and for what a look or test is for', () => {
    const whole = { productName: 'Tub', subject: 'Grub control', checkId: 'iron-vial' } as const
    for (const kind of jobKinds.filter((each) => each !== 'practice')) {
      expect(title({ ...whole, kind }).length).toBeGreaterThan(2)
    }
    expect(title({ kind: 'practice', subject: 'fungicide-pair', round: 2, rounds: 2 })).toBe(
      'Prevention in pairs, a month ahead, 2 of 2',
    )
    expect(title({ kind: 'look', purpose: 'green' })).toBe('Look whether it is green')
    expect(title({ kind: 'buy', productName: 'Tub' })).toBe('Buy Tub')
    expect(title({ kind: 'partner', subject: 'Grub control' })).toMatch(/watered in by itself/)
  })

  it.each([
    [{ sourceId: null }, /its source/],
    [{ kind: 'buy' }, /its product/],
    [{ kind: 'partner' }, /its name/],
    [{ kind: 'practice' }, /its practice/],
    [{ kind: 'practice', subject: 'rain dance' }, /a practice/],
    [{ kind: 'check' }, /its check/],
    [{ kind: 'check', checkId: 'tea leaves' }, /a check/],
  ] as const)('refuses what it cannot name: %j', (change, reason) => {
    expect(() => title(change)).toThrow(reason)
  })
})
