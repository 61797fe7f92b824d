import { findPlant, sufficiencyOf, type TissueNutrient } from '../../src/stand/plant/index.ts'
import type { OutsideCheck, Publication } from './publications.ts'

type Row = readonly [
  publication: Publication,
  plantId: string,
  low: Readonly<Partial<Record<TissueNutrient, number>>>,
]

/** Lower ends of sufficiency as printed: % of dry leaf for the first four, mg/kg for the rest. */
// prettier-ignore
const rows: readonly Row[] = [
  ['campbell', 'maize', { nitrogen: 2.8, potassium: 1.8, magnesium: 0.15, sulfur: 0.15, iron: 30, manganese: 15, zinc: 20, copper: 5, boron: 5 }],
  ['campbell', 'soybean', { nitrogen: 3.25, potassium: 1.5, magnesium: 0.25, sulfur: 0.25, manganese: 17, zinc: 21, boron: 20 }],
  ['campbell', 'wheat', { nitrogen: 1.75, potassium: 1.5, magnesium: 0.15, sulfur: 0.2, iron: 30, manganese: 20, zinc: 18, copper: 4.5 }],
  ['campbell', 'bermudagrass', { nitrogen: 2.2, potassium: 1.5, magnesium: 0.13, sulfur: 0.15, iron: 50, manganese: 25, zinc: 20, copper: 5 }],
  ['embletonCitrus', 'citrus', { nitrogen: 2.4, potassium: 0.7, magnesium: 0.26, sulfur: 0.2, iron: 60, manganese: 25, zinc: 25, copper: 5, boron: 31 }],
  ['embletonAvocado', 'avocado', { nitrogen: 1.6, potassium: 0.75, magnesium: 0.25, sulfur: 0.2, iron: 50, manganese: 30, zinc: 30, copper: 5, boron: 50 }],
  ['jonesTurf', 'creeping-bentgrass', { nitrogen: 2.75, potassium: 1, magnesium: 0.2, sulfur: 0.2, iron: 35, manganese: 25, zinc: 20, copper: 5, boron: 10 }],
  ['hansonBlueberry', 'highbush-blueberry', { nitrogen: 1.7, potassium: 0.4, magnesium: 0.15, sulfur: 0.12, iron: 60, manganese: 50, zinc: 8, copper: 5, boron: 25 }],
  ['stilesReid', 'apple', { nitrogen: 2, potassium: 1.35, magnesium: 0.35, iron: 50, manganese: 50, zinc: 35, copper: 7, boron: 35 }],
  ['leecePeach', 'peach', { nitrogen: 2.5, potassium: 1.5, magnesium: 0.3, iron: 80, manganese: 40, zinc: 20, copper: 5, boron: 20 }],
  ['christensenGrape', 'grapevine', { potassium: 1.5, magnesium: 0.3, zinc: 26, boron: 30 }],
  ['hochmuth', 'tomato', { nitrogen: 2.8, potassium: 2.5, magnesium: 0.3, sulfur: 0.3, iron: 40, manganese: 30, zinc: 25, copper: 5, boron: 20 }],
  ['hochmuth', 'lettuce', { nitrogen: 4, potassium: 5, magnesium: 0.3, sulfur: 0.3, iron: 50, manganese: 15, zinc: 25, copper: 5, boron: 15 }],
  ['hochmuth', 'strawberry', { nitrogen: 3, potassium: 1.5, magnesium: 0.25, iron: 50, manganese: 30, zinc: 20, copper: 5, boron: 20 }],
  ['smithKiwi', 'kiwifruit', { nitrogen: 2.2, potassium: 1.8, magnesium: 0.3, sulfur: 0.25, iron: 80, manganese: 50, zinc: 15, copper: 10, boron: 40 }],
  ['sparksPecan', 'pecan', { zinc: 50 }],
  ['ulrichBeet', 'sugar-beet', { iron: 55, manganese: 10, zinc: 9, boron: 27 }],
  ['ballard', 'white-pine', { nitrogen: 1.45, potassium: 0.45, magnesium: 0.08, iron: 50, manganese: 25, zinc: 15, copper: 3, boron: 12 }],
  ['dole', 'petunia', { nitrogen: 3.9, potassium: 3.1, magnesium: 0.36, iron: 84, manganese: 44, zinc: 33, boron: 18 }],
  ['westermann', 'potato', { nitrogen: 3.5, potassium: 3.5, magnesium: 0.3, manganese: 20, zinc: 20, copper: 5, boron: 20 }],
]

/** Where handbooks differ by more than that, and why ours stays. */
const differing: Readonly<Record<string, string>> = {
  'stilesReid manganese':
    'New York sets 50 for apple, western states 25; ours is the group of tree fruit',
  'stilesReid zinc':
    'New York sets 35 for apple, western states 15 to 20; ours is the group of tree fruit',
  'smithKiwi copper': 'others print 5 for kiwifruit; copper is seldom short there',
  'ulrichBeet manganese': 'theirs is where growth falls, ours where it is surely enough',
}

/** How far lower ends of sufficiency differ between handbooks that are both right. */
const within = 1.7

export const leafChecks: readonly OutsideCheck[] = rows.flatMap(([publication, plantId, lows]) =>
  Object.entries(lows).map(([nutrient, printed]) => ({
    publication,
    what: `${nutrient} enough in leaves of ${findPlant(plantId).name.toLowerCase()}, from`,
    printed,
    ours: () => sufficiencyOf(findPlant(plantId), nutrient as TissueNutrient).low,
    within,
    differs: differing[`${publication} ${nutrient}`],
  })),
)
