import type { Context } from '../../../stand/plant/index.ts'
import type { Ending } from './ending.ts'

/** What is otherwise where a cause is met on such a stand; the rest stays as the cause has it. */
export type EndingThere = Partial<
  Pick<Ending, 'first' | 'then' | 'doNotBuy' | 'call' | 'cautions' | 'lookAgain'>
>

const bySolution: Readonly<Record<string, EndingThere>> = {
  'iron-tied-up-by-pH': {
    first:
      'Bring the solution down to pH 5.8 to 6.2 in steps, or take a chelate that holds at its pH.',
    then: [
      'Find what drives it up: hard water, a spent solution, nitrate as the only nitrogen.',
      'Measure iron and pH a day later: iron that is gone went to rust.',
    ],
    lookAgain: 'In a week, on new leaves.',
  },
  'iron-truly-low': {
    first: 'Bring iron to 1 to 3 mg/L with a chelate that holds at this pH.',
    then: ['Measure it each week: light and pH use it up.', 'Test manganese too.'],
  },
  'iron-crowded-out': {
    first: 'Renew the solution by its recipe; phosphorus, manganese, zinc or copper is in excess.',
    then: ['Have the solution analysed before anything is added by itself.'],
    lookAgain: 'In two weeks, on new leaves.',
  },
  'nitrogen-short': {
    first: 'Bring nitrate back to the recipe, about 450 to 900 mg/L, and EC with it.',
    then: ['Measure EC and nitrate each week; fast crops empty a loop within days.'],
    lookAgain: 'In a week, on old leaves.',
  },
  'potassium-short': {
    first: 'Have the solution analysed, and bring potassium back to the recipe.',
    then: ['Look at calcium and magnesium beside it, which compete.'],
  },
  'magnesium-short': {
    first: 'Raise magnesium to 30 to 60 mg/L with Epsom salt, and spray a few leaves to be sure.',
    then: ['Look whether much potassium, ammonium or calcium keeps it out.'],
  },
  'molybdenum-short': {
    first: 'Have the solution analysed; a trace of molybdate by the recipe is enough.',
    then: ['Look at the pH: under 5.5 it is held back.'],
    lookAgain: 'In two weeks, on new leaves.',
  },
  'manganese-short': {
    first: 'Raise manganese to 0.5 mg/L, and paint a few leaves to be sure.',
    then: ['Look at iron and at the pH beside it.'],
  },
  'leaf-disease': {
    then: [
      'Take sick plants out with their roots, and clean channel and tools after them.',
      'Move the air, and keep leaves dry.',
    ],
  },
  'zinc-short': {
    first: 'Have zinc in the solution measured, and bring it back to the recipe.',
    then: ['Hold back phosphorus.'],
  },
  'sulfur-short': {
    first:
      'Have sulfate in the solution measured, and bring it back with Epsom or potassium sulfate.',
    then: ['Look whether the recipe has any sulfate at all.'],
    doNotBuy: 'Iron.',
    lookAgain: 'In ten days, on new leaves.',
  },
  'copper-short': {
    first: 'Have copper in solution and leaf measured: too much of it poisons roots.',
    then: ['Where it is short, bring it back to the recipe, 0.03 to 0.1 mg/L.'],
    lookAgain: 'In two weeks, on new leaves.',
    call: 'A laboratory, before any copper goes in.',
  },
  'boron-short': {
    first: 'Have boron in the solution measured: the step from too little to too much is small.',
    then: ['Where it is short, bring it back to the recipe, 0.3 to 0.5 mg/L.'],
  },
  'roots-cannot-take-it-up': {
    first: 'Air and cool the solution; no product helps until new white roots grow.',
    then: [
      'Look at oxygen, warmth over 24 °C, and slime; clean channels and pumps.',
      'Take out plants whose roots are rotten, and renew the solution.',
    ],
    doNotBuy: 'Iron or feed: sick roots cannot take it.',
    call: 'A plant clinic where roots are rotten.',
    lookAgain: 'At the roots in a week, at the leaves in three.',
  },
  salt: {
    first: 'Measure EC of the solution and of the water it is made of, then dilute or renew it.',
    then: ['Bring the feed down to the EC of the crop; top up with water, not with feed.'],
    call: 'A laboratory for sodium and chloride in the water.',
    lookAgain: 'At EC each day; at new leaves in two weeks.',
  },
  'chemical-injury': {
    then: [
      'Renew the solution where it could have got in.',
      'Photograph it with dates: claims need them.',
    ],
  },
  'shade-or-age': { then: ['Give light and room, or harvest the lower leaves.'] },
  'iron-overdose': {
    first: 'No more iron. Renew the solution, and wait for new growth.',
    then: ['Measure iron before the next dose.'],
  },
}

const byTurf: Readonly<Record<string, EndingThere>> = {
  'compacted-ground': {
    first: 'Take hollow cores, in growing weather and when the ground is neither wet nor bone dry.',
    then: [
      'Keep traffic off it, or turn it elsewhere, until roots are back.',
      'Fill the holes with sand; again twice a year where feet are many.',
    ],
  },
  nematodes: {
    then: [
      'Raise the mower; water and feed little and often.',
      'Count again in the weeks when roots are short; thresholds differ by kind.',
    ],
  },
  'leaf-disease': {
    then: [
      'Mow sharp and dry; water before sunrise; feed enough, not more.',
      'Write the date down: prevention goes out about a month before it usually shows.',
    ],
  },
}
const byFish: Readonly<Record<string, EndingThere>> = {
  'leaf-pests': {
    then: [
      'Wash them off over a tray, or set out what eats them.',
      'No soap, oil or spray over the water: fish die of them.',
    ],
    cautions: ['Nothing goes on the leaf that may not run into the water.'],
  },
  'calcium-short': {
    then: [
      'Lime or calcium hydroxide in small steps where pH is to rise anyway; else calcium chloride, a little.',
      'Shade and moving air; less potassium at once.',
    ],
  },
  ...bySolution,
  'iron-tied-up-by-pH': {
    first: 'Take a chelate that holds at this pH; bring the pH down by tenths a day at most.',
    then: [
      'Let the filter do it where it can: nitrification brings the pH down by itself.',
      'Find what drives it up: hard water, shell or limestone in the beds.',
    ],
    cautions: ['A fast change of pH harms fish and filter.'],
    lookAgain: 'In a week, on new leaves.',
  },
  'iron-truly-low': {
    first: 'Bring chelated iron to 2 mg/L, a third a day for three days; never an iron salt.',
    then: ['Measure it each week, and dose again at half.', 'Test manganese too.'],
    cautions: ['Never a salt of iron, zinc or copper with fish, and no dose all at once.'],
  },
  'nitrogen-short': {
    first: 'Feed the fish more, or stock more; no bagged nitrogen.',
    then: ['Watch ammonium, nitrite and pH each day meanwhile.'],
    lookAgain: 'In ten days, at nitrate and old leaves.',
  },
  underfed: {
    first: 'Feed the fish more, or plant less: the loop makes too little for so many plants.',
    then: ['Measure nitrate, potassium and iron before anything single goes in.'],
  },
  'magnesium-short': {
    first: 'Raise magnesium to 15 to 30 mg/L with Epsom salt in steps; fish bear it.',
    then: ['Look at calcium beside it: hardness alone does not tell which of the two it is.'],
  },
  'manganese-short': {
    first: 'Paint a few leaves first; then raise manganese to 0.3 mg/L at most.',
    then: ['Fish bear little: no more than 0.5 mg/L.'],
  },
  'zinc-short': {
    first: 'Paint a few leaves first; into the loop zinc goes as a trace of chelate alone.',
    then: ['Fish are harmed from 0.1 mg/L in soft water; never a zinc salt.'],
  },
  'copper-short': {
    first: 'Leave copper out of the loop: fish and snails die of traces.',
    then: ['Spray a few plants outside the loop to see whether it is copper at all.'],
    lookAgain: 'In two weeks, on the sprayed leaves.',
    call: 'The extension service, before any copper comes near fish.',
  },
  salt: {
    first: 'Measure EC, then change a tenth of the water a day.',
    then: ['Find the salt: feed, buffers, softened water.'],
    call: 'A laboratory for sodium and chloride in the water.',
    lookAgain: 'At EC each day; at new leaves in two weeks.',
  },
  'roots-cannot-take-it-up': {
    first: 'Give the water air; no product helps until new white roots grow.',
    then: [
      'Clean solids off the roots and out of the beds; look at oxygen and warmth.',
      'Take out plants whose roots are rotten.',
    ],
    doNotBuy: 'Iron: sick roots cannot take it.',
    call: 'A plant clinic where roots are rotten; somebody who knows fish before any remedy.',
    lookAgain: 'At the roots in a week, at the leaves in three.',
  },
  'chemical-injury': {
    first: 'Find out what got in, and change water at once where fish gasp.',
    then: ['Photograph it with dates: claims need them.'],
  },
  'iron-overdose': {
    first: 'No more iron. Change a tenth of the water a day, and watch the fish.',
    then: ['Measure iron before the next dose.'],
  },
}

const byPot: Readonly<Record<string, EndingThere>> = {
  'heat-or-drought': {
    first: 'Lift a pot: where it is light, soak it until water runs out below.',
    then: [
      'Stand in water what repels it; a wetting agent by its label.',
      'Shade and move the air; leave feed and sprays until it has recovered.',
    ],
  },
  'frost-injury': {
    then: [
      'Do not feed or prune before you see what is alive.',
      'Move the pots in, or heat and cover, when the next frost is forecast.',
    ],
  },
  'metal-toxicity': {
    then: [
      'Raise the pH of the medium to the top of the plant’s own range: the metals bind again.',
      'Leach with clear water; look for copper sprays, brass and galvanised pipes.',
    ],
    call: 'A laboratory, for the medium and the leaf.',
    cautions: ['Herbs and salads from poisoned pots may not be fit to eat.'],
  },
  'herbicide-carry-over': {
    first: 'Sow beans into this mix and into clean mix, side by side.',
    then: [
      'Ask what the compost, straw or manure in the mix was fed or sprayed with.',
      'Repot what is worth it into clean mix.',
      'Photograph it with dates: claims need them.',
    ],
  },
  'iron-tied-up-by-pH': {
    first: 'Drench with a chelate that holds at this pH, or spray the leaves lightly for colour.',
    then: [
      'Measure the pH of what drains out; a potting mix is not tested by fizz.',
      'Take a feed with up to a third of its nitrogen as ammonium, and tame alkaline water.',
    ],
  },
  'iron-tied-up-by-bicarbonate': {
    first: 'Tame the water: bring its alkalinity down with acid, or mix in rain water.',
    then: [
      'Water less often, and let pots drain.',
      'Drench with EDDHA where the pH of the mix stays high.',
    ],
  },
  'over-limed': {
    first: 'No more lime, and no chalky water; drench with a chelate that holds at this pH.',
    then: [
      'Take a feed with up to a third of its nitrogen as ammonium.',
      'Measure the pH of what drains out each fortnight.',
    ],
    lookAgain: 'In two weeks, on new leaves; pH in a month.',
  },
  'nitrogen-short': {
    first: 'Feed a few pots with a little nitrogen and look in ten days.',
    then: ['If they green from the old leaves up, feed the rest by the programme.'],
    lookAgain: 'In ten days, on the pots that were fed.',
  },
  'sulfur-short': {
    first: 'Feed a few pots a sulfate, and others the same nitrogen without it.',
    then: ['If only the sulfate greens, put sulfate into the programme.'],
    lookAgain: 'In ten days, on both.',
  },
  'roots-cannot-take-it-up': {
    first: 'Let the pots dry and drain; no product helps until new white roots grow.',
    then: [
      'Knock out a few: rot, knots, or roots that circle. Repot into an open mix.',
      'A light leaf spray may hold the colour while roots grow back; it cures nothing.',
    ],
    call: 'A plant clinic where roots are rotten or knotted.',
  },
  salt: {
    first:
      'Measure EC of what drains out, then leach with good water: twice the volume of the pot.',
    then: ['Cut the feed by half, and let a tenth of each watering run out.'],
    call: 'A laboratory for sodium and chloride in the water.',
  },
  'molybdenum-short': {
    first: 'Raise the pH of the mix towards 6: below 5.5 molybdenum is held.',
    then: ['A drench of a trace of molybdate by the label; poinsettias want it in the feed.'],
    lookAgain: 'In three weeks, on new leaves.',
  },
  'zinc-short': { then: ['A spray of zinc by the label.', 'Hold back phosphorus.'] },
  'manganese-short': {
    first: 'Spray manganese sulfate on a few plants and look in a week.',
    then: ['If they green, spray the rest, and bring the pH of the mix down.'],
  },
  'magnesium-short': {
    first: 'Spray a few plants with 1 % Epsom salt and look in a week.',
    then: ['If they green, drench with Epsom salt by the programme.'],
  },
  'potassium-short': { then: ['Feed potassium by the programme, and look at EC beside it.'] },
  'chemical-injury': {
    then: [
      'Water as usual; do not feed hard.',
      'Clean the sprayer, and test it on spare pots.',
      'Photograph it with dates: claims need them.',
    ],
  },
  'shade-or-age': { then: ['Give light and room.'] },
  'iron-overdose': {
    then: [
      'Raise a mix below pH 5.8 for plants that take iron easily.',
      'Cut off what is black; it does not come back.',
    ],
  },
}

const byRow: Readonly<Record<string, EndingThere>> = {
  'compacted-ground': {
    first: 'Dig a hole beside a row and find the pan; loosen it after the harvest, when it is dry.',
    then: [
      'Keep wheels in one set of lanes; no tillage when it is wet.',
      'A deep-rooted crop in the rotation holds it open.',
    ],
  },
  nematodes: {
    then: [
      'Rotate, or sow a variety that resists them; look for cyst nematodes where soybean yellows in patches.',
      'Galls are part of the root; nodules of legumes rub off and are pink inside.',
    ],
  },
  'shade-or-age': { then: ['Look at the stand: sown too thick, or the field is ripening.'] },
  'chemical-injury': {
    then: [
      'Look for what was carried over in the soil or the tank.',
      'Photograph it with dates: claims need them.',
    ],
  },
  'iron-overdose': { then: ['Wait for new leaves; those that are burnt stay so.'] },
  'iron-tied-up-by-pH': {
    then: [
      'A variety that bears lime comes first, where it comes back each year; zones, not the whole field.',
      'Measure free lime before you plan to acidify: on ground that fizzes acid is wasted.',
      'EDDHA in the furrow at the next planting.',
    ],
  },
}
const byTree: Readonly<Record<string, EndingThere>> = {
  'metal-toxicity': {
    then: [
      'Lime to the top of the plant’s own range: the metals bind again.',
      'EDDHA holds the colour of vines on old copper ground meanwhile.',
    ],
  },
  'compacted-ground': {
    first: 'Loosen the root zone with an air lance, not with a spade; keep wheels off it.',
    then: ['Mulch a hand deep under the crown, clear of the trunk.', 'Water slowly in dry weeks.'],
    call: 'An arborist: air tools spare the roots.',
  },
  'leaf-disease': {
    first:
      'Cut a wilting or blighted limb well below the trouble, and send a piece to a clinic now.',
    then: [
      'Clean the blade between cuts; take fallen leaves away.',
      'Do not feed nitrogen: soft growth blights further.',
    ],
    cautions: [
      'A limb overhead is work for an arborist.',
      'A fungicide only by a label that names tree and disease.',
    ],
  },
  'shade-or-age': { then: ['Let in light by pruning, or plant what bears shade.'] },
  'chemical-injury': {
    then: [
      'Water as usual; do not feed hard.',
      'Clean the sprayer, and test it on a spare branch.',
      'Photograph it with dates: claims need them.',
    ],
  },
  'iron-overdose': { then: ['Burnt leaves do not come back; the next flush tells.'] },
}

/** Palms keep their food in old fronds and grow from one bud. */
export const endingsOnFronds: Readonly<Record<string, EndingThere>> = {
  'potassium-short': {
    first: 'Leave fronds on while any green is left: the palm feeds on them.',
    then: [
      'Feed slow-release potassium with a third as much magnesium, under the whole crown; quick salts wash through sand.',
      'Have a leaf analysed where old fronds stay spotted after a year.',
    ],
    cautions: ['Potassium alone brings magnesium short: never one without the other.'],
    lookAgain:
      'In half a year: spotted fronds stay so until they are replaced, which takes a year or two.',
  },
  'magnesium-short': {
    first: 'Feed slow-release magnesium (kieserite) under the crown, with potassium beside it.',
    then: ['Banded fronds never green again; look whether new ones keep their colour as they age.'],
    lookAgain: 'In half a year, on fronds that were young when it was fed.',
  },
  'manganese-short': {
    first:
      'Drench manganese sulfate at the foot now: frizzle-top kills a palm through its one bud.',
    then: [
      'Where the ground is cool or limy, spray the bud and the newest fronds as well.',
      'Look at drainage and depth: roots in cold, wet or limy fill take none.',
    ],
    lookAgain: 'At the next two fronds, in two to four months.',
  },
}

/** Endings that belong to a cause and a kind of stand; source and marks as the cause has them. */
export const endingsByStand: Readonly<
  Partial<Record<Context, Readonly<Record<string, EndingThere>>>>
> = {
  turf: byTurf,
  hydroponic: bySolution,
  aquaponic: byFish,
  container: byPot,
  'row-crop': byRow,
  tree: byTree,
  shrub: byTree,
}
