import { changeHeader } from '@spudder/contract/route'
import { beforeAll } from 'vitest'
import { jpeg } from './jpeg.ts'
import { recordLinkBody } from './people-routes.ts'
import {
  acidPlanBody,
  api,
  entryBody,
  lookBody,
  newId,
  placeBody,
  patch,
  post,
  practiseAt,
  productBody,
  readingBody,
  remedyBody,
  drillBody,
  eyeSittingBody,
  jarTestBody,
  measureBody,
  sprayerBody,
  standBody,
  standWithRemedy,
  storyOf,
  trialBody,
  zoneBody,
} from './test-estate.ts'

const eventBody = () => ({ id: newId(), kind: 'limed', happenedOn: '2025-05-02' })
const correctionBody = () => ({ ...entryBody(), reason: 'weighed again' })
const settingsBody = () => ({ ironSchool: 'field' })
const orderBody = () => ({
  id: newId(),
  orderedOn: '2025-05-02',
  packets: ['soil'],
  places: ['sick'],
})
const importBody = () => ({
  id: newId(),
  fileName: 'may.csv',
  csv: 'Date,Sample,pH\n2025-05-02,Lawn,7.4\n',
  map: {
    laboratory: 'Downs',
    dayColumn: 'Date',
    dayOrder: 'ymd',
    sampleColumn: 'Sample',
    placeColumn: '',
    columns: [{ column: 'pH', kind: 'pH', unit: '' }],
    stands: { Lawn: ids['standId'] },
  },
})
const intakeBody = () => ({
  id: newId(),
  kind: 'readings',
  fileName: 'may.csv',
  csv: 'Stand,Date,Test,Result\nNorth bed,2025-05-02,pH,7.4\n',
  map: { stand: 'Stand', day: 'Date', kind: 'Test', value: 'Result' },
  dayOrder: 'ymd',
})
const buyBody = () => ({
  id: newId(),
  standId: ids['standId'],
  productId: ids['productId'],
  plannedKg: 20,
  dueOn: '2025-06-01',
})
const ownDrillBody = () => ({
  id: newId(),
  caseId: ids['greenCaseId'],
  saidId: 'nitrogen-short',
  answeredOn: '2025-06-20',
})
const checkBody = () => ({ id: newId(), checkId: 'leaf-paint', dueOn: '2025-06-08' })
const changedProduct = () => {
  const { id: _id, ...rest } = productBody()
  return { ...rest, isRetired: false }
}
const changedSprayer = () => {
  const { setup, name } = sprayerBody()
  const calibration = { measuredOn: '2025-05-02', rateLPerM2: 0.03, how: 'walked 90 m2' }
  return { name, setup, calibration, isRetired: false }
}
const changedStand = () => ({
  name: 'North lawn',
  measures: { outline: [[0, 0], [40, 0], [40, 25]], plantCount: 4 }, // prettier-ignore
})
const closing = { outcome: 'green', closedOn: '2025-07-01' }

/** Every route that takes a body, with one that it accepts. */
export const writingRoutes = {
  '/places': { method: 'post', body: placeBody },
  '/places/:placeId/stands': { method: 'post', body: standBody },
  '/places/:placeId': { method: 'patch', body: () => ({ name: 'Lower Vennlow' }) },
  '/places/:placeId/calendar': { method: 'patch', body: () => ({ isShared: true }) },
  '/places/:placeId/settings': { method: 'patch', body: settingsBody },
  '/places/:placeId/looks-due': {
    method: 'post',
    body: () => ({ looks: [{ id: newId(), standId: ids['standId'], dueOn: '2025-06-03' }] }),
  },
  '/places/:placeId/laboratory-imports': { method: 'post', body: importBody, limitMB: 8 },
  '/stands/:standId/laboratory-orders': { method: 'post', body: orderBody },
  '/stands/:standId/readings': { method: 'post', body: readingBody },
  '/stands/:standId/events': { method: 'post', body: eventBody },
  '/stands/:standId/looks': { method: 'post', body: lookBody },
  '/stands/:standId/acid-plans': { method: 'post', body: acidPlanBody },
  '/cases/:caseId/checks': { method: 'post', body: checkBody },
  '/cases/:caseId/practices': {
    method: 'post',
    body: () => ({ ids: [newId(), newId()], practiceId: 'fungicide-pair', dueOn: '2025-06-08' }),
  },
  '/cases/:caseId/remedies': { method: 'post', body: remedyBody },
  '/cases/:caseId': { method: 'patch', body: () => closing },
  '/places/:placeId/products': { method: 'post', body: productBody },
  '/places/:placeId/product-imports': {
    method: 'post',
    body: () => ({ products: [productBody()] }),
  },
  '/products/:productId': { method: 'patch', body: changedProduct },
  '/places/:placeId/sprayers': { method: 'post', body: sprayerBody },
  '/sprayers/:sprayerId': { method: 'patch', body: changedSprayer },
  '/stands/:standId/advice': {
    method: 'post',
    body: () => ({ id: newId(), givenOn: '2025-06-03', words: 'Lower the pH first.' }),
  },
  '/places/:placeId/drills': { method: 'post', body: drillBody },
  '/places/:placeId/own-drills': { method: 'post', body: ownDrillBody },
  '/places/:placeId/eye-sittings': { method: 'post', body: eyeSittingBody },
  '/places/:placeId/jar-tests': { method: 'post', body: jarTestBody },
  '/stands/:standId': { method: 'patch', body: changedStand },
  '/places/:placeId/moves': {
    method: 'post',
    body: () => ({ moves: [{ jobId: ids['jobId'], from: '2025-06-03', to: '2025-06-04' }] }),
  },
  '/places/:placeId/orders': { method: 'post', body: buyBody },
  '/photos/:photoId/measure': { method: 'post', body: measureBody },
  '/stands/:standId/trials': { method: 'post', body: trialBody },
  '/trials/:trialId/ratings': {
    method: 'post',
    body: () => ({ ratings: [{ id: newId(), plot: 2, ratedOn: '2025-06-01', value: 6 }] }),
  },
  '/stands/:standId/zones': { method: 'post', body: zoneBody },
  '/zones/:zoneId': { method: 'patch', body: () => ({ score: 4 }) },
  '/things/:kind/:id': {
    method: 'patch',
    body: () => ({ version: 1, reason: 'typed wrongly', changes: { value: 7.2 } }),
  },
  '/places/:placeId/taken-back': { method: 'post', body: () => ({ groupId: ids['groupId'] }) },
  '/places/:placeId/files-taken-back': {
    method: 'post',
    body: () => ({ kind: 'reading', id: ids['importedId'], reason: 'another field' }),
  },
  '/places/:placeId/put-together': {
    method: 'post',
    body: () => ({ otherId: ids['otherPlaceId'], reason: 'entered twice' }),
  },
  '/places/:placeId/intakes': { method: 'post', body: intakeBody, limitMB: 8 },
  '/stands/:standId/merged': {
    method: 'post',
    body: () => ({ otherId: ids['otherStandId'], reason: 'entered twice' }),
  },
  '/cases/:caseId/reopened': { method: 'patch', body: () => ({ reason: 'pale again' }) },
  '/jobs/:jobId': { method: 'patch', body: () => ({ dueOn: '2025-06-09' }) },
  '/jobs/:jobId/taken': { method: 'post', body: () => ({ isMine: true }) },
  '/jobs/:jobId/under-way': { method: 'post', body: () => ({ since: null }) },
  '/jobs/:jobId/ticks': { method: 'post', body: () => ({ part: 'fill', number: 1, isTicked: true, at: '2025-06-06T06:00:00.000Z' }) }, // prettier-ignore
  '/jobs/:jobId/entries': { method: 'post', body: entryBody },
  '/entries/:entryId/corrections': { method: 'post', body: correctionBody },
} satisfies Readonly<
  Record<string, { method: 'post' | 'patch'; body: () => object; limitMB?: number }>
>
export type WritingPath = keyof typeof writingRoutes
export const writingPaths = Object.keys(writingRoutes) as WritingPath[]

const ids: Record<string, string> = {}
/** Makes one of everything at a place of its own. @returns their ids, by the names that paths have for them */
export async function oneOfEach(): Promise<Readonly<Record<string, string>>> {
  const { stand, caseId, applyJobId } = await standWithRemedy()
  await practiseAt(stand.placeId)
  const other = await standWithRemedy(stand.placeId)
  const { id: entryId } = await post<{ id: string }>(
    `/jobs/${other.applyJobId}/entries`,
    entryBody(),
  )
  const greened = await standWithRemedy(stand.placeId)
  await post(`/jobs/${greened.applyJobId}/entries`, entryBody())
  await patch(`/cases/${greened.caseId}`, { outcome: 'green', closedOn: '2025-06-15', note: '' })
  const { id: productId } = await post<{ id: string }>(
    `/places/${stand.placeId}/products`,
    productBody(),
  )
  const { id: sprayerId } = await post<{ id: string }>(
    `/places/${stand.placeId}/sprayers`,
    sprayerBody(),
  )
  const { id: linkId } = await post<{ id: string }>(
    `/places/${stand.placeId}/record-links`,
    recordLinkBody(),
  )
  const { id: trialId } = await post<{ id: string }>(`/stands/${stand.id}/trials`, trialBody())
  const { id: zoneId } = await post<{ id: string }>(`/stands/${stand.id}/zones`, zoneBody())
  const photo = await api
    .post(`/api/stands/${stand.id}/photos?id=${newId()}&fileName=leaf.jpg`)
    .set('content-type', 'image/jpeg')
    .send(jpeg())
  const reading = await post<{ id: string }>(`/stands/${stand.id}/readings`, readingBody())
  const { id: northId } = await post<{ id: string }>(
    `/places/${stand.placeId}/stands`,
    // The only one of its name: a row of a file must find one stand.
    { ...standBody(), name: 'North bed' },
  )
  await post(`/places/${stand.placeId}/intakes`, intakeBody())
  const north = await storyOf(northId)
  const { id: orderId } = await post<{ id: string }>(
    `/stands/${stand.id}/laboratory-orders`,
    orderBody(),
  )
  const { id: otherPlaceId } = await post<{ id: string }>('/places', placeBody())
  const twin = await post<{ id: string }>(`/places/${stand.placeId}/stands`, standBody())
  const groupId = newId()
  await api
    .patch(`/api/stands/${stand.id}`)
    .set(changeHeader, groupId)
    .send({ note: 'by the gate' })
  return {
    kind: 'reading',
    ...{ personId: newId(), invitationId: newId(), tokenId: newId(), token: 'none' },
    ...{ subscriptionId: newId(), intakeId: newId(), sessionId: newId(), passkeyId: newId() },
    id: reading.id,
    otherStandId: twin.id,
    otherPlaceId,
    importedId: north.readings[0]?.id ?? '',
    groupId,
    orderId,
    trialId,
    zoneId,
    photoId: (photo.body as { id: string }).id,
    productId,
    sprayerId,
    linkId,
    placeId: stand.placeId,
    standId: stand.id,
    caseId,
    greenCaseId: greened.caseId,
    jobId: applyJobId,
    entryId,
  }
}

/** Makes one of everything, so that every route has something to write to. */
export const makeOneOfEach = () =>
  beforeAll(async () => {
    Object.assign(ids, await oneOfEach())
  })

/** The ids of {@link makeOneOfEach}, by the names that paths have for them. */
export const ownIds = (): Readonly<Record<string, string>> => ids

/** The address of a path with some ids in it. */
export const addressIn = (known: Readonly<Record<string, string>>, path: string): string =>
  `/api${path.replace(/:(\w+)/g, (_, name: string) => {
    const id = known[name]
    if (id === undefined) throw new Error(`no ${name} is made`)
    return id
  })}`

export const addressOf = (path: string): string => addressIn(ids, path)
