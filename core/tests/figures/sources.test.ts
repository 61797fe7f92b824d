import { describe, expect, it } from 'vitest'
import { kindIn } from '../../src/stand/plant/tests/index.ts'
import { cautionsFor } from '../../src/apply/caution/index.ts'
import {
  aimIds,
  aims,
  catalogueCandidates,
  rankCandidates,
  rankOtherSources,
  type ChoiceInput,
} from '../../src/material/choice/index.ts'
import { isNone } from '../../src/base/reference/index.ts'
import { workingCourse } from '../../src/material/persistence/index.ts'
import { contextNames, contexts, type Context, type Route } from '../../src/stand/plant/index.ts'
import { amountFor } from '../../src/material/rate/index.ts'
import {
  allRates,
  ratesFor,
  responseFor,
  findSource,
  type IronSourceId,
} from '../../src/material/source/index.ts'
import { contentsOfSource } from '../../src/soil/season/index.ts'
import { ironThen, sizes, sourcesThen } from './as-it-was.ts'
import { sayFigures } from './say-figures.ts'

const uses = contextNames.flatMap((context) =>
  contexts[context].routes.map((route) => [context, route] as const),
)
const sizeOf = (context: Context) => sizes[contexts[context].sizeKinds[0]]

describe('figures of sources are what they were', () => {
  it('contents, solubility', async () => {
    const lines = sourcesThen.map((id) => {
      const { contentShare, usualKgPerL, kind, nutrient, solubility } = findSource(id)
      // Nought that is brought was said by silence before.
      const withoutNought = (shares: object) =>
        Object.fromEntries(Object.entries(shares).filter(([, share]) => share !== 0))
      const brings = withoutNought(findSource(id).brings)
      const contents = withoutNought(contentsOfSource(id, contentShare.usual))
      const densityKgPerL = isNone(usualKgPerL) ? undefined : usualKgPerL.value
      const dissolves = isNone(solubility) ? undefined : solubility.gPerL
      const known = { contentShare, brings, densityKgPerL, kind, nutrient, contents, dissolves }
      return [id, known] as const
    })
    await expect(sayFigures(lines)).toMatchFileSnapshot('sources.txt')
  })

  it('rates, cautions and responses by stand and way in', async () => {
    const rows = allRates.map(
      ({ id, basis, unit, rate, carrier, intervalDays, timesASeason, stepDays }) =>
        [id, { basis, unit, rate, carrier, intervalDays, timesASeason, stepDays }] as const,
    )
    const perUse = uses.flatMap(([context, route]) =>
      sourcesThen.map((sourceId) => {
        const rates = ratesFor(kindIn(context), route, sourceId).map(({ id }) => id)
        const hazards = ['acid', 'pesticide', 'hose', 'everything-blend'] as const
        const cautions = cautionsFor({ context, route, sourceId, hazards })
          .map(({ id }) => id)
          .toSorted()
        const greens = findSource(sourceId).kind !== 'amendment'
        const told = greens ? responseFor(route, sourceId, context) : undefined
        const response =
          told && [told.firstChange, told.full, told.fades].flatMap(({ low, high }) => [low, high])
        return [`${context} ${route} ${sourceId}`, { rates, cautions, response }] as const
      }),
    )
    await expect(sayFigures([...rows, ...perUse])).toMatchFileSnapshot('rates.txt')
  })

  it('amounts of every rate', async () => {
    const lines = uses.flatMap(([context, route]) =>
      sourcesThen.flatMap((sourceId) =>
        ratesFor(kindIn(context), route, sourceId).flatMap((rate) =>
          (['low', 'high'] as const).map((which) => {
            const { productKg, nutrientKg, carrierL } = amountFor({
              rate,
              rateValue: rate.rate[which],
              size: sizeOf(context),
              measures: { plantCount: 40 },
              densityKgPerL: 0.8,
              contentShare: findSource(sourceId).contentShare.usual,
              ...(rate.carrier ? { carrierValue: rate.carrier[which] } : {}),
            })
            const name = `${context} ${rate.id} ${sourceId} ${which}`
            return [name, [productKg, nutrientKg, carrierL]] as const
          }),
        ),
      ),
    )
    await expect(sayFigures(lines)).toMatchFileSnapshot('amounts.txt')
  })

  it('iron at work through time', async () => {
    const pHs = [4.5, 6, 6.5, 7, 7.5, 8, 8.6]
    const course = (id: IronSourceId, route: Route, medium: object) => {
      const { at, mean } = workingCourse(id, route, { pH: 7, doubt: 0.2, ...medium })
      return [at(0), at(14), at(60), mean(30)].map(({ low, usual, high }) => [low, usual, high])
    }
    const lines = ironThen.flatMap((id) => [
      [`${id} leaf`, course(id, 'leaf', {})] as const,
      ...pHs.map((pH) => [`${id} soil ${pH}`, course(id, 'soil', { pH })] as const),
      ...([5.5, 6.5, 7.5] as const).flatMap((pH) =>
        (['clear', 'covered'] as const).map(
          (light) => [`${id} ${light} ${pH}`, course(id, 'solution', { pH, light })] as const,
        ),
      ),
    ])
    await expect(sayFigures(lines)).toMatchFileSnapshot('courses.txt')
  })

  it('the order and the price of what is offered', async () => {
    const ranked = (context: Context, route: Route, pH: number) =>
      aimIds
        .filter((aimId) => (aims[aimId].routes as readonly Route[]).includes(route))
        .map((aimId) => {
          const input: ChoiceInput = {
            ...kindIn(context),
            route,
            aimId,
            medium: { pH, doubt: 0.2 },
            size: sizeOf(context),
            candidates: catalogueCandidates().filter(({ source }) => ironThen.includes(source.id)),
          }
          const offers = rankCandidates(input).map((each) => {
            const { candidate, fitness, shortcomings, start, held, applications } = each
            const cost = each.costPerWorkingKg?.usual
            const season = each.bill?.season.usual
            return [candidate.id, fitness, shortcomings, start.usual, held.low, applications, cost, season] // prettier-ignore
          })
          return [`${context} ${route} ${aimId} ${pH}`, offers] as const
        })
    const others = (['Mn', 'Zn', 'Mg'] as const).flatMap((nutrient) =>
      uses.flatMap(([context, route]) =>
        [5.5, 7, 8].map((pH) => {
          const offers = rankOtherSources({
            nutrient,
            ...kindIn(context),
            route,
            medium: { pH, doubt: 0.2 },
            isPHKnown: true,
            plantPH: { low: 6, high: 7 },
          })
          const said = offers.map(({ source, fitness, working, costPerWorkingKg, rates }) => [
            source.id,
            fitness,
            working,
            costPerWorkingKg,
            rates.map(({ id }) => id),
          ])
          return [`${nutrient} ${context} ${route} ${pH}`, said] as const
        }),
      ),
    )
    const lines = uses.flatMap(([context, route]) =>
      [5.5, 7.2, 8].flatMap((pH) => ranked(context, route, pH)),
    )
    await expect(sayFigures([...lines, ...others])).toMatchFileSnapshot('offers.txt')
  })
})
