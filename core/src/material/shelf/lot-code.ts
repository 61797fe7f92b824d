/** What the code on a bag says: its lot, and until when it is good. */
export interface LotCode {
  readonly lot: string
  /** Use by, a calendar day; undefined where the code says none. */
  readonly useBy: string | undefined
}

/** Fields of fixed length by their identifier; GS1 General Specifications, element strings (from memory). */
const fixed: Readonly<Record<string, number>> = { '00': 18, '01': 14, '02': 14, '11': 6, '12': 6, '13': 6, '15': 6, '16': 6, '17': 6, '20': 2 } // prettier-ignore
const longest: Readonly<Record<string, number>> = { '10': 20, '21': 20 }
const separator = '\u001d'

/** A day as GS1 writes it, YYMMDD; day 00 is the last of its month. */
function dayOf(text: string): string | undefined {
  const [, year = '', month = '', day = ''] = /^(\d\d)(\d\d)(\d\d)$/.exec(text) ?? []
  if (Number(month) < 1 || Number(month) > 12) return undefined
  const last = new Date(Date.UTC(2000 + Number(year), Number(month), 0)).getUTCDate()
  if (Number(day) > last) return undefined
  return `20${year}-${month}-${day === '00' ? last : day}`
}

/** The fields of an element string, as printed with brackets or as a reader gives it; undefined where it is none. */
function fieldsOf(code: string): ReadonlyMap<string, string> | undefined {
  const printed = [...code.matchAll(/\((\d{2})\)([^(]+)/g)]
  if (printed.length > 0)
    return new Map(printed.map(([, name = '', value = '']) => [name, value.trim()]))
  const fields = new Map<string, string>()
  let rest = code.replace(/^\](?:C1|d2|Q3|e0)/, '').replace(new RegExp(`^${separator}`), '')
  while (rest !== '') {
    const name = rest.slice(0, 2)
    const length = fixed[name]
    const end = rest.indexOf(separator)
    if (length !== undefined) {
      const value = rest.slice(2, 2 + length)
      if (value.length < length || !/^\d+$/.test(value)) return undefined
      fields.set(name, value)
      rest = rest.slice(2 + length).replace(new RegExp(`^${separator}`), '')
    } else if (longest[name] !== undefined) {
      const value = end < 0 ? rest.slice(2) : rest.slice(2, end)
      if (value === '' || value.length > (longest[name] ?? 0)) return undefined
      fields.set(name, value)
      rest = end < 0 ? '' : rest.slice(end + 1)
    } else return undefined
  }
  return fields
}

/**
 * The lot in a code as a camera reads it off a bag: an element string of GS1 with lot and use-by day, or whatever
 * the maker prints, as it is.
 * @returns undefined for a code that says no lot: the number of the article, or nothing
 */
export function readLotCode(code: string): LotCode | undefined {
  const text = code.trim()
  // The number of an article stands on every bag of it, and is no lot.
  if (text === '' || /^\d{8}$|^\d{12,14}$/.test(text)) return undefined
  const fields = fieldsOf(text)
  if (!fields) return { lot: text.slice(0, 60), useBy: undefined }
  const lot = fields.get('10') ?? fields.get('21')
  if (lot === undefined) return undefined
  return { lot, useBy: dayOf(fields.get('17') ?? fields.get('15') ?? '') }
}
