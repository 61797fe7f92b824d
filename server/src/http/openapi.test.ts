import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { api } from '../tests/test-estate.ts'

interface Described {
  readonly openapi: string
  readonly paths: Record<
    string,
    Record<string, { responses: Record<string, object>; security: object[] }>
  >
  readonly components: {
    schemas: Record<string, { properties: Record<string, unknown> }>
    securitySchemes: Record<string, object>
  }
}

const { body } = await api.get('/api/openapi.json')
const described = body as Described

describe('the OpenAPI description', () => {
  it('tells the version that the CHANGELOG has', () => {
    const [, newest] =
      /^## (\S+)/m.exec(readFileSync(new URL('../../../CHANGELOG.md', import.meta.url), 'utf8')) ??
      []
    expect(body.info.version).toBe(newest)
  })

  it('names nothing that it does not describe', () => {
    const named = [...JSON.stringify(body).matchAll(/#\/components\/schemas\/(\w+)/g)]
    expect(named.length).toBeGreaterThan(30)
    for (const [, name = ''] of named) expect(described.components.schemas).toHaveProperty(name)
  })

  it('carries the bounds of the request classes', () => {
    const { CreateRemedyDto, CreateReadingDto } = described.components.schemas
    expect(CreateRemedyDto?.properties['contentShare']).toMatchObject({
      minimum: 0.001,
      maximum: 0.8,
    })
    expect(CreateReadingDto?.properties['takenOn']).toMatchObject({ format: 'date' })
    expect(CreateReadingDto?.properties['value']).toMatchObject({ type: 'number' })
  })

  it('says of every route what a caller shows who they are by', () => {
    const of = (path: string, method: string) => described.paths[path]?.[method]?.security
    expect(Object.keys(described.components.securitySchemes)).toEqual(['key', 'device'])
    expect(of('/api/stands/{standId}', 'get')).toEqual([{ key: [] }, { device: [] }])
    expect(of('/api/me', 'get')).toEqual([{ device: [] }])
    expect(of('/api/sessions', 'post')).toEqual([])
  })

  it('says of every route what is answered when something is wrong', () => {
    for (const methods of Object.values(described.paths)) {
      for (const { responses } of Object.values(methods)) {
        expect(JSON.stringify(responses['default'])).toContain('application/problem+json')
      }
    }
  })
})
