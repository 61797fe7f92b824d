import type { Rgb } from './colour.ts'
import { lightOf } from './colour.ts'
import { colourCard } from './data/card.ts'
import { leastInkColour, leastPrintTone, mostGreyTint, mostInkLight, mostPrintTone } from './data/print.ts' // prettier-ignore
import type { FoundCard } from './find-card.ts'

/** How a print of the card can be wrong, each told by its patches against the bare paper beside them. */
export type PrintFault = 'colourless' | 'ink-short' | 'tinted' | 'pale' | 'dark'

/** Light of each patch as a share of what the bare paper gives in the same light, by its name. */
type OnPaper = (name: string) => Rgb

function onPaper({ seen, paper }: FoundCard): OnPaper | undefined {
  if (!paper) return undefined
  return (name) => {
    const { light } = named(seen, ({ patch }) => patch.name === name)
    return [light[0] / paper[0], light[1] / paper[1], light[2] / paper[2]]
  }
}

/** @throws {Error} where there is none: the card is drawn otherwise than it is read */
function named<Each>(all: readonly Each[], isIt: (each: Each) => boolean): Each {
  const found = all.find(isIt)
  if (!found) throw new Error('the card has no such patch')
  return found
}
const drawn = (name: string) => named(colourCard.patches, (patch) => patch.name === name)

/** Patches that one ink alone keeps a channel of light from: without the ink the paper shines through. */
const inkPatches = [
  { name: 'yellow', channel: 2 },
  { name: 'brick', channel: 1 },
  { name: 'blue', channel: 0 },
] as const

const colourful = ['yellow', 'yellow-green', 'green', 'brick', 'blue'] as const
/** Lighter ones: in the dark ones glare is most of the light. */
const greys = ['light grey', 'grey'] as const
/** Middle ones tell best how deep a print is. */
const tones = ['grey', 'dark grey'] as const
const channels = [0, 1, 2] as const

/** How many times lighter than drawn the greys are in a channel. */
function toneOf(light: OnPaper, channel: 0 | 1 | 2): number {
  const off = tones.map((name) =>
    Math.log(light(name)[channel] / lightOf(drawn(name).rgb[channel])),
  )
  return Math.exp(off.reduce((sum, each) => sum + each, 0) / off.length)
}

const spanOf = (light: Rgb): number => Math.max(...light) / Math.min(...light)

/**
 * What is wrong with a print of the card, whatever the light it lies in: greys are to be greys on their paper, as
 * deep as they are drawn, and every ink is to be there. The correction alone would take such a print for odd light.
 * @returns undefined where it is true, or the paper is burnt out and nothing can be told
 */
export function printFault(card: FoundCard): PrintFault | undefined {
  const light = onPaper(card)
  if (!light) return undefined
  if (colourful.every((name) => spanOf(light(name)) < leastInkColour.value)) return 'colourless'
  // Pale in every channel: ink is saved. In some alone: that ink is missing.
  if (channels.every((channel) => toneOf(light, channel) > mostPrintTone.value)) return 'pale'
  if (inkPatches.some(({ name, channel }) => light(name)[channel] > mostInkLight.value)) return 'ink-short' // prettier-ignore
  if (greys.some((name) => spanOf(light(name)) > mostGreyTint.value)) return 'tinted'
  return toneOf(light, 1) < leastPrintTone.value ? 'dark' : undefined
}

/** What to say of a print that is wrong. */
export const printFaultWords: Readonly<Record<PrintFault, string>> = {
  colourless:
    'The card was printed in black and white: it says nothing of colours. Print it in colour.',
  'ink-short':
    'An ink of this card is missing or has faded: its yellow, red or blue is too weak. Print it anew, and throw this one away.',
  tinted:
    'The greys of this card are tinted against its own paper: the printer mixes its inks wrongly. Print it anew, on white matt paper, without any colour setting.',
  pale: 'This card is printed too pale: ink was saved, or it has bleached. Print it anew at the best quality.',
  dark: 'This card is printed too dark. Print it anew, on matt paper, without any colour setting.',
}
