import fc from 'fast-check'
import type { Description, KnownIds, Operation, Schema } from './described.ts'

/** A request as it goes over the wire. */
export interface FuzzRequest {
  readonly method: string
  /** Path with query, as bytes on the line: it may be no address at all. */
  readonly path: string
  readonly headers: Readonly<Record<string, string>>
  readonly body: string | Uint8Array | undefined
}

/** What no form means, and what breaks programs that were not made for it. */
const hostile: readonly unknown[] = [
  null,
  [],
  [[]],
  {},
  '',
  ' ',
  '\0',
  '\ud800',
  'a\r\nBEGIN:VEVENT',
  "'; DROP TABLE place; --",
  '%',
  '../../etc/passwd',
  'constructor',
  '__proto__',
  '�',
  'x'.repeat(70_000),
  -1,
  0,
  1e308,
  1.5,
  2 ** 31,
  2 ** 53,
  -0,
  true,
  '2199-01-01',
  '2026-02-30',
  '0000-00-00',
  '1e3',
]
const someHostile = fc.constantFrom(...hostile)

function texts({ minLength = 0, maxLength = 60 }: Schema): fc.Arbitrary<string> {
  const length = { minLength, maxLength: Math.min(maxLength, 200) }
  return fc.oneof(
    fc.string({ ...length, unit: 'grapheme' }),
    fc.string({ ...length, unit: 'binary' }),
  )
}

function numbers({ minimum = -1000, maximum = 1000, type }: Schema): fc.Arbitrary<number> {
  if (type === 'integer') {
    return fc.integer({
      min: Math.ceil(minimum),
      max: Math.max(Math.ceil(minimum), Math.floor(maximum)),
    })
  }
  return fc.oneof(
    fc.double({ min: minimum, max: maximum, noNaN: true }),
    fc.constantFrom(minimum, maximum),
  )
}

const someDay = fc
  .date({ min: new Date('2020-01-01'), max: new Date('2027-12-31'), noInvalidDate: true })
  .map((date) => date.toISOString().slice(0, 10))

/** Values that a schema allows, as far as it says; deeper than a few levels the least of them. */
function meant(
  schema: Schema,
  description: Description,
  ids: KnownIds,
  depth = 0,
): fc.Arbitrary<unknown> {
  if (schema.$ref !== undefined) {
    const name = schema.$ref.split('/').at(-1) ?? ''
    return meant(description.components.schemas[name] ?? {}, description, ids, depth + 1)
  }
  const [choice] = [schema.oneOf ?? schema.anyOf ?? []]
  if (choice.length > 0)
    return fc.oneof(...choice.map((each) => meant(each, description, ids, depth)))
  if (schema.enum && schema.enum.length > 0) return fc.constantFrom(...schema.enum)
  if (schema.format === 'uuid') {
    const known = Object.values(ids).flat()
    return fc.oneof(fc.uuid(), ...(known.length > 0 ? [fc.constantFrom(...known)] : []))
  }
  if (schema.format === 'date') return someDay
  switch (schema.type) {
    case 'string':
      return texts(schema)
    case 'number':
    case 'integer':
      return numbers(schema)
    case 'boolean':
      return fc.boolean()
    case 'array': {
      const most = Math.min(schema.maxItems ?? 4, 6)
      const each =
        depth > 5 ? fc.constant({}) : meant(schema.items ?? {}, description, ids, depth + 1)
      return fc.array(each, { minLength: Math.min(schema.minItems ?? 0, most), maxLength: most })
    }
    default:
      return schema.properties
        ? objects(schema, description, ids, depth)
        : fc.object({ maxDepth: 2 })
  }
}

function objects(
  schema: Schema,
  description: Description,
  ids: KnownIds,
  depth: number,
): fc.Arbitrary<unknown> {
  const fields = Object.entries(schema.properties ?? {}).map(
    ([name, each]) => [name, meant(each, description, ids, depth + 1)] as const,
  )
  const needed = new Set(schema.required ?? [])
  const requiredKeys = fields.map(([name]) => name).filter((name) => needed.has(name))
  return fc.record(Object.fromEntries(fields), { requiredKeys })
}

/** One place of what was meant, put out of order. */
function spoilt(value: unknown, at: number, by: unknown): unknown {
  if (typeof value !== 'object' || value === null) return by
  const names = Object.keys(value)
  const name = names[at % (names.length + 1)]
  if (name === undefined)
    return Array.isArray(value) ? [...(value as unknown[]), by] : { ...value, odd: by }
  const inside = (value as Readonly<Record<string, unknown>>)[name]
  const goesDeeper = at % 3 === 0 && typeof inside === 'object' && inside !== null
  const put = goesDeeper ? spoilt(inside, Math.floor(at / 3), by) : by
  if (Array.isArray(value))
    return value.map((each: unknown, index) => (String(index) === name ? put : each))
  return { ...value, [name]: put }
}

const deep = (open: string, close: string, times: number) =>
  `${open.repeat(times)}1${close.repeat(times)}`
/** Bodies that are no form at all. */
const bodiesAtLarge: readonly string[] = [
  '',
  '{',
  'null',
  '"text"',
  '[[]]',
  deep('[', ']', 20_000),
  deep('{"a":', '}', 9_000),
  '{"constructor":{"prototype":{"x":1}}}',
  '{"__proto__":{"isAdmin":true}}',
  '{"id":"\\ud800"}',
  '{"id":"\\u0000"}',
  '{"id":1e999}',
  '\ufeff{}',
  '{"a":1,"a":2}',
  `{"${'k'.repeat(60_000)}":1}`,
]
const odd: Readonly<Record<string, string>>[] = [
  { 'content-encoding': 'gzip' },
  { 'content-encoding': 'nonsense' },
  { 'content-type': 'text/plain' },
  { 'content-type': 'application/json; charset=utf-7' },
  { accept: '\u00ff' },
  { origin: 'http://elsewhere.example' },
  { 'if-none-match': '*' },
]

/** Pictures that say of themselves what cannot be. */
const pictures: readonly Uint8Array[] = [
  Uint8Array.from([
    0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52, 0xff, 0xff,
    0xff, 0xff, 0xff, 0xff, 0xff, 0xff,
  ]),
  Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 0, 0]),
  Uint8Array.from([0xff, 0xd8, 0xff, 0xc0, 0, 17, 8, 0xff, 0xff, 0xff, 0xff, 3]),
]

const junkInPaths = [
  '%zz',
  '%00',
  '%ud800',
  '%F0%9F',
  '..%2f..',
  'x'.repeat(3000),
  "1'--",
  '%E2%82',
]

function paths(path: string, { parameters }: Operation, ids: KnownIds): fc.Arbitrary<string> {
  const names = [...path.matchAll(/\{(\w+)\}/g)].map(([, name = '']) => name)
  const values = names.map((name) => {
    const known = ids[name] ?? []
    const any = Object.values(ids).flat()
    return fc.oneof(
      { weight: 16, arbitrary: known.length > 0 ? fc.constantFrom(...known) : fc.uuid() },
      { weight: 2, arbitrary: any.length > 0 ? fc.constantFrom(...any) : fc.uuid() },
      { weight: 1, arbitrary: fc.uuid() },
      { weight: 2, arbitrary: fc.constantFrom(...junkInPaths) },
    )
  })
  const words = parameters.filter((each) => each.in === 'query').map(({ name }) => name)
  const asked = fc.array(
    fc.tuple(
      words.length > 0 ? fc.constantFrom(...words, 'odd', 'constructor') : fc.constant('odd'),
      fc.oneof(
        fc.constantFrom('0', '40', '1.5', '-1', '1e9', '2026-05-31', 'a', '%00', '%ff'),
        fc.string({ maxLength: 20 }).map(encodeURIComponent),
      ),
    ),
    { maxLength: 3 },
  )
  return fc.tuple(fc.tuple(...values), asked).map(([filled, query]) => {
    const made = names.reduce(
      (so, name, index) => so.replace(`{${name}}`, String(filled[index])),
      path,
    )
    return query.length === 0
      ? made
      : `${made}?${query.map(([name, value]) => `${name}=${value}`).join('&')}`
  })
}

function bodies(
  { requestBody }: Operation,
  description: Description,
  ids: KnownIds,
): fc.Arbitrary<Pick<FuzzRequest, 'headers' | 'body'>> {
  if (!requestBody) return fc.constant({ headers: {}, body: undefined })
  const [type = 'application/json', content] = Object.entries(requestBody.content)[0] ?? []
  if (type !== 'application/json') {
    const bytes = fc.oneof(fc.constantFrom(...pictures), fc.uint8Array({ maxLength: 400 }))
    return bytes.map((body) => ({ headers: { 'content-type': type }, body }))
  }
  const good = meant(content?.schema ?? {}, description, ids)
  const asJson = (value: unknown) => JSON.stringify(value) ?? ''
  const headers = { 'content-type': type }
  return fc.oneof(
    { weight: 6, arbitrary: good.map((value) => ({ headers, body: asJson(value) })) },
    {
      weight: 8,
      arbitrary: fc
        .tuple(good, fc.nat(200), someHostile)
        .map(([value, at, by]) => ({ headers, body: asJson(spoilt(value, at, by)) })),
    },
    { weight: 2, arbitrary: fc.constantFrom(...bodiesAtLarge).map((body) => ({ headers, body })) },
    {
      weight: 1,
      arbitrary: fc
        .tuple(good, fc.constantFrom(...odd))
        .map(([value, more]) => ({ headers: { ...headers, ...more }, body: asJson(value) })),
    },
  )
}

/** Requests of every kind that a description names: meant well, spoilt in one place, and at large. */
export function requestsOf(description: Description, ids: KnownIds): fc.Arbitrary<FuzzRequest> {
  const all = Object.entries(description.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) =>
      fc
        .tuple(paths(path, operation, ids), bodies(operation, description, ids))
        .map(([filled, { headers, body }]) => ({
          method: method.toUpperCase(),
          path: filled,
          headers,
          body,
        })),
    ),
  )
  return fc.oneof(...all)
}
