import { describe, expect, it } from 'vitest'
import {
  aimsFor,
  catalogueCandidates,
  rankCandidates,
  rankOtherSources,
} from '../../material/choice/index.ts'
import { amountFor } from '../../material/rate/index.ts'
import { findSource, ratesFor, type SourceId } from '../../material/source/index.ts'
import { contexts, findPlant, standKindOf, type StandSize } from '../../stand/plant/index.ts'
import { limitStandings } from '../limit/index.ts'
import { workedRemedies, type By, type WorkedRemedy } from './tests/worked-remedies.ts'

const sizes: Readonly<Record<StandSize['kind'], StandSize>> = {
  area: { kind: 'area', areaM2: 1e4 },
  trunks: { kind: 'trunks', count: 1, diameterM: 0.12 },
  pots: { kind: 'pots', count: 1, potL: 1 },
  solution: { kind: 'solution', volumeL: 1 },
}
const sizeOf = ({ context }: WorkedRemedy) => sizes[contexts[context].sizeKinds[0]]

/** What leads of those that work, by the app. */
function leaderOf(worked: WorkedRemedy): SourceId | undefined {
  const kind = standKindOf(worked)
  const { route, pH, nutrient, context, plantId } = worked
  const medium = { pH, doubt: 0.1 }
  if (nutrient !== 'Fe') {
    const plantPH = findPlant(plantId).pHRange
    const [first] = rankOtherSources({ ...kind, nutrient, route, medium, isPHKnown: true, plantPH })
    return first?.fitness === 'works' ? first.source.id : undefined
  }
  const [first] = rankCandidates({
    ...kind,
    route,
    aimId: aimsFor(context, route)[0] ?? 'season',
    medium,
    size: sizeOf(worked),
    candidates: catalogueCandidates(),
  })
  return first?.fitness === 'works' ? first.candidate.source.id : undefined
}

/** The remedy at the usual rate of the app, per hectare, plant, cm of trunk or litre. */
function usualOf(worked: WorkedRemedy, sourceId: SourceId) {
  const [rate] = ratesFor(standKindOf(worked), worked.route, sourceId)
  if (!rate) throw new Error(`no rate for ${sourceId}`)
  const contentShare = findSource(sourceId).contentShare.usual
  const amount = amountFor({
    rate,
    rateValue: rate.rate.usual,
    size: sizeOf(worked),
    measures: { plantCount: 1 },
    contentShare,
    ...(rate.carrier ? { carrierValue: rate.carrier.usual } : {}),
  })
  const { productKg, nutrientKg, carrierL } = amount
  const by: Readonly<Record<By, number>> = {
    'kg nutrient/ha': nutrientKg,
    'kg product/ha': productKg,
    'g/plant': productKg * 1000,
    'g/cm': (productKg * 1000) / 12,
    '%': (productKg / carrierL) * 100,
    'g/100 L': (productKg * 1e5) / carrierL,
    'mg nutrient/L': nutrientKg * 1e6,
    'mg product/L': productKg * 1e6,
  }
  const standings = limitStandings({ ...standKindOf(worked), route: worked.route, sourceId, size: sizeOf(worked), measures: { plantCount: 1 }, productKg, carrierL, contentShare }) // prettier-ignore
  // A pot of a litre, drenched with a share of its volume.
  const water =
    worked.context === 'container' && worked.route === 'soil' ? carrierL * 100 : carrierL
  return { rate, by, water, standings }
}

const within = (value: number, [least, most]: readonly [number, number]) => {
  expect(value).toBeGreaterThanOrEqual(least * 0.98)
  expect(value).toBeLessThanOrEqual(most * 1.02)
}

describe('worked remedies (labels, bulletins and practice, from memory)', () => {
  it('are sixty, over every kind of stand and nutrient', () => {
    expect(workedRemedies).toHaveLength(60)
    expect(new Set(workedRemedies.map(({ told }) => told)).size).toBe(60)
    expect(new Set(workedRemedies.map(({ context }) => context)).size).toBe(7)
    expect(new Set(workedRemedies.map(({ nutrient }) => nutrient)).size).toBe(4)
  })

  it.each(workedRemedies.map((each) => [each.told, each] as const))('%s', (_, worked) => {
    const leader = leaderOf(worked)
    if (worked.leads.length > 0) expect(worked.leads).toContain(leader)
    const sourceId = worked.take ?? leader
    if (!sourceId) throw new Error('nothing works')
    const { rate, by, water, standings } = usualOf(worked, sourceId)
    const [least, most, unit] = worked.rate
    within(by[unit], [least, most])
    if (worked.water === 'none') expect(water).toBe(0)
    else within(water, worked.water)
    if (worked.again === 'once a season') expect(rate.intervalDays).toBeUndefined()
    else {
      const { low = 0, high = 0 } = rate.intervalDays ?? {}
      expect([low, high]).toEqual([Math.max(low, worked.again[0]), Math.min(high, worked.again[1])])
    }
    expect(standings.filter(({ kind }) => kind !== 'within')).toEqual([])
  })
})
