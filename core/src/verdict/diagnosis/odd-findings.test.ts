import { describe, expect, it } from 'vitest'
import type { Findings } from '../../seen/finding/index.ts'
import { oddFindings, type StoryEventKind } from './index.ts'

const odd = (
  findings: Findings,
  events: readonly (readonly [StoryEventKind, string])[] = [],
  pH?: number,
  lime?: number,
) =>
  oddFindings(findings, {
    lookedOn: '2026-06-15',
    events: events.map(([kind, happenedOn]) => ({ kind, happenedOn })),
    pH,
    readings:
      lime === undefined
        ? []
        : [{ kind: 'calciumCarbonate', value: lime, method: 'laboratory', takenOn: '2026-05-01' }],
  })

describe('findings that do not go together', () => {
  it.each([
    [{ sprayed: 'no' }, 'spill', /spill.*nothing was sprayed/],
    [{ feedIron: 'no' }, 'iron-given', /given iron.*no iron in the feed/],
    [{ wetness: 'dry' }, 'flood', /flooded.*dry/],
    [{ rain: 'no' }, 'heavy-rain', /heavy rain.*no weeks/],
    [{ warmth: 'warm' }, 'cold-spell', /cold spell.*warm/],
  ] as const)('%j beside %s of last week are named', (findings, kind, words) => {
    expect(odd(findings, [[kind, '2026-06-08']])).toEqual([expect.stringMatching(words)])
    expect(odd(findings, [[kind, '2026-01-08']])).toEqual([])
    expect(odd(findings, [[kind, '2026-06-20']])).toEqual([])
  })

  it('are a strong fizz on acid ground, rot in white roots, young leaves pale and greener', () => {
    expect(odd({ fizz: 'strong' }, [], 5.6)[0]).toMatch(/pH 5.6.*take another/)
    expect(odd({ fizz: 'strong' }, [], 7.6)).toEqual([])
    expect(odd({ fizz: 'strong' }, [], 7.9, 0.1)[0]).toMatch(/laboratory found 0.1 % free lime/)
    expect(odd({ fizz: 'none' }, [], 7.9, 12)[0]).toMatch(/stronger acid/)
    expect(odd({ fizz: 'strong' }, [], 7.9, 12)).toEqual([])
    expect(odd({ roots: 'white', clinic: 'root-rot' })).toHaveLength(1)
    expect(odd({ tier: 'youngest-only', newestLeaves: 'greener' })).toHaveLength(1)
    expect(odd({ tier: 'middle', newestLeaves: 'greener' })).toEqual([])
  })
})
