import type { Nutrient } from '../source/index.ts'
import { emptyLabelDraft, type LabelDraft } from './label.ts'

/** A pasted label taken apart into its fields, and what could not be placed. */
export interface LabelReading {
  readonly draft: LabelDraft
  readonly unread: readonly string[]
}

/** Symbols and names of nutrients; a symbol is case-bound, so that the "s" of a word is no sulfur. */
const nutrientNames: readonly (readonly [Nutrient, RegExp, RegExp])[] = [
  ['P2O5', /\bP2O5\b|\bP\b/, /phosphat|phosphoric|phosphorus/i],
  ['K2O', /\bK2O\b|\bK\b/, /potash|potassium/i],
  ['Mg', /\bMg\b/, /magnesium/i],
  ['Mn', /\bMn\b/, /manganese/i],
  ['Fe', /\bFe\b/, /\biron\b/i],
  ['Zn', /\bZn\b/, /zinc/i],
  ['Cu', /\bCu\b/, /copper/i],
  ['Ca', /\bCa\b/, /calcium/i],
  ['B', /\bB\b/, /boron/i],
  ['N', /\bN\b/, /nitrogen/i],
  ['S', /\bS\b/, /sul(?:f|ph)ur/i],
]
/** Forms of nitrogen and sulfur are parts of a total that stands elsewhere. */
const partOfTotal =
  /ammoniacal|nitrate nitrogen|urea nitrogen|insoluble nitrogen|combined|free sulfur/i
const numberIn = /[-−]?\d+(?:[.,]\d+)?/

const derivedFrom = /derived\s+from\s*:?\s*([^\n]*(?:\n(?!\s*$)[^\n]*)*)/i
const chelators = /(?:chelated|complexed)\s+(?:by|with)\s+((?:(?!,?\s*ortho)[^);\n\d])+)/gi
const chelatingAgent = /(?:chelating|complexing)\s+agents?\s*:?\s*([^;\n]+)/gi

/** Takes everything that a pattern's group catches out of a text. */
function takeAll(text: string, pattern: RegExp, keep: string): { rest: string; caught: string[] } {
  const caught: string[] = []
  const rest = text.replace(pattern, (_whole, group: string) => {
    caught.push(group.trim().replace(/[.\s]+$/, ''))
    return keep
  })
  return { rest, caught }
}

const clean = (number: string): string => number.replace('−', '-').replace(',', '.')

interface Placed {
  analysis: Partial<Record<Nutrient, string>>
  chelated: string
  waterSoluble: string
  orthoOrtho: string
  last: Nutrient | undefined
}

/** Puts one piece of a label where it belongs; false where it belongs nowhere. */
function place(piece: string, into: Placed): boolean {
  const withoutFormulas = piece.replace(/P2O5/g, 'P').replace(/K2O/g, 'K')
  const number = numberIn.exec(withoutFormulas)?.[0]
  const nutrient = nutrientNames.find(
    ([, symbol, name]) => symbol.test(piece) || name.test(piece),
  )?.[0]
  const ofIron = (nutrient ?? into.last) === 'Fe'
  if (partOfTotal.test(piece)) return true
  if (ofIron && /ortho|o[-, ]o\b/i.test(piece) && number) {
    into.orthoOrtho = clean(number)
    return true
  }
  if (ofIron && /water.?soluble/i.test(piece) && number) {
    into.waterSoluble = clean(number)
    return true
  }
  if (ofIron && /chelated|complexed/i.test(piece) && (number || /all|fully/i.test(piece))) {
    // "Fe 9 chelated" as the first word on iron is its total too.
    if (nutrient === 'Fe' && number && into.analysis.Fe === undefined) {
      into.analysis.Fe = clean(number)
    }
    into.chelated = number ? clean(number) : 'all'
    into.last = 'Fe'
    return true
  }
  if (!nutrient || !number) return false
  into.analysis[nutrient] = clean(number)
  into.last = nutrient
  return true
}

/**
 * Takes a pasted or typed label apart. Nothing is judged here: figures are kept as they stand.
 * Reads "N 5, Mg 1, Fe 9 (all chelated by EDDHA, EDTA)" as well as lines such as
 * "Iron (Fe) 6.0 %", "3.0 % Chelated iron" and "Derived from: iron EDTA, urea".
 */
export function readLabelText(text: string): LabelReading {
  const derived = takeAll(text, derivedFrom, '')
  const agents = takeAll(derived.rest, chelatingAgent, '')
  const named = takeAll(agents.rest, chelators, 'chelated')
  const into: Placed = {
    analysis: {},
    chelated: '',
    waterSoluble: '',
    orthoOrtho: '',
    last: undefined,
  }
  const pieces = named.rest
    .replace(/guaranteed analysis:?/i, '')
    // A comma between digits is a decimal comma; between pieces it parts them.
    .split(/[;\n()]|,(?!\d)|,(?=\s)/)
    .map((piece) => piece.trim())
    // The symbol in brackets after a name has no figure of its own.
    .filter((piece) => piece !== '' && !/^(?:Fe|N|S|Mg|Mn|Zn|Cu|Ca|B|K2O|P2O5|%|\.)$/.test(piece))
  const unread = joinFigures(pieces).filter((piece) => !place(piece, into))
  const { last: _last, ...fields } = into
  return {
    draft: {
      ...emptyLabelDraft,
      ...fields,
      derivedFrom: [...derived.caught, ...agents.caught, ...named.caught]
        .filter((each) => each !== '')
        .join(', '),
    },
    unread,
  }
}

/** "Iron (Fe) 6 %" falls apart at its brackets; a figure alone belongs to the words before it. */
function joinFigures(pieces: readonly string[]): string[] {
  const joined: string[] = []
  for (const piece of pieces) {
    const before = joined.at(-1)
    const isFigure =
      /^[-−]?\d+(?:[.,]\d+)?\s*%?[\s.…]*$/.test(piece) || /^[.…:\s]+[-−]?\d/.test(piece)
    if (isFigure && before !== undefined && !numberIn.test(before.replace(/P2O5|K2O/g, ''))) {
      joined[joined.length - 1] = `${before} ${piece}`
    } else joined.push(piece)
  }
  return joined
}
