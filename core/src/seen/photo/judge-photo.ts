import { leastCardWidth, mostCardResidual, mostUnevenness } from './data/card.ts'
import {
  leastChroma,
  leastCover,
  leastLight,
  leastSharpness,
  leastSide,
  mostClipped,
  mostCoverChange,
} from './data/limits.ts'
import { printFaultWords } from './judge-print.ts'
import type { PhotoMeasure, PhotoRemark } from './photo-measure.ts'

type Measured = Omit<PhotoMeasure, 'remarks'>

interface Rule extends PhotoRemark {
  readonly holds: (measured: Measured) => boolean
}

const rules: readonly Rule[] = [
  {
    id: 'small',
    refuses: true,
    words:
      'The picture is too small to tell leaf from ground. Send the one from the camera, not a preview.',
    holds: ({ width, height }) => Math.min(width, height) < leastSide.value,
  },
  {
    id: 'grey',
    refuses: true,
    words:
      'The picture has no colours: it was taken or kept in black and white. Take one in colour.',
    holds: ({ light }) => light.chroma < leastChroma.value,
  },
  {
    id: 'dark',
    refuses: true,
    words: 'Too dark: colour is lost in noise. Take it by daylight, without flash.',
    holds: ({ light }) => light.mean < leastLight.value,
  },
  {
    id: 'bright',
    refuses: true,
    words: 'Too bright: the leaves are burnt out. Take it in open shade or with less exposure.',
    holds: ({ light }) => light.clipped > mostClipped.value,
  },
  {
    id: 'no-card',
    refuses: true,
    words:
      'No colour card was found. What the light did cannot be told from what the leaf did, so this photo is kept but not compared.',
    holds: ({ card }) => card === undefined,
  },
  {
    id: 'no-plant',
    refuses: true,
    words: 'Hardly any leaf is in the picture. Go closer, or dab the leaves with the brush.',
    holds: ({ cover }) => !(cover >= leastCover.value),
  },
  {
    id: 'card-small',
    refuses: true,
    words:
      'The card is too small in the picture for its colours to be read. Lay it closer: a quarter of the width.',
    holds: ({ card }) => card !== undefined && card.widthPx < leastCardWidth.value,
  },
  ...Object.entries(printFaultWords).map(([fault, words]): Rule => ({
    id: `card-${fault}`,
    refuses: true,
    words,
    holds: (measured) => measured.printFault === fault,
  })),
  {
    id: 'card-off',
    refuses: true,
    words:
      'The card’s own colours do not come back: glare on it, or a shadow across it. Take it again with the card flat and dull.',
    holds: ({ cardResidual, printFault }) =>
      printFault === undefined &&
      cardResidual !== undefined &&
      !(cardResidual <= mostCardResidual.value),
  },
  {
    id: 'uneven',
    refuses: false,
    words:
      'Half of the card lies in other light, or it is seen at a slant. Take it wholly in sun or wholly in shade, from straight above.',
    holds: ({ card }) => card !== undefined && card.unevenness > mostUnevenness.value,
  },
  {
    id: 'blurred',
    refuses: false,
    words:
      'The picture is blurred: colours of leaf and ground run together. Hold still, or tap to focus.',
    holds: ({ light }) => light.sharpness < leastSharpness.value,
  },
]

/** What stands against a photo, the gravest first; small pictures and grey ones need no more words. */
export function remarksOn(measured: Measured): readonly PhotoRemark[] {
  const held = rules.filter(({ holds }) => holds(measured))
  const alone = held.find(({ id }) => id === 'small' || id === 'grey')
  return (alone ? [alone] : held).map(({ id, refuses, words }) => ({ id, refuses, words }))
}

/** Remarks by their ids, as they are kept with a photo; ids that are no longer known are left out. */
export const remarksById = (ids: readonly string[]): readonly PhotoRemark[] =>
  rules
    .filter((rule) => ids.includes(rule.id))
    .map(({ id, refuses, words }) => ({ id, refuses, words }))

/** What of a photo decides whether it can be compared. */
export type Comparable = Pick<PhotoMeasure, 'remarks' | 'cover'>

/**
 * Why two photos cannot be set against each other; undefined where they can.
 */
export function whyNotCompared(before: Comparable, after: Comparable): string | undefined {
  for (const [name, photo] of [
    ['first', before],
    ['second', after],
  ] as const) {
    const grave = photo.remarks.find(({ refuses }) => refuses)
    if (grave) return `Not compared. The ${name} photo: ${grave.words}`
  }
  if (Math.abs(before.cover - after.cover) > mostCoverChange.value) {
    return 'Not compared: one shows much more leaf than the other. Stand where you stood before.'
  }
  return undefined
}
