import { ProblemDto } from '@spudder/contract/problem'
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js'
import { validationMetadatasToSchemas } from 'class-validator-jsonschema'
import type { AnyRoute } from './route.ts'

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

function queryParameters(route: AnyRoute, known: Record<string, unknown>): object[] {
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

function requestBody({ body, takes }: AnyRoute): object {
  if (takes) {
    const file = { schema: { type: 'string', format: 'binary' } }
    return {
      requestBody: {
        required: true,
        content: Object.fromEntries(takes.map((type) => [type, file])),
      },
    }
  }
  return body ? { requestBody: { required: true, ...asJson(refTo(body.name)) } } : {}
}

function operation(route: AnyRoute, known: Record<string, unknown>): object {
  const answer = refTo(route.answer.name)
  const inPath = [...route.path.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }))
  return {
    summary: route.summary,
    parameters: [...inPath, ...queryParameters(route, known)],
    ...requestBody(route),
    responses: {
      [route.method === 'post' ? '201' : '200']: {
        description: 'done',
        ...asJson(route.isList ? { type: 'array', items: answer } : answer),
      },
      default: {
        description: 'what was wrong, and what to send instead',
        ...asJson(refTo(ProblemDto.name), 'application/problem+json'),
      },
    },
  }
}

/** The OpenAPI description of the routes, made from their classes. */
export function describeRoutes(routes: readonly AnyRoute[]): object {
  const known = schemas()
  const paths: Record<string, Record<string, object>> = {}
  for (const route of routes) {
    const path = `/api${route.path.replace(/:(\w+)/g, '{$1}')}`
    paths[path] = { ...paths[path], [route.method]: operation(route, known) }
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Spudder', version: '0.1.0' },
    paths,
    components: { schemas: known },
  }
}
