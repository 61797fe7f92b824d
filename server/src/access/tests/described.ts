import type { Access, Right } from '@spudder/contract/access'
import { api } from '../../tests/test-estate.ts'

/** A route as the API describes itself. */
export interface Described {
  readonly method: 'get' | 'post' | 'patch'
  /** Under /api, with parameters as :name. */
  readonly path: string
  readonly access: Access
}

/** Every route there is, as the running server describes them. */
export async function describedRoutes(): Promise<readonly Described[]> {
  const { body } = await api.get('/api/openapi.json')
  const paths = body.paths as Record<string, Record<string, { 'x-access': Access }>>
  return Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { 'x-access': access }]) => ({
      method: method as Described['method'],
      path: path.replace('/api', '').replace(/\{(\w+)\}/g, ':$1'),
      access,
    })),
  )
}

/** The right that a route asks for; undefined where it asks for none at a place. */
export const rightOf = ({ access }: Described): Right | undefined => {
  if (access === 'everybody' || access === 'person') return undefined
  return typeof access === 'string' ? access : access.byKind['reading']
}
