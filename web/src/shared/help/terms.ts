/** Words that a newcomer may not know, each in a line or two, as one would say it to a grower. */
export const terms = {
  chlorosis: 'Leaves paler than they should be: the green pigment is missing.',
  interveinal: 'Pale between the veins while the veins stay green.',
  chelate:
    'A molecule that holds a metal such as iron and keeps it dissolved where it would otherwise fall out as rust.',
  EDTA: 'A cheap chelate. Holds iron up to a soil pH of about 6.5; above that it takes up calcium and lets the iron go.',
  DTPA: 'A chelate that holds iron up to a soil pH of about 7.5. Also the name of a soil test, see DTPA test.',
  EDDHA:
    'The strongest chelate in common use. Holds iron in lime soils up to a pH of about 9. Stains red.',
  'ortho-ortho':
    'The part of an EDDHA product that lasts in lime soil. The label gives it in percent beside the total iron.',
  HBED: 'A chelate as strong as EDDHA, slower and longer lasting.',
  salt: 'Iron as a plain salt, mostly ferrous sulfate. Quick on the leaf; in lime soil it turns to rust within days.',
  'DTPA test':
    'A soil test: the iron that a DTPA solution takes out of soil, in mg/kg. Not the chelate on the shelf.',
  pH: 'How acid or limy soil or water is; 7 is neutral, each step is tenfold.',
  'buffer pH':
    'The pH that a soil leaves in a test liquid. It tells how strongly the soil resists a change of pH.',
  'free lime':
    'Lime in the soil that fizzes with acid. While it lasts, acid is used up and the pH hardly moves.',
  alkalinity:
    'Bicarbonate and carbonate in water, as mg/L of CaCO3. It raises the pH of the soil and of the tank.',
  EC: 'Electrical conductivity: how salty soil or water is, in dS/m.',
  SPAD: 'The number of a meter that is clipped on a leaf: the higher, the greener.',
  NDVI: 'A greenness index from red and near-infrared light, 0 to 1.',
  DGCI: 'Dark green colour index of a photo, 0 to 1: the higher, the darker green.',
  'active iron':
    'The iron of fresh leaves that the plant can use, found with a weak acid. Total iron misleads in chlorosis.',
  'working iron':
    'The share of the iron paid for that still does its work at your pH, by that route, over the time you want it.',
  doubt: 'One standard deviation: about two readings in three lie within it.',
  stand:
    'One planting that you treat as one: a lawn, a row of trees, a bed, a lot of pots, a solution loop.',
  case: 'One episode of chlorosis on a stand, from the first look until it is green again or given up.',
  verdict: 'The causes that fit what was seen, ranked by how likely each is, with the reasons.',
  'settled, open':
    'A verdict is settled when the likeliest remedy is clear enough to act on; open when a check may still change it.',
  remedy: 'The quick fix that greens the leaves and the lasting fix that mends the cause.',
  'lasting fix': 'What mends the cause: acidifying, draining, another nitrogen, another plant.',
  sheet: 'The page for one job: amounts for each fill, order of mixing, cautions.',
  'jar test':
    'The mix in small in a jar, left to stand: what clumps or falls out there would block the nozzles.',
  school: 'One way among practitioners of reading a number or choosing a material.',
  ribbon:
    'The leaf colour of a stand through time: painted where it was looked at, hatched where nobody did, paler ahead.',
} as const satisfies Readonly<Record<string, string>>

export type Term = keyof typeof terms
export const termNames = Object.keys(terms) as readonly Term[]
