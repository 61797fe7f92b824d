import { rights } from '@spudder/contract/access'
import { creates, json, one, reads, type Route } from '@spudder/contract/route'
import { jobRoutes } from '@spudder/contract/job'
import { CreateStandDto, type standRoutes, type StandDto } from '@spudder/contract/stand'
import { describe, expect, it } from 'vitest'
import { api } from '../tests/test-estate.ts'
import { serve, type Handlers } from './route.ts'

const nothing = () => Promise.reject(new Error('never called'))

describe('a route that both ends know', () => {
  it('does not compile where something is missing or differs', () => {
    const summary = 'Adds a stand'
    const whole = { path: '/places/:placeId/stands', summary, sends: json(CreateStandDto) } as const
    // @ts-expect-error nobody is said to have access
    creates({ ...whole, answers: one(CreateStandDto), touches: [] })
    // @ts-expect-error a topic that nothing is kept under
    reads({ path: '/x', summary, access: 'everybody', answers: one(CreateStandDto), topic: 'x' })
    const wrong: Partial<Handlers<typeof standRoutes>> = {
      // @ts-expect-error the path has no such parameter, and a stand no such field
      change: ({ params, body }) => Promise.resolve([params.placeId, body.colour] as never),
      // @ts-expect-error a stand is not a list of stands
      create: () => Promise.resolve([] as StandDto[]),
    }
    expect(Object.keys(wrong)).toHaveLength(2)
    // @ts-expect-error a route without a handler
    expect(serve(jobRoutes, { change: nothing, move: nothing })).toHaveLength(6)
  })

  it('is described with who may call it', async () => {
    const { body } = await api.get('/api/openapi.json')
    const paths = body.paths as Record<
      string,
      Record<string, { summary: string; 'x-access': Route['access'] }>
    >
    const all = Object.values(paths).flatMap((methods) => Object.values(methods))
    expect(all.length).toBeGreaterThan(45)
    const known: readonly unknown[] = ['everybody', 'person', ...rights]
    const odd = all.filter((each) => !known.includes(each['x-access']))
    expect(odd.map((each) => each['x-access'])).toEqual([
      // A thing is read and put right by whoever may store one of its kind.
      { byKind: expect.objectContaining({ look: 'look', jarTest: 'apply' }) },
      { byKind: expect.objectContaining({ look: 'look', jarTest: 'apply' }) },
    ])
    const open = all.filter((each) => each['x-access'] === 'everybody')
    expect(open.map(({ summary }) => summary)).toHaveLength(7)
    expect(Object.keys(paths)).toContain('/api/places/{placeId}/calendar.ics')
    expect(Object.keys(paths)).toContain('/api/photos/{photoId}')
  })
})
