import { readFileSync } from 'node:fs'
import type { Route } from '@spudder/contract/route'
import { ProblemDto } from '@spudder/contract/problem'
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js'
import { validationMetadatasToSchemas } from 'class-validator-jsonschema'

/** The version of the product, as CHANGELOG.md has it. */
const { version } = JSON.parse(
  readFileSync(new URL('../../package.json', import.meta.url), 'utf8'),
) as { version: string }

const day = { type: 'string', format: 'date', examples: ['2026-05-31'] } as const

function schemas(): Record<string, unknown> {
  return validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage as never,
    refPointerPrefix: '#/components/schemas/',
    additionalConverters: { isDay: day as never, customValidation: { type: 'number' } },
  })
}

const refTo = (name: string) => ({ $ref: `#/components/schemas/${name}` })
const asJson = (schema: object, type = 'application/json') => ({ content: { [type]: { schema } } })

type Known = Readonly<Record<string, unknown>>

function queryParameters(route: Route, known: Known): object[] {
  if (!route.query) return []
  const schema = known[route.query.name] as {
    properties?: Record<string, object>
    required?: string[]
  }
  return Object.entries(schema.properties ?? {}).map(([name, property]) => ({
    name,
    in: 'query',
    required: false,
    schema: property,
  }))
}

function requestBody({ sends }: Route, known: Known): object {
  if (sends.as === 'nothing') return {}
  const binary = { schema: { type: 'string', format: 'binary' } }
  const body =
    sends.as === 'bytes'
      ? { content: Object.fromEntries((sends.types ?? []).map((type) => [type, binary])) }
      : asJson(refTo(nameOf(sends.dto, known)))
  return { requestBody: { required: true, ...body } }
}

/**
 * The schema of a class; one that adds nothing of its own to the form it is made from is that form.
 * @throws {Error} a fault of ours: JSON without a class, or of one that nothing is required of
 */
function nameOf(dto: { readonly name: string } | undefined, known: Known): string {
  if (!dto) throw new Error('a route of JSON has no class')
  if (dto.name in known) return dto.name
  const parent = Object.getPrototypeOf(dto) as { readonly name: string } | null
  if (!parent?.name) throw new Error(`${dto.name} is not described`)
  return nameOf(parent, known)
}

function answerContent({ answers }: Route, known: Known): object {
  if (answers.as === 'file') {
    const binary = { schema: { type: 'string', format: 'binary' } }
    return { content: Object.fromEntries(answers.types.map((type) => [type, binary])) }
  }
  const item = refTo(nameOf(answers.dto, known))
  return asJson(answers.as === 'list' ? { type: 'array', items: item } : item)
}

/** What a caller shows who they are by. */
const securitySchemes = {
  key: {
    type: 'http',
    scheme: 'bearer',
    description:
      'The key of a program, made under Settings, Keys of programs: for one place, with rights of its own, until a day.',
  },
  device: {
    type: 'apiKey',
    in: 'cookie',
    name: 'spudder',
    description:
      'The secret of a device that somebody signed in at; over TLS the cookie is called __Host-spudder.',
  },
} as const

/** A key opens what belongs to a place; what is a person’s own is opened by their device alone. */
function waysIn({ access }: Route): readonly object[] {
  if (access === 'everybody') return []
  return access === 'person' ? [{ device: [] }] : [{ key: [] }, { device: [] }]
}

function operation(route: Route, known: Known): object {
  const inPath = [...route.path.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }))
  return {
    summary: route.summary,
    'x-access': route.access,
    security: waysIn(route),
    parameters: [...inPath, ...queryParameters(route, known)],
    ...requestBody(route, known),
    responses: {
      [route.method === 'post' ? '201' : '200']: {
        description: 'done',
        ...answerContent(route, known),
      },
      default: {
        description: 'what was wrong, and what to send instead',
        ...asJson(refTo(ProblemDto.name), 'application/problem+json'),
      },
    },
  }
}

/** The OpenAPI description of the routes, made from their classes. */
export function describeRoutes(routes: readonly Route[]): object {
  const known = schemas()
  const paths: Record<string, Record<string, object>> = {}
  for (const route of routes) {
    const path = `/api${route.path.replace(/:(\w+)/g, '{$1}')}`
    paths[path] = { ...paths[path], [route.method]: operation(route, known) }
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Spudder', version },
    paths,
    components: { schemas: known, securitySchemes },
  }
}
