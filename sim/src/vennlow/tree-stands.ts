import { idFor } from '../seeded/index.ts'
import { Chronicle } from './chronicle.ts'

/** Gone wrong and explained, then solved: a chelate past its pH, and the one that holds. */
export const pinOaks = (today: string) =>
  new Chronicle(today, {
    name: 'Pin oak avenue',
    context: 'tree',
    plantId: 'pin-oak',
    size: { kind: 'trunks', count: 24, diameterM: 0.31 },
    note: 'Along the chalk drive.',
  })
    .reading(236, { kind: 'pH', value: 7.6, method: 'meter' })
    .look(234, 3, {
      roots: 'white',
      whereOnPlant: 'whole',
      whereOnGround: 'near-concrete',
      fizz: 'slight',
    })
    .remedy(232, {
      causeId: 'iron-tied-up-by-pH',
      route: 'soil',
      sourceId: 'fe-edta',
      rateId: 'soil-chelate-trunk-neutral',
      rateValue: 1,
      carrierValue: 2,
      contentShare: 0.13,
      applyDaysAgo: 228,
    })
    .entry(227, 1, 'A kilogram left over from the glasshouse.')
    .close(
      178,
      'given-up',
      'No response in seven weeks: at pH 7.6 EDTA lets go of its iron within days. The drench was not washed out and the roots were sound; it was the wrong chelate. EDDHA next.',
    )
    .look(170, 3, {
      roots: 'white',
      whereOnPlant: 'whole',
      whereOnGround: 'near-concrete',
      fizz: 'slight',
    })
    .remedy(168, {
      causeId: 'iron-tied-up-by-pH',
      route: 'soil',
      sourceId: 'fe-eddha',
      rateId: 'soil-eddha-trunk',
      rateValue: 1,
      carrierValue: 2,
      tankL: 400,
      contentShare: 0.06,
      applyDaysAgo: 163,
      lasting: 'Bark mulch over the roots; no more limestone on the drive.',
    })
    .entry(163, 1.02, 'Watered in, film rinsed off the kerb.')
    .close(108, 'green', 'New leaves green since the sixth week.')
    .colour(
      'severity',
      [
        [360, 0.8],
        [290, 1],
        [250, 2.2],
        [228, 3],
        [180, 3.2],
        [163, 3.1],
        [146, 2.6],
        [128, 1],
        [108, 0.6],
        [9, 0.7],
      ],
      9,
    )

/** Under way: drenched less than three weeks ago, the first change about due. */
export const vineyard = (today: string) =>
  new Chronicle(today, {
    name: 'South vineyard block',
    context: 'tree',
    plantId: 'grapevine',
    size: { kind: 'trunks', count: 420, diameterM: 0.05 },
    note: 'On lime; the lower rows lie wet in spring.',
  })
    .reading(40, { kind: 'pH', value: 7.9, method: 'laboratory', place: 'sick' })
    .reading(40, { kind: 'calciumCarbonate', value: 23, method: 'laboratory', place: 'sick' })
    .reading(40, { kind: 'soilIron', value: 4.7, method: 'laboratory', place: 'sick' })
    .reading(40, { kind: 'soilManganese', value: 6.2, method: 'laboratory', place: 'sick' })
    .event(52, { kind: 'heavy-rain', note: 'Three wet weeks.' })
    .look(30, 3, {
      roots: 'white',
      wetness: 'wet',
      fizz: 'strong',
      whereOnGround: 'low-spots',
      whereOnPlant: 'whole',
    })
    .advice(
      28,
      'Iron is in this ground, the wet lime holds it back. EDDHA will green the rows for a season; the drain is what lasts.',
    )
    .remedy(27, {
      causeId: 'iron-tied-up-by-bicarbonate',
      route: 'soil',
      sourceId: 'fe-eddha',
      rateId: 'soil-eddha-vines',
      rateValue: 0.35,
      carrierValue: 0.5,
      tankL: 1000,
      contentShare: 0.06,
      productId: idFor('product:eddha'),
      repeats: 1,
      applyDaysAgo: 19,
      retestDaysAgo: -160,
      lasting: 'Open the drain below row 14. No acid: the ground fizzes.',
    })
    .entry(19, 1, 'Whole block in one day, moist soil.')
    .photo(20, 0.38, { exposure: 0.9, red: 1.12, blue: 0.84 })
    .photo(4, 0.47, { exposure: 0.55, red: 0.9, blue: 1.2 })
    .reading(19, { kind: 'chlorophyll', value: 20.4, method: 'meter', place: 'untreated' })
    .reading(4, { kind: 'chlorophyll', value: 20.1, method: 'meter', place: 'untreated' })
    .colour(
      'chlorophyll',
      [
        [350, 38],
        [240, 40],
        [120, 39],
        [60, 34],
        [30, 22],
        [19, 20],
        [4, 23],
      ],
      8,
    )
