import type { Sourced } from '../../../base/reference/index.ts'
import type { Context, Growth } from '../../../stand/plant/index.ts'

/** Something that practitioners do beside or in place of a product for the leaf. */
export interface Practice extends Sourced {
  readonly id: string
  readonly name: string
  /** When it is right, and when not. */
  readonly when: string
  /** How much and how, in the units of both systems. */
  readonly how: string
  /** What it costs, as a range or against what; `{5-15}` stands for money of the place. */
  readonly cost: string
  readonly cautions: readonly string[]
  /** How practitioners differ on it. */
  readonly schools?: readonly string[]
  readonly causeIds: readonly string[]
  readonly contexts: readonly Context[]
  readonly growths?: readonly Growth[]
  /** It is for plants that stand by themselves, or in rows. */
  readonly stands?: 'alone' | 'in rows'
  /** How often in a season, and days between; once where absent. */
  readonly rounds?: { readonly count: number; readonly apartDays: number }
}

const practice = { source: 'common practice', mark: 'C' } as const
const bulletins = { source: 'extension bulletins', mark: 'M' } as const
const onLime = ['iron-tied-up-by-pH', 'iron-tied-up-by-bicarbonate', 'over-limed'] as const
const label = 'Only by a label that names this use; local rules and licences come first.'

/** What to do beside or in place of a spray; the surest first for each cause. */
export const practices: readonly Practice[] = [
  {
    id: 'tolerant-variety',
    name: 'A variety or rootstock that bears lime',
    when: 'Where lime cannot be moved and the planting is to be renewed anyway; the one fix that lasts.',
    how: 'Ask for the chlorosis score on your own ground; plant the tolerant one in the pale zones first, and keep the old elsewhere.',
    cost: 'Seed of it costs about the same; a replanted orchard or vineyard is years without a crop.',
    cautions: ['Look at what else the rootstock brings: vigour, drought, nematodes.'],
    causeIds: onLime,
    contexts: ['row-crop', 'tree'],
    growths: ['legume', 'cereal', 'field crop', 'vine', 'orchard'],
    ...practice,
  },
  {
    id: 'drip-chelate',
    name: 'Chelate through the drip line, in shares',
    when: 'On rows with drip, from bud break on; where one dressing in spring fades by midsummer.',
    how: 'A season of EDDHA in three or four shares, each in the last hour of a set, then ten minutes of clear water.',
    cost: 'The same product as a dressing; labour of one person for an hour a share.',
    cautions: [
      'A check valve before the well or main.',
      'Never water limy ground more than it needs: wet lime makes it worse.',
    ],
    schools: ['Some give all at bud break, and save the trips; shares hold longer on sand.'],
    causeIds: onLime,
    contexts: ['tree', 'shrub', 'row-crop'],
    growths: ['vine', 'orchard', 'berry', 'legume', 'field crop', 'vegetable'],
    stands: 'in rows',
    rounds: { count: 3, apartDays: 21 },
    ...practice,
  },
  {
    id: 'trunk-injection',
    name: 'Iron into the trunk',
    when: 'Shade trees over about 30 cm (12 in) on lime, worth more than the bill; not in drought, not where the root flare is buried or girdled: look at that first.',
    how: 'By a licensed arborist, after the leaves are full grown, by the label of the injected product and the girth.',
    cost: 'Some {5-15} for 2.5 cm (1 in) of trunk, every two to three years; set it beside the price of another tree.',
    cautions: [
      'Each hole is a wound: few, small, and not into the same wood again.',
      'Not while bees fly to open flowers.',
      label,
    ],
    schools: [
      'Some arborists inject first; others only where the soil failed twice; many replant.',
    ],
    causeIds: onLime,
    contexts: ['tree'],
    growths: ['shade tree', 'palm', 'conifer'],
    stands: 'alone',
    ...bulletins,
  },
  {
    id: 'root-holes',
    name: 'Acid-filled holes in the root zone',
    when: 'Trees and big shrubs on lime that are to stay; a zone where roots find iron, not another soil.',
    how: 'Holes 5 to 8 cm (2 to 3 in) wide and 30 cm (12 in) deep every 60 cm (2 ft) around the drip line, filled with sulfur, iron sulfate and compost: the acid plan says how much.',
    cost: 'A day of work for a big tree, and a bag of each; good for two to four years.',
    cautions: ['Have pipes and cables marked.', 'Keep clear of roots thicker than a thumb.'],
    causeIds: onLime,
    contexts: ['tree', 'shrub'],
    growths: ['shade tree', 'orchard', 'conifer', 'palm', 'shrub'],
    ...bulletins,
  },
  {
    id: 'acid-spray-water',
    name: 'Soft, acidified water and a wetter for sulfate sprays',
    when: 'Whenever an iron salt goes onto the leaf with water over about 100 mg/L alkalinity.',
    how: 'Bring the water to pH 5 to 5.5 with citric acid before the iron; a non-ionic wetter at 0.1 to 0.25 %.',
    cost: 'Little; it decides whether the iron gets in at all.',
    cautions: ['Acid into water, never the reverse; goggles and gloves.'],
    causeIds: [...onLime, 'iron-truly-low'],
    contexts: ['turf', 'tree', 'shrub', 'row-crop'],
    ...practice,
  },
  {
    id: 'iron-residuals',
    name: 'Ferric residuals or compost as a source of iron',
    when: 'Where much ground has to be fed cheaply for years, and an analysis is to be had; never lime-softening sludge or lime by-products where pH is high.',
    how: '2,000 to 5,000 kg/ha (1,800 to 4,500 lb/acre) of ferric water-treatment residuals, or ten times as much compost, worked in before planting.',
    cost: 'Often for the haulage.',
    cautions: [
      'Ask for iron, phosphorus, salt and metals by analysis before the first load.',
      'Local rules on residuals come first.',
    ],
    causeIds: [...onLime, 'iron-truly-low'],
    contexts: ['row-crop', 'tree', 'shrub'],
    ...bulletins,
  },
  {
    id: 'companion-oats',
    name: 'Oats sown with the beans',
    when: 'Soybean on lime after a crop that left much nitrate, over about 100 kg/ha (90 lb/acre); pointless where nitrate is low.',
    how: '35 to 70 kg/ha (30 to 60 lb/acre) of oats with the beans, ended with a herbicide at about 25 cm (10 in).',
    cost: 'Seed and a pass; oats left standing cost yield.',
    cautions: [label],
    schools: ['Where it is dry the oats take the water: there many leave them out.'],
    causeIds: onLime,
    contexts: ['row-crop'],
    growths: ['legume'],
    ...bulletins,
  },
  {
    id: 'hold-phosphorus',
    name: 'No phosphorus until the test asks for it',
    when: 'Where soil phosphorus is high; manure and starter count.',
    how: 'Leave it out of the programme; test again in two years.',
    cost: 'Saves money.',
    cautions: [],
    causeIds: ['iron-crowded-out', 'zinc-short'],
    contexts: ['turf', 'tree', 'shrub', 'row-crop', 'container'],
    ...practice,
  },
  {
    id: 'boron-source',
    name: 'A little boron, by analysis',
    when: 'Leaf boron low by analysis; never by eye alone.',
    how: 'On the leaf 0.1 to 0.3 kg/ha (0.1 to 0.3 lb/acre) boron, in soil 0.5 to 2 kg/ha (0.5 to 2 lb/acre) broadcast; 0.3 to 0.5 mg/L in a solution.',
    cost: 'Little.',
    cautions: [
      'Never banded, and never on beans beside the seed: a spoon too many poisons.',
      label,
    ],
    causeIds: ['boron-short'],
    contexts: ['tree', 'shrub', 'row-crop', 'container', 'hydroponic'],
    ...bulletins,
  },
  {
    id: 'copper-source',
    name: 'A little copper, by analysis',
    when: 'Peat and leached sand with copper low by test; not on old vineyards.',
    how: 'On the leaf 0.1 to 0.25 kg/ha (0.1 to 0.25 lb/acre) copper, in soil once 3 to 6 kg/ha (3 to 6 lb/acre), for five years and more.',
    cost: 'Little on the leaf.',
    cautions: ['Never where fish live or sheep graze.', label],
    causeIds: ['copper-short'],
    contexts: ['tree', 'shrub', 'row-crop'],
    ...bulletins,
  },
  {
    id: 'fungicide-pair',
    name: 'Prevention in pairs, a month ahead',
    when: 'A disease that came before, with a name from a clinic; cures little once it shows.',
    how: 'Two applications 28 days apart, the first about a month before it usually shows; again in the other season where it comes twice.',
    cost: 'Some {20-80} an application on 1,000 m² (¼ acre).',
    cautions: [
      label,
      'Turn the resistance groups; re-entry by the label.',
      'A licensed applicator where the law asks for one.',
    ],
    causeIds: ['ring-root-rot', 'leaf-disease'],
    contexts: ['turf', 'tree', 'shrub', 'row-crop'],
    rounds: { count: 2, apartDays: 28 },
    ...practice,
  },
  {
    id: 'soap-or-oil',
    name: 'Soap or oil, and again for what hatched',
    when: 'Mites, scale, lace bugs or thrips seen under the lens, over what their enemies keep down.',
    how: 'To wet both sides of the leaf, in the cool; again after 7 to 10 days. Test one plant first.',
    cost: 'Little; mostly labour.',
    cautions: [label, 'No oil within three weeks of sulfur; not on open flowers; not over fish.'],
    causeIds: ['leaf-pests'],
    contexts: ['tree', 'shrub', 'row-crop', 'container', 'hydroponic'],
    rounds: { count: 2, apartDays: 8 },
    ...practice,
  },
  {
    id: 'count-insects-again',
    name: 'Count again at the rim',
    when: 'After any treatment of grubs or sap-suckers, and where the count was just under the threshold.',
    how: 'The same way at the same places: flush, can or three cut sides.',
    cost: 'Half an hour.',
    cautions: [],
    causeIds: ['sap-sucking-insects', 'larvae'],
    contexts: ['turf'],
    rounds: { count: 2, apartDays: 14 },
    ...practice,
  },
  {
    id: 'moss-iron',
    name: 'Iron against moss',
    when: 'Moss in shade or wet; it comes back unless light, water or mowing change.',
    how: 'Ferrous sulfate in water, no more at once than the turf bears: 5 g/m² (1 lb/1000 ft²). It blackens moss; rake it out after two weeks.',
    cost: 'Some {5-10} on 100 m² (1,000 ft²).',
    cautions: ['Its iron counts against the season.', 'Stains stone and concrete for good.'],
    schools: [
      'Moss dressings of three to five times as much blacken the grass too, and fill more than a season; they are not planned here.',
    ],
    causeIds: ['shade-or-age'],
    contexts: ['turf'],
    growths: ['lawn turf'],
    rounds: { count: 2, apartDays: 28 },
    ...bulletins,
  },
  {
    id: 'hollow-cores',
    name: 'Hollow cores twice a year',
    when: 'Where feet and wheels pack the ground; in growing weather, neither wet nor bone dry.',
    how: 'Tines as thick as a finger, 5 to 8 cm (2 to 3 in) apart, 7 cm (3 in) deep; sand into the holes.',
    cost: 'Some {30-60} on 1,000 m² (¼ acre), without the sand.',
    cautions: ['Mark sprinklers, pipes and cables first.'],
    causeIds: ['compacted-ground', 'roots-cannot-take-it-up'],
    contexts: ['turf'],
    rounds: { count: 2, apartDays: 150 },
    ...practice,
  },
  {
    id: 'deep-soak',
    name: 'A slow soak, with a wetter where it repels',
    when: 'Dry a hand deep; not by a calendar.',
    how: '25 mm (1 in) in two or three turns with an hour between; wetting agent by its label on dry spots.',
    cost: 'Water and an evening.',
    cautions: ['Local limits on watering come first.'],
    causeIds: ['heat-or-drought'],
    contexts: ['turf', 'tree', 'shrub', 'row-crop'],
    rounds: { count: 2, apartDays: 5 },
    ...practice,
  },
  {
    id: 'gypsum',
    name: 'Gypsum, then good water',
    when: 'SAR 13 or more by test, with drainage; useless without water to leach.',
    how: 'By the gypsum requirement of a laboratory, often 2,000 to 10,000 kg/ha (2,000 to 9,000 lb/acre) in shares of a season.',
    cost: 'Some {30-60} a ton, spread.',
    cautions: ['Leach away from drains that run to streams.'],
    causeIds: ['sodic-ground'],
    contexts: ['turf', 'tree', 'shrub', 'row-crop'],
    rounds: { count: 2, apartDays: 90 },
    ...bulletins,
  },
  {
    id: 'cyst-test',
    name: 'A count of cyst nematodes',
    when: 'Soybean yellow in patches that grow by a step each year, with or without lime.',
    how: 'Twenty cores 15 to 20 cm (6 to 8 in) deep from the rim of a patch, kept cool and moist.',
    cost: 'Some {20-40} a sample.',
    cautions: ['Clean boots and tools before the next field.'],
    causeIds: ['nematodes', ...onLime],
    contexts: ['row-crop'],
    growths: ['legume'],
    ...bulletins,
  },
]
