import { randomLcg } from 'd3-random'
import { planApplication, type ChosenApplication } from '@spudder/core/apply/application'
import { partnerKinds } from '@spudder/core/apply/mix'
import { ratesFor, sourceIds } from '@spudder/core/material/source'
import { acids } from '@spudder/core/soil/water'
import { contexts, plants, type SizeKind, type StandSize } from '@spudder/core/stand/plant'
import { describe, expect, it } from 'vitest'
import { checkDto } from '../validation/index.ts'
import {
  applicationFacts,
  chosenOf,
  CreateRemedyDto,
  requestOf,
  type KnownOfApplication,
} from './index.ts'

const sizes: Readonly<Record<SizeKind, StandSize>> = {
  area: { kind: 'area', areaM2: 900 },
  trunks: { kind: 'trunks', count: 12, diameterM: 0.2 },
  pots: { kind: 'pots', count: 200, potL: 4 },
  solution: { kind: 'solution', volumeL: 2000 },
}

/** An application drawn at random: often over a limit, with partners, acid and spoons of all sorts. */
function draw(random: () => number) {
  const pick = <Value>(values: readonly Value[]) =>
    values[Math.floor(random() * values.length)] as Value
  const uses = plants.flatMap((plant) =>
    plant.contexts.flatMap((context) =>
      contexts[context].routes.flatMap((route) =>
        sourceIds.flatMap((sourceId) =>
          ratesFor({ context, growth: plant.growth }, route, sourceId).map(
            (rate) => ({ context, plantId: plant.id, route, sourceId, rate }), // prettier-ignore
          ),
        ),
      ),
    ),
  )
  const { context, plantId, route, sourceId, rate } = pick(uses)
  const partner = { kindId: pick(partnerKinds).id, name: pick(['Mine', ' ']), dose: pick(['', '1 oz']) } // prettier-ignore
  const known: KnownOfApplication = {
    stand: {
      context,
      plantId,
      size: sizes[contexts[context].sizeKinds[0]],
      measures: pick([null, { plantCount: 40, rowM: 120 }]),
    },
    product: pick([
      undefined,
      { name: 'Tub', densityKgPerL: null, labelMaximum: { value: 4, unit: 'fl oz/1000 ft2' } },
      { name: 'Can', densityKgPerL: 1.2, labelMaximum: { value: 3, unit: 'kg/ha' } },
    ]),
    setup: pick([undefined, { kind: 'backpack', tankL: 15 } as const]),
    jarTests: pick([[], [{ sourceId, kindId: partner.kindId, partnerName: 'mine', outcome: 'clear', testedOn: '2026-05-01' } as const]]), // prettier-ignore
    readings: [
      { kind: 'ammonium', value: 4, takenOn: '2026-05-28' },
      { kind: 'pH', value: 7.4, takenOn: pick(['2026-05-30', '2026-03-01']) },
    ],
    today: '2026-06-01',
    maxC: pick([undefined, 24, 33]),
  }
  const isDose = rate.basis === 'iron-in-solution'
  const chosen: ChosenApplication = {
    route,
    sourceId,
    rate,
    rateValue: rate.rate.usual * pick([0.5, 1, 4]),
    carrierValue: rate.carrier && rate.carrier.usual * pick([0.5, 1, 6]),
    contentShare: 0.08,
    weighedKgPerL: pick([undefined, 0.9]),
    scoopKg: undefined,
    tankL: rate.carrier && pick([undefined, 15]),
    conditioning: rate.carrier && pick([undefined, { acidId: pick(acids).id, alkalinityMgPerLCaCO3: 220, pH: 7.8, targetPH: pick([6, 8]) }]), // prettier-ignore
    partners: rate.carrier ? pick([[], [partner]]) : [],
    waterInAfterH: pick([undefined, 2]),
    presentIronMgPerL: isDose ? pick([undefined, 0.4, 3]) : undefined,
    doseDays: isDose ? pick([undefined, 3]) : undefined,
    why: pick([undefined, 'The agronomist asked for it.']),
  }
  return { known, chosen }
}

describe('what a page shows and what a server checks', () => {
  const random = randomLcg(0.375)
  const cases = Array.from({ length: 400 }, () => draw(random))

  it('is the same, amount by amount and problem by problem, for facts drawn at random', () => {
    for (const { known, chosen } of cases) {
      const shown = planApplication(applicationFacts(known, chosen))
      // As it travels: through JSON and the class that the server checks it with.
      const sent = JSON.parse(
        JSON.stringify({ ...requestOf(chosen), id: crypto.randomUUID(), causeId: 'a', applyOn: '2026-06-03' }), // prettier-ignore
      ) as object
      const answer = checkDto(CreateRemedyDto, sent)
      if (!answer.ok) throw new Error(JSON.stringify(answer.fields))
      const dto = chosenOf(answer.value, chosen.rate)
      const checked = planApplication(applicationFacts(known, dto))
      expect(checked).toEqual(shown)
    }
  })

  it('stops some and lets others go', () => {
    const stopped = cases.filter(
      ({ known, chosen }) => planApplication(applicationFacts(known, chosen)).isStopped,
    )
    expect(stopped.length).toBeGreaterThan(50)
    expect(stopped.length).toBeLessThan(350)
  })
})
