import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { kindIn } from '../../src/stand/plant/tests/index.ts'
import { soilCurves, solutionCurves } from '../../src/material/chemistry/index.ts'
import {
  checkLabel,
  labelBounds,
  labelCourse,
  readLabelText,
} from '../../src/material/label/index.ts'
import { partnerKinds } from '../../src/apply/mix/index.ts'
import { earliestFit, planCost, factsOf } from '../../src/days/planner/index.ts'
import { randomEstate } from '../../src/days/planner/tests/random-estate.ts'
import { contextNames, contexts } from '../../src/stand/plant/index.ts'
import { amountFor, sameRate, factsOfJob, type Rate } from '../../src/material/rate/index.ts'
import { allRates, findSource, type LigandId } from '../../src/material/source/index.ts'
import { dropClassOf } from '../../src/apply/sprayer/index.ts'
import { judgeWork } from '../../src/apply/work/index.ts'
import { acidDose, acids } from '../../src/soil/water/index.ts'
import { ligandsThen, sizes, sourcesThen } from './as-it-was.ts'
import { sayFigures } from './say-figures.ts'

describe('what is worked out for a piece of work is what it was', () => {
  it('problems of work drawn at random', async () => {
    const random = randomLcg(0.75)
    const pick = <Value>(values: readonly Value[]) =>
      values[Math.floor(random() * values.length)] as Value
    const lines = Array.from({ length: 300 }, (_, index) => {
      const context = pick(contextNames)
      const route = pick(contexts[context].routes)
      const sourceId = pick(sourcesThen)
      const partner = { kindId: pick(partnerKinds).id, name: 'other', dose: pick(['', '1 oz']) }
      const jarTest = {
        sourceId,
        kindId: partner.kindId,
        partnerName: 'Other',
        outcome: pick(['clear', 'settles'] as const),
        testedOn: '2026-05-01',
      }
      const work = {
        ...kindIn(context),
        route,
        sourceId,
        productName: null,
        size: sizes[contexts[context].sizeKinds[0]],
        productKg: 10 ** (random() * 4 - 2),
        carrierL: 10 ** (random() * 3),
        contentShare: findSource(sourceId).contentShare.usual,
        weighedKgPerL: pick([undefined, 0.9]),
        labelMaximum: pick([undefined, { value: 4, unit: 'fl oz/1000 ft2' }, { value: 30, unit: 'kg/ha' }]), // prettier-ignore
        partners: pick([[], [partner]]),
        jarTests: pick([[], [jarTest]]),
        waterInAfterH: pick([undefined, 2]),
        drop: pick([undefined, dropClassOf('flat-fan', '02', 3), dropClassOf('flat-fan', '08', 1)]),
        maxC: pick([undefined, 24, 30, 34]),
        ground: { pH: 6.8, plantPH: { low: 6, high: 7 }, takesIronEasily: false },
      }
      const problems = judgeWork(work).map(({ id, field, stops }) => [id, field, stops])
      return [`${index} ${context} ${route} ${sourceId}`, problems] as const
    })
    await expect(sayFigures(lines)).toMatchFileSnapshot('problems.txt')
  })

  it('one amount said by every basis', async () => {
    const said = (rate: Rate) =>
      rate.contexts.map((context) => {
        const size = sizes[contexts[context].sizeKinds[0]]
        const known = { size, measures: { plantCount: 40, rowM: 90, groundM2: 800 }, densityKgPerL: 0.8, contentShare: 0.1 } // prettier-ignore
        const carrier = rate.carrier ? { carrierValue: rate.carrier.usual } : {}
        const { productKg, carrierL } = amountFor({ ...known, ...carrier, rate, rateValue: rate.rate.usual }) // prettier-ignore
        const same = sameRate(productKg, factsOfJob(known, carrierL, rate.route), 'us')
        return [`${rate.id} ${context}`, same] as const
      })
    await expect(sayFigures(allRates.flatMap(said))).toMatchFileSnapshot('same-rates.txt')
  })

  it('chelates over pH, labels, acid for water', async () => {
    const then = (shares: Readonly<Record<LigandId, Float64Array>>) =>
      Object.fromEntries(ligandsThen.map((id) => [id, shares[id]]))
    const pHs = [4, 5, 6, 6.5, 7, 7.5, 8, 9, 10]
    const curves = (['none', 'field', 'full'] as const).map((competition) => {
      const { shares, ...rest } = soilCurves({ pHs, competition })
      return [`soil ${competition}`, { ...rest, shares: then(shares) }] as const
    })
    const feed = { ironMmolPerL: 0.04, otherMetalsMmolPerL: { Ca: 3, Mg: 1, Zn: 0.004, Cu: 0.001, Mn: 0.01 } } // prettier-ignore
    const labels = [
      'N 5, Mg 1, S 7, Mn 2, Fe 9 (all chelated by EDDHA, EDTA, citrate)',
      'Iron 6 % chelated by EDDHA, ortho-ortho 4.8 %',
      'Fe 20, S 11.5 derived from ferrous sulfate',
      'N 15, Fe 6, S 5, derived from urea, ferrous sulfate, iron oxide',
      'Fe 5, chelated 2, derived from Fe-DTPA and ferrous sulfate',
    ].map((text) => {
      const { label } = checkLabel(readLabelText(text).draft)
      if (!label) throw new Error(`${text} is no label`)
      const course = labelCourse(label, { route: 'soil', medium: { pH: 7.4, doubt: 0.2 } })
      return [text, { bounds: labelBounds(label), on: [course.at(0), course.mean(30)] }] as const
    })
    const water = { alkalinityMgPerLCaCO3: 240, pH: 7.9 }
    const doses = acids.map(({ id }) => {
      const { meqPerL, litres, kg, bringsMgPerL } = acidDose(id, water, { targetPH: 6, waterL: 400 }) // prettier-ignore
      return [id, { meqPerL, litres, kg, bringsMgPerL }] as const
    })
    const lines = [
      ...curves,
      ['solution', then(solutionCurves(pHs, feed))] as const,
      ...labels,
      ...doses,
    ]
    await expect(sayFigures(lines)).toMatchFileSnapshot('chemistry.txt')
  })

  it('what a season costs', async () => {
    const lines = Array.from({ length: 12 }, (_, seed) => {
      const { frame, tasks } = randomEstate(seed)
      const facts = factsOf(frame)
      const plan = earliestFit(facts, tasks)
      return [`${seed}`, { days: [...plan], cost: planCost(facts, tasks, plan) }] as const
    })
    await expect(sayFigures(lines)).toMatchFileSnapshot('seasons.txt')
  })
})
