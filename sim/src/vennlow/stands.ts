import type { StandHistory } from './acts.ts'
import { azaleaBorder, blueberries } from './border-stands.ts'
import { sorghum } from './field-stands.ts'
import { pinOaks, vineyard } from './tree-stands.ts'
import { pocketMeter } from './instruments.ts'
import { latitudeOn, toldFrom } from './half-of-the-earth.ts'
import { Chronicle } from './chronicle.ts'

/** Pale for a fortnight and not yet looked into: the case a newcomer opens first. */
const bowlingGreen = (today: string) =>
  new Chronicle(today, {
    name: 'Bowling green',
    context: 'turf',
    plantId: 'creeping-bentgrass',
    size: { kind: 'area', areaM2: 1444 },
    measures: { outline: [[0, 0], [38, 0], [38, 38], [0, 38]] }, // prettier-ignore
    care: { mowingDays: [1, 3, 5], wateringDays: [2, 6], paleLossPerDay: 15 },
    note: 'Watered from the chalk borehole.',
  })
    .reading(322, { kind: 'pH', value: 7.2, method: 'laboratory' })
    .reading(320, { kind: 'pH', value: 7.5, method: 'meter', instrument: pocketMeter })
    .reading(200, { kind: 'alkalinity', value: 285, method: 'laboratory' })
    .event(64, { kind: 'fed', note: 'Autumn feed, low nitrogen.' })
    .order(10, { packets: ['soil', 'active-iron'], places: ['sick', 'healthy'] })
    .colour('turfColour', [
      [364, 6.6],
      [280, 6.9],
      [210, 7.4],
      [120, 7.1],
      [45, 7],
      [31, 6.8],
      [17, 5.3],
      [3, 4.1],
    ])

/** Solved: a sulfate spray and its repeat. */
const eventsLawn = (today: string) =>
  new Chronicle(today, {
    name: 'Events lawn',
    context: 'turf',
    plantId: 'fescue-zoysia',
    size: { kind: 'area', areaM2: 6200 },
    measures: { outline: [[0, 0], [98.4, 0], [110.3, 45.3], [57.1, 66.9], [0, 55.1]] }, // prettier-ignore
    care: { mowingDays: [2], paleLossPerDay: 25 },
  })
    .reading(165, { kind: 'pH', value: 7.6, method: 'laboratory' })
    .reading(164, { kind: 'pH', value: 7.9, method: 'meter', instrument: pocketMeter })
    .look(163, 2, { roots: 'white', whereOnGround: 'patches', wetness: 'moist', feed: 'normal' })
    .remedy(161, {
      causeId: 'iron-tied-up-by-pH',
      route: 'leaf',
      sourceId: 'ferrous-sulfate',
      rateId: 'leaf-sulfate-2-percent',
      rateValue: 2,
      carrierValue: 30,
      tankL: 200,
      contentShare: 0.2,
      applyDaysAgo: 158,
      lasting: 'Ammonium sulfate as the only nitrogen for a season.',
    })
    .entry(158, 1, 'Calm evening, dry leaf.')
    .remedy(134, {
      causeId: 'iron-tied-up-by-pH',
      route: 'leaf',
      sourceId: 'ferrous-sulfate',
      rateId: 'leaf-sulfate-2-percent',
      rateValue: 2,
      carrierValue: 30,
      tankL: 200,
      contentShare: 0.2,
      applyDaysAgo: 132,
    })
    .entry(131, 0.96, 'A day late for rain. Repeat, as the new growth came yellow.')
    .close(96, 'green', 'Green since the repeat; ammonium sulfate keeps it so.')
    .photo(159, 0.4, { exposure: 0.85, red: 1.05, blue: 0.95 })
    .photo(150, 0.74, { exposure: 0.6, red: 0.88, blue: 1.25 })
    .photo(150, 0.43, { exposure: 0.62, red: 0.88, blue: 1.24 }, 'untreated')
    .photo(144, 0.75, { exposure: 0.7, red: 0.95, blue: 1.08 })
    .photo(133, 0.55, { exposure: 0.8, red: 1.02, blue: 0.98 })
    .photo(124, 0.76, { exposure: 0.66, red: 0.92, blue: 1.15 })
    .photo(96, 0.75, { exposure: 0.74, red: 1.08, blue: 0.9 })
    .reading(151, { kind: 'turfColour', value: 4.5, method: 'eye', place: 'untreated' })
    .reading(144, { kind: 'turfColour', value: 4.5, method: 'eye', place: 'untreated' })
    .trial(
      70,
      {
        name: 'Which iron on the lawn',
        design: {
          layout: 'blocks',
          factors: [{ name: 'iron', levels: ['untreated', 'sulfate', 'DTPA', 'EDDHA'] }],
          replicates: 4,
        },
        seed: 0.4242,
        plotLengthM: 4,
        plotWidthM: 1.5,
        scale: 'turfColour',
      },
      [
        { daysAgo: 60, base: 5.2, gains: { sulfate: 2.1, DTPA: 1.6, EDDHA: 0.7 } },
        { daysAgo: 42, base: 5.3, gains: { sulfate: 0.9, DTPA: 0.8, EDDHA: 2 } },
        { daysAgo: 21, base: 5.4, gains: { sulfate: 0.1, DTPA: 0.2, EDDHA: 1.7 } },
      ],
    )
    .colour('turfColour', [
      [362, 6.2],
      [230, 6.6],
      [185, 6.3],
      [165, 4.9],
      [158, 4.5],
      [151, 6.9],
      [144, 7],
      [133, 5.4],
      [124, 7.1],
      [96, 7],
      [6, 6.7],
    ])

/** Just opened: looked at two days ago, no remedy yet. */
const gardenias = (today: string) =>
  new Chronicle(today, {
    name: 'Gardenia house',
    context: 'container',
    plantId: 'gardenia',
    size: { kind: 'pots', count: 180, potL: 3 },
  })
    .reading(150, { kind: 'pH', value: 5.9, method: 'meter' })
    .reading(16, { kind: 'pH', value: 6.8, method: 'meter' })
    .event(75, { kind: 'fed', note: 'Changed to the calcium nitrate feed.' })
    .look(2, 2, {
      roots: 'white',
      growth: 'normal',
      feed: 'normal',
      onset: 'weeks',
      wetness: 'moist',
    })
    .colour('severity', [
      [355, 0.4],
      [160, 0.3],
      [60, 0.6],
      [30, 1.2],
      [2, 2.3],
    ])

/** Dosed every few weeks; a dose is due today. */
const lettuceLoop = (today: string) => {
  const dose = {
    causeId: 'iron-truly-low',
    route: 'solution',
    sourceId: 'fe-dtpa',
    rateId: 'solution-aquaponic',
    rateValue: 2,
    contentShare: 0.1,
  } as const
  const lettuce = new Chronicle(today, {
    name: 'Lettuce raft loop',
    context: 'aquaponic',
    plantId: 'lettuce',
    size: { kind: 'solution', volumeL: 5200 },
    note: 'Nine carp; pour at the far end of the rafts.',
  })
  return lettuce
    .reading(90, { kind: 'pH', value: 6.7, method: 'vial' })
    .reading(89, { kind: 'ironInSolution', value: 0.4, method: 'vial' })
    .look(88, 2, { roots: 'white', feed: 'normal', growth: 'normal' })
    .remedy(87, { ...dose, presentIronMgPerL: 0.4, applyDaysAgo: 86 })
    .entry(86, 1, 'First third. Carp calm.')
    .entry(85, 1, '')
    .entry(84, 1, 'Solution at 1.9 mg/L.')
    .close(62, 'green', 'New leaves green in ten days.')
    .reading(8, { kind: 'pH', value: 6.8, method: 'vial' })
    .reading(8, { kind: 'nitrate', value: 40, method: 'vial' })
    .reading(8, { kind: 'hardness', value: 553, method: 'drop-kit' })
    .reading(8, { kind: 'alkalinity', value: 89, method: 'drop-kit' })
    .reading(3, { kind: 'ironInSolution', value: 0.5, method: 'vial' })
    .look(3, 1, { roots: 'white', feed: 'normal', growth: 'very-fast' })
    .remedy(1, { ...dose, presentIronMgPerL: 0.5, applyDaysAgo: 0, repeats: 3 })
    .colour('severity', [
      [340, 0.4],
      [240, 1.1],
      [225, 0.3],
      [130, 0.5],
      [95, 1.6],
      [84, 1.7],
      [72, 0.4],
      [35, 0.5],
      [5, 1.4],
    ])
}

/** Every stand of the estate with its year up to a day. */
export function standHistories(today: string): readonly StandHistory[] {
  const chronicles = [
    bowlingGreen,
    gardenias,
    vineyard,
    lettuceLoop,
    // Leaves and sorghum stand in summer alone: their last stories are told from then.
    (day: string) => pinOaks(toldFrom(day, 170)),
    eventsLawn,
    (day: string) => sorghum(toldFrom(day, 147), latitudeOn(day)),
    azaleaBorder,
    blueberries,
  ]
  return chronicles.map((write) => write(today).finished())
}
