import type { UnitSystem } from './choose-unit.ts'

/** Money that people of a place pay in: its sign before an amount, and its name. */
export const currencies = {
  USD: { sign: '$', name: 'US dollar' },
  EUR: { sign: '€', name: 'euro' },
  GBP: { sign: '£', name: 'pound sterling' },
  CAD: { sign: 'C$', name: 'Canadian dollar' },
  AUD: { sign: 'A$', name: 'Australian dollar' },
  NZD: { sign: 'NZ$', name: 'New Zealand dollar' },
  CHF: { sign: 'CHF ', name: 'Swiss franc' },
  ZAR: { sign: 'R', name: 'rand' },
  MXN: { sign: 'Mex$', name: 'Mexican peso' },
} as const satisfies Readonly<Record<string, { readonly sign: string; readonly name: string }>>

export type Currency = keyof typeof currencies
export const currencyCodes = Object.keys(currencies) as readonly Currency[]

const usual: Readonly<Record<UnitSystem, Currency>> = { us: 'USD', metric: 'EUR' }

/** What a place pays in: as it was told, else what is usual where people count so. */
export const currencyOf = (told: Currency | undefined, system: UnitSystem): Currency =>
  told ?? usual[system]
