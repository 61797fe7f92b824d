import { expect, it } from 'vitest'
import {
  lookBody,
  newId,
  newStand,
  post,
  readingBody,
  refused,
  storyOf,
} from '../tests/test-estate.ts'

it('what raises the pH goes onto ground that is too acid for its plant, and onto no other', async () => {
  const stand = await newStand()
  await post(`/stands/${stand.id}/looks`, lookBody())
  const path = `/cases/${(await storyOf(stand.id)).cases[0]?.id ?? ''}/remedies`
  const lime = () => ({
    id: newId(),
    causeId: 'magnesium-short',
    route: 'soil',
    sourceId: 'dolomite',
    rateId: 'soil-dolomite',
    rateValue: 2000,
    contentShare: 0.12,
    applyOn: '2025-06-03',
  })
  const said = async () => (await refused('post', path, lime(), 400)).fields[0]
  expect(await said()).toMatchObject({
    field: 'sourceId',
    message: expect.stringMatching(/nobody measured it here/) as string,
  })
  await post(`/stands/${stand.id}/readings`, readingBody(7.8))
  expect(await said()).toMatchObject({
    field: 'sourceId',
    message: expect.stringMatching(/is 7.8 already.*Epsom salt or kieserite/) as string,
  })
  await post(`/stands/${stand.id}/readings`, { ...readingBody(4.9), takenOn: '2025-06-02' })
  await post(path, lime())
})
