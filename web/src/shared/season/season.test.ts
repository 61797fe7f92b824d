import { mount } from '@vue/test-utils'
import { type StandStoryDto } from '@spudder/contract/stand'
import { applicationsOf } from '@spudder/core/days/entry'
import { seasonSums } from '@spudder/core/soil/season'
import { describe, expect, it } from 'vitest'
import SeasonSums from './SeasonSums.vue'

const remedy = {
  id: 'r',
  productId: null,
  sourceId: 'ferrous-sulfate',
  contentShare: 0.2,
  productKg: 3,
}
const job = (id: string, status: string, share = 1) => ({
  id,
  remedyId: 'r',
  kind: 'apply',
  status,
  dueOn: '2026-06-10',
  share,
})
const entry = (id: string, productKg: number, correctsId: string | null = null) => ({
  id,
  jobId: 'done',
  happenedOn: '2026-05-01',
  productKg,
  correctsId,
})
const story = {
  remedies: [remedy],
  jobs: [job('done', 'done'), job('next', 'planned', 0.5), job('gone', 'dropped')],
  entries: [entry('first', 2), entry('right', 4, 'first')],
} as unknown as StandStoryDto // prettier-ignore

describe('what goes onto a stand in a season', () => {
  it('is what was recorded last and what is still planned', () => {
    expect(
      applicationsOf(story, []).map(({ day, productKg, isPlanned }) => [day, productKg, isPlanned]),
    ).toEqual([
      ['2026-05-01', 4, false],
      ['2026-06-10', 1.5, true],
    ])
  })

  it('stands against limits, which a place may replace by its own', async () => {
    const sums = seasonSums({
      context: 'turf',
      plantId: 'kentucky-bluegrass',
      applications: applicationsOf(story, []),
      on: '2026-06-01',
      groundM2: 400,
    })
    const shown = mount(SeasonSums, {
      props: { sums, year: '2026', system: 'metric', sizeKind: 'area' },
    })
    expect(shown.text()).toContain('On this ground in 2026')
    expect(shown.findAll('li')[0]?.text()).toMatch(/^iron28 kg\/ha\s*over the 25 kg\/ha/)
    expect(shown.text()).toContain('The season has had enough of it')
    await shown.find('input').setValue('30')
    await shown.find('li button').trigger('click')
    expect(shown.emitted('limit')).toEqual([['Fe', 30]])
  })

  it('is said in weight where no ground is known', () => {
    const sums = seasonSums({
      context: 'tree',
      plantId: 'pin-oak',
      applications: applicationsOf(story, []),
      on: '2026-06-01',
      groundM2: undefined,
    })
    const shown = mount(SeasonSums, {
      props: { sums, year: '2026', system: 'metric', sizeKind: 'trunks' },
    })
    expect(shown.text()).toMatch(/On these trees.*iron1.1 kg/)
  })
})
