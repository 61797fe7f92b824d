import { Chronicle } from './chronicle.ts'

/** South-west corner of the field; an invented place. */
const longDown = (latitude: number) => ({ longitude: -1.93117, latitude: latitude + 0.04862 })

/** Pale patches on high lime, sprayed too late to pay. */
export const sorghum = (today: string, latitude: number) =>
  new Chronicle(today, {
    name: 'Long Down sorghum',
    context: 'row-crop',
    plantId: 'grain-sorghum',
    size: { kind: 'area', areaM2: 64000 },
    measures: { outline: [[0, 0], [320, 0], [320, 200], [0, 200]] }, // prettier-ignore
    note: 'The chalk brow comes pale every year.',
  })
    .zone(120, {
      name: 'Brow',
      score: 4,
      origin: longDown(latitude),
      outline: [
        [0, 120],
        [210, 120],
        [320, 165],
        [320, 200],
        [0, 200],
      ],
    }) // prettier-ignore
    .zone(120, {
      name: 'Slope',
      score: 2.5,
      origin: longDown(latitude),
      outline: [
        [0, 60],
        [320, 60],
        [320, 165],
        [210, 120],
        [0, 120],
      ],
    }) // prettier-ignore
    .zone(120, {
      name: 'Bottom',
      score: 1,
      origin: longDown(latitude),
      outline: [
        [0, 0],
        [320, 0],
        [320, 60],
        [0, 60],
      ],
    }) // prettier-ignore
    .reading(149, { kind: 'pH', value: 7.9, method: 'laboratory' })
    .reading(149, { kind: 'soilIron', value: 2.1, method: 'laboratory', place: 'sick' })
    .reading(149, { kind: 'soilIron', value: 4.4, method: 'laboratory', place: 'healthy' })
    .look(147, 3, {
      fizz: 'slight',
      whereOnGround: 'patches',
      roots: 'white',
      onset: 'weeks',
      wetness: 'moist',
    })
    .remedy(145, {
      causeId: 'iron-tied-up-by-pH',
      route: 'leaf',
      sourceId: 'ferrous-sulfate',
      rateId: 'leaf-sulfate-row-crop',
      rateValue: 2,
      carrierValue: 15,
      tankL: 600,
      contentShare: 0.2,
      applyDaysAgo: 142,
    })
    .entry(141, 1, 'Brow only would have done.')
    .close(
      101,
      'green',
      'Colour came back, the yield on the brow did not. EDDHA in the furrow next year.',
    )
    .colour('severity', [
      [176, 0.8],
      [160, 1.8],
      [149, 3.1],
      [141, 3.2],
      [134, 1.4],
      [127, 1.2],
      [113, 1.6],
      [92, 1.3],
      [80, 1.5],
    ])
