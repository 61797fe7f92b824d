import { roleMay, roles, type Role } from '@spudder/contract/access'
import { readFileSync } from 'node:fs'
import { beforeAll, describe, expect, it } from 'vitest'
import { clientOf, parts } from '../tests/test-estate.ts'
import { addressOf, makeOneOfEach } from '../tests/writing-routes.ts'
import supertest from 'supertest'
import { createApp } from '../app.ts'
import { describedRoutes, rightOf, type Described } from './tests/described.ts'

makeOneOfEach()

type Client = Awaited<ReturnType<typeof clientOf>>
const clients = new Map<Role, Client>()
let routes: readonly Described[] = []
beforeAll(async () => {
  routes = await describedRoutes()
  const placeId = addressOf(':placeId').slice('/api'.length)
  for (const role of roles) clients.set(role, await clientOf(`The ${role}`, placeId, role))
})
const clientAs = (role: Role): Client => {
  const client = clients.get(role)
  if (!client) throw new Error(`nobody is ${role}`)
  return client
}

/** Nothing is sent: whoever is let in is told what is missing, and whoever is not, that he is not. */
const statusOf = async (client: Client, { method, path }: Described) =>
  (await client[method](addressOf(path))).status

describe('every route of a place', () => {
  it.each(roles)('lets an %s in where the role may, and nowhere else', async (role) => {
    const client = clientAs(role)
    for (const route of routes) {
      const right = rightOf(route)
      if (right === undefined) continue
      const status = await statusOf(client, route)
      const said = `${role} ${route.method} ${route.path}: ${status}`
      if (roleMay(role, right)) expect([401, 403], said).not.toContain(status)
      else expect(status, said).toBe(403)
    }
  })

  it('lets nobody in who is not signed in, but where everybody may', async () => {
    const open = supertest(createApp({ ...parts, isPrivate: false }))
    for (const { method, path, access } of routes) {
      const { status } = await open[method](addressOf(path))
      if (access === 'everybody') expect(status, path).not.toBe(401)
      else expect(status, path).toBe(401)
    }
  })

  it('is not there for who works at another place', async () => {
    const other = addressOf(':otherPlaceId').slice('/api'.length)
    const stranger = await clientOf('A stranger', other, 'owner')
    for (const route of routes) {
      if (rightOf(route) === undefined) continue
      expect(await statusOf(stranger, route), route.path).toBe(404)
    }
  })

  it('stands in the table of the docs with the roles that may', () => {
    const page = readFileSync(new URL('../../../docs/roles.md', import.meta.url), 'utf8')
    const rows = page
      .split('\n')
      .filter((line) => line.startsWith('| `'))
      .map((line) => line.replace(/ +/g, ' ').trim())
    const wanted = routes.map((route) => {
      const right = rightOf(route)
      const cells = roles.map((role) => (right === undefined || roleMay(role, right) ? 'yes' : ''))
      const asks = typeof route.access === 'string' ? route.access : 'by kind'
      return `| \`${route.method} ${route.path}\` | ${[asks, ...cells].join(' | ')} |`.replace(/ +/g, ' ') // prettier-ignore
    })
    expect(rows.toSorted()).toEqual(wanted.toSorted())
  })
})
