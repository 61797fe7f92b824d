import { mount } from '@vue/test-utils'
import type { EntryDto } from '@spudder/contract/entry'
import { addDays } from '@spudder/core/base/calendar'
import { responseFor } from '@spudder/core/material/source'
import { describe, expect, it } from 'vitest'
import { judgementOf } from '../../shared/case/judgement.ts'
import { seenColours } from '../../shared/ribbon/seen-colour.ts'
import RecoveryChart from './RecoveryChart.vue'

const applied = '2026-05-01'
const entry = (happenedOn = applied) =>
  ({ id: 'a', happenedOn, route: 'leaf', sourceId: 'fe-dtpa', correctsId: null }) as EntryDto
const colour = (day: number, value: number) =>
  ({ kind: 'turfColour', value, method: 'eye', takenOn: addDays(applied, day) }) as const
const seen = seenColours([colour(7, 7.5), colour(-2, 4), colour(3, 5), colour(-200, 8)], [])
const expected = ({ route, sourceId }: EntryDto) => responseFor(route, sourceId, 'turf')

describe('the judgement of a case', () => {
  it('takes the last colour before the treatment as where it began', () => {
    const judged = judgementOf([entry()], seen, expected)
    expect(judged?.before).toMatchObject({ day: addDays(applied, -2), value: 4 })
    expect(judged?.judgement.word).toBe('on course')
    expect(judged?.response.id).toBe('leaf-spray')
  })

  it('judges the last treatment, and nothing where none was made or nobody looked', () => {
    const later = entry(addDays(applied, 6))
    expect(judgementOf([entry(), later], seen, expected)?.entry).toBe(later)
    expect(judgementOf([], seen, expected)).toBeUndefined()
    expect(judgementOf([entry()], [], expected)).toBeUndefined()
  })
})

describe('the chart of recovery', () => {
  const judged = judgementOf([entry()], seen, expected)
  if (!judged) throw new Error('nothing to draw')
  const chart = mount(RecoveryChart, { props: { judged, seen, until: addDays(applied, 8) } })

  it('says in words what it shows', () => {
    expect(chart.find('svg').attributes('aria-label')).toMatch(
      /^Leaf colour since the treatment: on course, last seen deep green on 8 May/,
    )
  })

  it('shows the looks around the treatment with their doubt, in their own colour', () => {
    const points = chart.findAll('.point circle')
    expect(points).toHaveLength(3)
    expect(chart.findAll('line.doubt')).toHaveLength(3)
    const heights = points.map((point) => Number(point.attributes('cy')))
    expect(heights[0]).toBeGreaterThan(heights[2] ?? 0)
  })

  it('draws the band of what is to be expected from the day of the treatment', () => {
    expect(chart.find('path.band').attributes('d')).toMatch(/^M/)
    expect(chart.text()).toContain('treated')
    expect(chart.text()).toContain('day 0')
  })
})
