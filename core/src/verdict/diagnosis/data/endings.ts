import type { Sourced } from '../../../base/reference/index.ts'

/** What to do when it is this cause: how a verdict ends. */
export interface Ending extends Sourced {
  /** The first thing to do, in one sentence. */
  readonly first: string
  /** What to do after it, in order. */
  readonly then: readonly string[]
  /** What not to spend money on; absent where iron may be bought. */
  readonly doNotBuy?: string
  /** Whom to ask, and when; absent where the grower can do it alone. */
  readonly call?: string
  /** What can hurt somebody or something in doing it. */
  readonly cautions?: readonly string[]
  /** When to look again, and for what. */
  readonly lookAgain: string
}

const practice = {
  source: 'common practice; the label and local rules come first',
  mark: 'C',
} as const
const labelFirst = 'Only by a label that names this use; local rules and licences come first.'
const clinic =
  'A plant clinic or the extension service, with a sample from the edge of the trouble.'

/** How the verdict ends, by cause. */
export const endings: Readonly<Record<string, Ending>> = {
  'iron-tied-up-by-pH': {
    first: 'A leaf spray for colour now, or a chelate that survives this pH in the soil.',
    then: [
      'Measure free lime before you plan to acidify: on ground that fizzes acid is wasted.',
      'Feed ammonium rather than nitrate, and find out how alkaline the water is.',
      'Plant something that bears lime where it never holds.',
    ],
    lookAgain: 'In one to three weeks by the route, on new leaves.',
    ...practice,
  },
  'iron-tied-up-by-bicarbonate': {
    first: 'Let the ground drain and warm before you spend: this kind often passes by itself.',
    then: [
      'Water less, open drains, break packed ground.',
      'Where it stays, EDDHA in the soil is the chelate that holds; on the leaf any form colours for a while.',
      'No acid on ground that fizzes.',
    ],
    lookAgain: 'After a warm fortnight, on new leaves.',
    ...practice,
  },
  'iron-truly-low': {
    first: 'Bring iron with the feed or into the solution; a cheap chelate works at this pH.',
    then: [
      'Keep it in the programme: sand, peat and solutions have no store.',
      'Test manganese too; the same ground is often short of both.',
    ],
    cautions: ['With fish: in steps, and no sulfate salts unless proven.'],
    lookAgain: 'In a week, on new leaves.',
    ...practice,
  },
  'iron-crowded-out': {
    first:
      'Stop the feed that crowds it out: phosphorus, manure, or blends with manganese, zinc and copper.',
    then: [
      'A leaf spray of iron meanwhile.',
      'Test soil phosphorus, manganese, zinc and copper before anything else goes on.',
    ],
    lookAgain: 'In two weeks after a spray; the soil takes seasons.',
    ...practice,
  },
  'over-limed': {
    first: 'No more lime, wood ash or limestone chips.',
    then: [
      'Spray iron, and manganese where the bands are broad.',
      'Ammonium as the only nitrogen for a season; sulfur only where no lime fizzes.',
      'Test pH again in three months.',
    ],
    lookAgain: 'In a week after the spray; pH in three months.',
    ...practice,
  },
  underfed: {
    first: 'Feed the whole diet at the label rate before any single nutrient.',
    then: [
      'Measure EC before and after, and again in a week.',
      'Look at the roots: sick roots burn on full feed.',
    ],
    doNotBuy: 'Iron or any single nutrient: the whole diet holds them.',
    cautions: ['Half strength first where roots are brown or the medium dried out.'],
    lookAgain: 'In seven to ten days, for colour and growth.',
    ...practice,
  },
  'nitrogen-short': {
    first: 'Feed a marked strip or a few plants with a little nitrogen and look in ten days.',
    then: [
      'If the strip greens from the old leaves up, feed the rest by the programme.',
      'Find out why: washed out by rain, too much straw or clippings, a spreader that missed.',
      'With fish: feed more or stock more, not bagged nitrogen; watch ammonia, nitrite and pH.',
    ],
    doNotBuy: 'Iron: it would paint the leaf and leave the plant hungry.',
    cautions: [
      'Keep to local nitrogen limits and blackout dates, and off hard ground near drains and ponds.',
    ],
    lookAgain: 'In ten days, on the marked strip.',
    ...practice,
  },
  'sulfur-short': {
    first: 'Feed a marked strip ammonium sulfate and another the same nitrogen without sulfur.',
    then: [
      'If only the sulfate strip greens, put sulfate into the programme.',
      'Test leaf sulfur where it matters.',
    ],
    doNotBuy: 'Iron; and no elemental sulfur, which feeds nothing this season.',
    cautions: ['Ammonium sulfate burns wet leaves: water it in.'],
    lookAgain: 'In ten days, on both strips.',
    ...practice,
  },
  'potassium-short': {
    first: 'Test soil or leaf potassium before feeding it; salt burns margins alike.',
    then: [
      'Feed potassium sulfate in small amounts on sand.',
      'Go easy on magnesium and calcium, which compete.',
    ],
    doNotBuy: 'Iron.',
    cautions: ['Potassium chloride adds salt: not on salt-sensitive plants.'],
    lookAgain: 'In three weeks, on new leaves; scorched margins stay.',
    ...practice,
  },
  'magnesium-short': {
    first: 'Spray marked leaves with 2 % Epsom salt and look in a week.',
    then: [
      'If they green, feed magnesium sulfate; on acid ground dolomitic lime by the soil test.',
      'In solutions raise magnesium to 20 to 30 mg/L and look at calcium beside it.',
      'Look whether much potassium or ammonium keeps it out.',
    ],
    doNotBuy: 'Iron; nor Epsom salt where hardness shows magnesium enough.',
    cautions: ['No dolomitic lime where pH is high already.'],
    lookAgain: 'In a week on painted leaves, in three on new ones.',
    ...practice,
  },
  'manganese-short': {
    first: 'Spray manganese sulfate on a marked strip or branch and look in a week.',
    then: [
      'If it greens, spray the rest; soil applications fail at high pH.',
      'Look for iron beside it at the same pH.',
    ],
    doNotBuy: 'Iron alone: much of it makes manganese shorter still.',
    cautions: ['Manganese dust harms lungs and nerves: mask and gloves with powder.'],
    lookAgain: 'In a week, on young leaves.',
    ...practice,
  },
  'zinc-short': {
    first: 'Test soil or leaf zinc, or paint marked shoots with dilute zinc sulfate.',
    then: [
      'Spray zinc before the flush on trees; band it at planting in row crops.',
      'Hold back phosphorus.',
    ],
    doNotBuy: 'Iron.',
    cautions: [
      'Zinc sulfate harms eyes and water life: goggles, and keep it out of drains and fish.',
    ],
    lookAgain: 'On the next flush.',
    ...practice,
  },
  'copper-short': {
    first: 'Have leaf copper measured before anything: too much copper poisons for decades.',
    then: ['Where it is short, one dressing lasts years.'],
    doNotBuy: 'Iron; nor copper without an analysis.',
    call: 'The extension service, before copper goes onto peat.',
    cautions: ['Copper kills fish and sheep.'],
    lookAgain: 'Next season, by analysis.',
    ...practice,
  },
  'boron-short': {
    first: 'Have leaf boron measured: the step from too little to too much is small.',
    then: ['Water evenly; dry ground holds boron back.', 'A single low dose by the label.'],
    doNotBuy: 'Iron; nor boron without an analysis.',
    call: 'The extension service, for the dose.',
    cautions: ['A spoon too many poisons the crop and the next one.'],
    lookAgain: 'On the next growing points.',
    ...practice,
  },
  'molybdenum-short': {
    first: 'Lime to the plant’s pH: on acid ground that frees what is there.',
    then: ['A seed or leaf treatment of a few grams where liming is slow.'],
    doNotBuy: 'Iron.',
    cautions: ['Much molybdenum in forage sickens cattle.'],
    lookAgain: 'In a month after liming.',
    ...practice,
  },
  'roots-cannot-take-it-up': {
    first: 'Let it dry and drain; no product helps until new white roots grow.',
    then: [
      'Find out why they are sick: water standing, packed ground, cold, rot, nematodes, girdling.',
      'Aerate, drain, water less often, raise the bed or repot.',
      'A light leaf spray may hold the colour while roots grow back; it cures nothing.',
    ],
    doNotBuy: 'Soil iron or feed: sick roots cannot take it, and salt burns them.',
    call: 'A plant clinic where roots are rotten or knotted; an arborist for girdled or wounded trees.',
    cautions: ['A root fungicide only by a label that names plant and disease.'],
    lookAgain: 'At the roots in two weeks, at the leaves in four.',
    ...practice,
  },
  salt: {
    first: 'Measure EC of soil and water, then leach with good water where drainage allows.',
    then: [
      'Cut the feed by half; water before the soil dries.',
      'With high sodium, gypsum before leaching.',
    ],
    doNotBuy: 'Iron, and any feed, until EC is down.',
    call: 'A soil laboratory for SAR where leaching does not help.',
    cautions: ['Leach away from drains that run to streams.'],
    lookAgain: 'At EC after each leaching; at new leaves in three weeks.',
    ...practice,
  },
  'chemical-injury': {
    first: 'Find out what was put on, when, and by whom; then wait for new growth.',
    then: [
      'Water and mow as usual; do not feed hard.',
      'Clean the sprayer, and test it on a spare patch.',
      'Photograph it with dates: claims need them.',
    ],
    doNotBuy: 'Iron: bleached tissue does not green.',
    call: 'The extension service or the regulator for drift from elsewhere; poison control if somebody was exposed.',
    cautions: ['Do not eat from sprayed plants before the label says so.'],
    lookAgain: 'In two to three weeks, on new leaves.',
    ...practice,
  },
  'shade-or-age': {
    first: 'Leave it: new leaves are green.',
    then: [
      'Let in light by pruning, or plant what bears shade.',
      'Raise the mower where it scalps.',
    ],
    doNotBuy: 'Iron or feed.',
    lookAgain: 'In three weeks, at the newest leaves.',
    ...practice,
  },
  'variegation-or-virus': {
    first: 'Mark the plant and watch whether it spreads.',
    then: [
      'Prune out a sport that is not wanted.',
      'Pull a plant that sickens among sound ones; clean tools after it.',
    ],
    doNotBuy: 'Anything: no product changes it.',
    call: clinic,
    lookAgain: 'In a month, at the neighbours.',
    ...practice,
  },
  'iron-overdose': {
    first: 'No more iron. Rinse leaves, water well, and wait for new growth.',
    then: [
      'Raise a medium below pH 5.8 for plants that take iron easily.',
      'Mow off black tips; they do not come back.',
    ],
    doNotBuy: 'More iron.',
    cautions: ['Iron is poisonous when swallowed: keep children and pets off until rinsed in.'],
    lookAgain: 'In two weeks, on new leaves.',
    ...practice,
  },
  'symptom-outlived': {
    first: 'Leave it: the leaves that grew since are green.',
    then: ['Go on with what cured it, and look at new growth only.'],
    doNotBuy: 'More of anything: old leaves keep their colour.',
    lookAgain: 'In three weeks, at the newest leaves.',
    ...practice,
  },
  'ring-root-rot': {
    first: 'Send a plug from the edge of a ring to a turf clinic.',
    then: [
      'Ammonium rather than nitrate nitrogen; keep pH down; raise the mower; water little and often while roots are short.',
      'Write the date down: fungicide prevents it about a month before it usually shows, and cures little after.',
    ],
    doNotBuy: 'Iron: it hides the rings for a week.',
    call: 'A turf clinic now; a licensed applicator for next year’s prevention.',
    cautions: [
      labelFirst,
      'Long sleeves, gloves, closed shoes, a calm day, re-entry by the label, and turn the resistance groups.',
    ],
    lookAgain: 'Weekly at the roots; next year a month before.',
    ...practice,
  },
  'sap-sucking-insects': {
    first:
      'Press a bottomless can into the yellow rim, fill it, wait ten minutes and count what floats.',
    then: [
      'Thin the thatch, water the hot spots, feed less nitrogen.',
      'Treat only where the count is over the local threshold.',
    ],
    doNotBuy: 'Iron.',
    call: 'The extension service for the threshold; a licensed applicator for treatment.',
    cautions: [labelFirst, 'Not on flowering weeds where bees fly.'],
    lookAgain: 'In a week, at the rim.',
    ...practice,
  },
  larvae: {
    first: 'Cut three sides of a square of turf, fold it back and count the larvae.',
    then: [
      'Roll and water loose turf so that it roots again.',
      'Treat young larvae only, over the local threshold; nematodes where nights are mild.',
    ],
    doNotBuy: 'Iron.',
    call: 'The extension service for kind and threshold; a licensed applicator for treatment.',
    cautions: [labelFirst, 'Keep children, pets and birds off until watered in and dry.'],
    lookAgain: 'In two weeks: does it hold when pulled?',
    ...practice,
  },
  'something-else': {
    first: 'Look closer, compare a sick with a healthy plant, and ask.',
    then: ['Photograph both, and write down what changed and when.'],
    doNotBuy: 'Anything yet.',
    call: clinic,
    lookAgain: 'In a week.',
    ...practice,
  },
}
