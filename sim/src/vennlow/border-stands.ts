import { Chronicle } from './chronicle.ts'
import { pocketMeter } from './instruments.ts'
import { backpackId } from './sprayers.ts'

/** Planned: a spray in two days, with everything that a sheet can carry. */
export const azaleaBorder = (today: string) =>
  new Chronicle(today, {
    name: 'Azalea border',
    context: 'shrub',
    plantId: 'azalea',
    size: { kind: 'area', areaM2: 900 },
    measures: {
      outline: [[0, 0], [62, 3], [61, 19], [34, 17], [18, 15], [0, 9]], // prettier-ignore
      plantCount: 64,
    },
  })
    .reading(140, { kind: 'pH', value: 6.4, method: 'laboratory' })
    .reading(139, { kind: 'pH', value: 6.8, method: 'meter', instrument: pocketMeter })
    .event(120, { kind: 'limed', note: 'Lime drifted over from the path edging.' })
    .reading(9, { kind: 'pH', value: 6.9, method: 'meter', instrument: pocketMeter })
    .look(6, 2, { roots: 'white', growth: 'normal', feed: 'normal', wetness: 'moist' })
    .remedy(4, {
      causeId: 'iron-tied-up-by-pH',
      route: 'leaf',
      sourceId: 'fe-dtpa',
      rateId: 'leaf-spray-shrubs',
      rateValue: 0.5,
      carrierValue: 7.5,
      tankL: 4 * 3.785411784,
      contentShare: 0.1,
      weighedKgPerL: 0.9586,
      sprayerId: backpackId,
      partners: [{ kindId: 'urea', name: 'Urea', dose: '4 oz a full tank' }],
      conditioning: { alkalinityMgPerLCaCO3: 285, pH: 7.6, targetPH: 5.5, acidId: 'citric' },
      applyDaysAgo: -2,
      repeats: 3,
      lasting: 'Sulfur in two steps, and no more lime near it.',
    })
    .colour('severity', [
      [350, 0.3],
      [120, 0.4],
      [70, 0.9],
      [40, 1.5],
      [6, 2.2],
    ])

/** Under way for most of a year: sulfur in steps, and two retests that teach how the ground holds. */
export const blueberries = (today: string) =>
  new Chronicle(today, {
    name: 'Blueberry terrace',
    context: 'shrub',
    plantId: 'highbush-blueberry',
    size: { kind: 'area', areaM2: 320 },
    note: 'On the greensand below the chalk.',
  })
    .reading(322, { kind: 'pH', value: 6.4, method: 'laboratory' })
    .reading(322, { kind: 'organicMatter', value: 2.4, method: 'laboratory' })
    .acidPlan(320, {
      fromPH: 6.4,
      pHDoubt: 0.12,
      targetPH: 4.9,
      situation: 'bed',
      ground: { texture: 'sandy-loam', fizz: 'none', depthM: 0.1524 },
      water: { mmPerYear: 120, alkalinityMgPerLCaCO3: 60 },
      sourceId: 'sulfur-granules',
      kgPerM2: 0.027,
      stepsDaysAgo: [300, 150, -150, -330],
      retestsDaysAgo: [160, 15, -200],
      note: 'Small steps: the roots are there already.',
    })
    .entry(300, 1, 'Brushed off the leaves, watered in.')
    .reading(160, { kind: 'pH', value: 6.1, method: 'laboratory' })
    .entry(150, 0.98, 'Dry week, two rounds of the sprinkler.')
    .reading(15, { kind: 'pH', value: 5.6, method: 'laboratory' })
    .colour('severity', [
      [350, 2.3],
      [240, 2.1],
      [160, 1.8],
      [80, 1.4],
      [7, 1.1],
    ])
