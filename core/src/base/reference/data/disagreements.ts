/** A question on which practitioners differ, and how Spudder begins. */
export interface Disagreement {
  readonly question: string
  readonly schools: readonly string[]
  readonly startsWith: string
  /** Where the choice is made. */
  readonly where: string
}

/** Questions on which practitioners differ; common practice, none of them settled. */
export const disagreements: readonly Disagreement[] = [
  {
    question: 'DTPA iron that is enough',
    schools: ['4.5 mg/kg', '5 mg/kg', '20 to 40 mg/kg and above manganese'],
    startsWith: 'the published level; the others stand beside it',
    where: 'Bench',
  },
  {
    question: 'EDTA’s ceiling in soil',
    schools: ['pH 6', 'pH 6.5', 'pH 7'],
    startsWith: 'calculated, with its band; the schools as brackets',
    where: 'Remedy',
  },
  {
    question: 'DTPA’s ceiling in soil',
    schools: ['pH 7', 'pH 7.5'],
    startsWith: 'calculated, with its band; the schools as brackets',
    where: 'Remedy',
  },
  {
    question: 'Iron on turf',
    schools: [
      'cheap sulfate on the leaf',
      'DTPA on the leaf',
      'EDDHA in the soil',
      'lignosulfonate',
    ],
    startsWith: 'by pH, price and aim',
    where: 'Remedy',
  },
  {
    question: 'After spraying',
    schools: [
      'leave it on till the next irrigation',
      'wash it in at once, to feed the soil',
      'leave it an hour, then water',
    ],
    startsWith: 'leave it on, for leaf products',
    where: 'Jobs',
  },
  {
    question: 'EDDHA by the thickness of a trunk',
    schools: ['1 oz per inch', '1 to 4 tbsp per inch'],
    startsWith: 'the label, then 1 oz per inch',
    where: 'Remedy',
  },
  {
    question: 'EDDHA how often',
    schools: ['once a season', 'again on severe lime'],
    startsWith: 'once, then by the response',
    where: 'Remedy',
  },
  {
    question: 'What acidifies',
    schools: [
      'sulfur',
      'ferrous sulfate, fast',
      'ammonium sulfate, with its nitrogen',
      'organic matter, for the long run',
      'never aluminium',
    ],
    startsWith: 'sulfur, and nitrogen by ammonium sulfate',
    where: 'Acid plan',
  },
  {
    question: 'Whether acid is worth it',
    schools: ['always mend the soil', 'never on free lime: live with chelates'],
    startsWith: 'by free lime and cost',
    where: 'Acid plan',
  },
  {
    question: 'Pine needles',
    schools: ['they acidify soil over years', 'hardly at all'],
    startsWith: 'weak, as mulch',
    where: 'Acid plan',
  },
  {
    question: 'Target pH of acid-loving fruit',
    schools: ['4.5 to 5.2', '4.5 to 5.5', '4.0 to 5.0'],
    startsWith: '4.5 to 5.2',
    where: 'Acid plan',
  },
  {
    question: 'Older leaves yellow too',
    schools: ['magnesium', 'iron from the start, in fast growth'],
    startsWith: 'by history and tests',
    where: 'Verdict',
  },
  {
    question: 'Leaf spray in row crops',
    schools: ['rescue it', 'too late: only planting time counts'],
    startsWith: 'at planting; a rescue with its doubtful return',
    where: 'Remedy',
  },
  {
    question: 'Blends of many micronutrients',
    schools: ['handy without a test', 'they build up what is not wanted'],
    startsWith: 'iron alone once tested; what builds up is said',
    where: 'Remedy',
  },
  {
    question: 'Aquaponic iron, how often',
    schools: ['every 3 weeks', 'every 4 weeks', 'by the leaves'],
    startsWith: 'by the leaves and the record',
    where: 'Remedy',
  },
  {
    question: 'Colour of turf',
    schools: ['nitrogen makes it', 'iron makes it without growth'],
    startsWith: 'the two are kept apart',
    where: 'Remedy',
  },
]
