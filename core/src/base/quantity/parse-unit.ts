import { CoreError } from '../error/index.ts'
import { unitDefinitions, type UnitDefinition } from './data/units.ts'
import type { Unit } from './quantity.ts'

const unitByName = new Map<string, UnitDefinition>()
for (const definition of unitDefinitions) {
  for (const name of [definition.symbol, ...definition.synonyms]) unitByName.set(name, definition)
}

const tons = '2000 lb for a short ton, 2240 lb for a long one, or t for 1000 kg'
const hundredweights = '100 lb for the American hundredweight or 112 lb for the British'
const grains = 'mg/L: a grain to the US gallon is 17.1 mg/L, to the imperial gallon 14.3'

/** "ppm" is mg/L in water and mg/kg in soil; guessing would be a silent error of kind or country. */
const ambiguousNames: ReadonlyMap<string, string> = new Map([
  ['ppm', 'mg/L for a solution or mg/kg for soil'],
  ['ton', tons],
  ['tons', tons],
  ['cwt', hundredweights],
  ['hundredweight', hundredweights],
  ['gpg', grains],
  ['grains', grains],
  ['grains per gallon', grains],
])

function findUnit(name: string): UnitDefinition {
  const spaced = name.trim().replace(/\s+/g, ' ')
  const found = unitByName.get(spaced) ?? unitByName.get(spaced.toLowerCase())
  if (found) return found
  const choice = ambiguousNames.get(spaced.toLowerCase())
  if (choice) {
    throw new CoreError('unit-of-two-meanings', {
      parameter: 'unit',
      values: { example: choice },
      received: spaced,
    })
  }
  throw new CoreError('unit-unknown', {
    parameter: 'unit',
    received: spaced === '' ? 'none' : spaced,
  })
}

/** Rates over time that are said in one word. */
const oneWord: ReadonlyMap<string, string> = new Map([
  ['mph', 'mi/h'],
  ['kph', 'km/h'],
  ['gpm', 'gal/min'],
  ['gpa', 'gal/acre'],
])

const perPattern = /^([\d.,]+)?\s*(.+)$/

/**
 * Reads a unit as growers write it: "lb", "kg/ha", "oz per 1000 sq ft", "mg/L".
 * @throws {CoreError} unit-unknown, unit-ambiguous
 */
export function parseUnit(text: string): Unit {
  const spelled = oneWord.get(text.trim().toLowerCase()) ?? text.trim()
  const [over = '', per, ...rest] = spelled.replace(/\s+per\s+/i, '/').split('/')
  if (rest.length > 0) {
    throw new CoreError('unit-of-many-strokes', {
      parameter: 'unit',
      received: text.trim(),
    })
  }
  if (per === undefined) return { over: findUnit(over) }
  const [, amount, name = ''] = perPattern.exec(per.trim()) ?? []
  const perAmount = amount === undefined ? 1 : Number(amount.replace(/,/g, ''))
  if (!(perAmount > 0)) {
    throw new CoreError('unit-per-nothing', {
      parameter: 'unit',
      received: per.trim(),
    })
  }
  return { over: findUnit(over), per: { amount: perAmount, unit: findUnit(name) } }
}
