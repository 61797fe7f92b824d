import type { CreateAcidPlanDto } from '@spudder/contract/acid-plan'
import type { Role } from '@spudder/contract/access'
import { practiceDevices, type PlaceDto } from '@spudder/contract/place'
import type { ProblemDto } from '@spudder/contract/problem'
import type { RemedyDto } from '@spudder/contract/remedy'
import type { StandDto, StandStoryDto } from '@spudder/contract/stand'
import { SimulatedLaboratory } from '@spudder/sim/laboratory'
import { SimulatedMeter } from '@spudder/sim/meter'
import { SimulatedWeather } from '@spudder/sim/weather'
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { pino } from 'pino'
import supertest from 'supertest'
import { openDatabase } from '../database/connect.ts'
import { makeOwner, newPerson } from '../access/make-owner.ts'
import { insertPerson, putMembership } from '../access/membership.repository.ts'
import { selectAlone } from '../access/session.repository.ts'
import { beginSession } from '../access/session.service.ts'
import { createApp } from '../app.ts'
import { recordedBy, recorderAt } from '../recorder/recorder.ts'

function setting(name: string): string {
  const value = process.env[name]
  if (value === undefined) throw new Error(`${name} is not set: start these with npm test -- api`)
  return value
}

// Opened once for all files, which share it; it ends with the process.
const { db: database } = await openDatabase({
  port: Number(setting('SPUDDER_DB_PORT')),
  user: 'spudder',
  password: readFileSync(setting('SPUDDER_DB_PASSWORD_FILE'), 'utf8'),
  database: 'spudder',
})

/** The database of the tests, for looking at what is really stored. */
export const db = database

/** The stand-ins that the application is served with. */
export const services = {
  weather: new SimulatedWeather(),
  meter: new SimulatedMeter(),
  laboratory: new SimulatedLaboratory(),
}

await makeOwner(db, 'Tess Marlow')

/** What the application of the tests stands on: on a private machine, where Tess Marlow works alone. */
export const parts = { db, services, isPrivate: true, logger: pino({ level: 'silent' }) } as const
const app = createApp(parts)

/** A client of the API, asked for no sign-in. */
export const api = supertest(app)

/** Makes Tess Marlow the owner of a place that came in past the API. */
export async function ownedByTess(placeId: string): Promise<void> {
  const tess = await selectAlone(db)
  if (!tess) throw new Error('nobody works alone here')
  const recorded = recordedBy(recorderAt(tess.name, new Date()))
  await putMembership(db, {
    personId: tess.id,
    placeId,
    role: 'owner',
    untilDay: null,
    ...recorded,
  })
}

/** Somebody who works at a place, signed in: a client of the API. */
export async function clientOf(
  name: string,
  placeId: string,
  role: Role = 'manager',
  server = app,
) {
  const recorder = recorderAt('Tess Marlow', new Date())
  const person = newPerson(recorder, name)
  await insertPerson(db, person)
  await putMembership(db, { personId: person.id, placeId, role, untilDay: null, ...recordedBy(recorder) }) // prettier-ignore
  const from = { address: '127.0.0.1', device: 'a test' }
  const { secret } = await beginSession(db, person.id, from)
  return supertest.agent(server).set('cookie', `spudder=${secret}`)
}

export const newId = (): string => randomUUID()

/** What was answered, which must be of the status expected. */
async function answer<Answer>(asked: supertest.Test, status: number): Promise<Answer> {
  const { body, status: got } = await asked
  if (got !== status) throw new Error(`expected ${status}, got ${got}: ${JSON.stringify(body)}`)
  return body as Answer
}

export const get = <Answer>(path: string) => answer<Answer>(api.get(`/api${path}`), 200)
export const post = <Answer>(path: string, body: object) =>
  answer<Answer>(api.post(`/api${path}`).send(body), 201)
export const patch = <Answer>(path: string, body: object) =>
  answer<Answer>(api.patch(`/api${path}`).send(body), 200)
/** The problem that a request which must not be done is answered with. */
export const refused = (method: 'post' | 'patch', path: string, body: object, status: number) =>
  answer<ProblemDto>(api[method](`/api${path}`).send(body), status)

export const storyOf = (standId: string) => get<StandStoryDto>(`/stands/${standId}`)

export const placeBody = () => ({
  id: newId(),
  name: `Test place ${newId().slice(0, 8)}`,
  unitSystem: 'us',
  climate: 'temperate',
})
export const standBody = () => ({
  id: newId(),
  name: 'South lawn',
  context: 'turf',
  plantId: 'bermudagrass',
  size: { kind: 'area', areaM2: 1000 },
})
export const lookBody = () => ({
  id: newId(),
  lookedOn: '2025-06-01',
  findings: { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3', roots: 'white' },
  paint: { 'leaf-12': { severity: 3, pattern: 'fine-green-veins' } },
})
export const readingBody = (value = 7.8) => ({
  id: newId(),
  kind: 'pH',
  value,
  method: 'meter',
  takenOn: '2025-05-20',
})
export const remedyBody = () => ({
  id: newId(),
  causeId: 'iron-tied-up-by-pH',
  route: 'soil',
  sourceId: 'fe-eddha',
  rateId: 'soil-eddha-watered-in',
  rateValue: 2,
  carrierValue: 5,
  tankL: 200,
  contentShare: 0.06,
  applyOn: '2025-06-03',
})
export const productBody = () => ({
  id: newId(),
  name: 'Crystals, 50 lb',
  sourceId: 'ferrous-sulfate',
  label: {
    analysis: { Fe: '20', S: '11.5' },
    chelated: '',
    waterSoluble: '',
    orthoOrtho: '',
    derivedFrom: 'ferrous sulfate',
  },
  packPrice: 30,
  packKg: 22.68,
  stockKg: 40,
  lot: 'A-17',
  labelMaximum: { value: 4, unit: 'oz/1000 ft2' },
  stain: 'rust',
  organic: 'unknown',
  hazards: 'Harmful when swallowed.',
  note: 'Shed.',
})
export const sprayerBody = () => ({
  id: newId(),
  name: 'Blue backpack',
  setup: {
    kind: 'boom',
    tankL: 400,
    nozzleKind: 'flat-fan',
    nozzleSize: '03',
    nozzleCount: 12,
    spacingM: 0.5,
    pressureBar: 3,
    speedKmPerH: 6,
  },
})
export const trialBody = (replicates = 4) => ({
  id: newId(),
  name: 'Iron on the lawn',
  design: {
    layout: 'blocks',
    factors: [{ name: 'iron', levels: ['none', 'sulfate', 'EDDHA'] }],
    replicates,
  },
  seed: 0.42,
  plotLengthM: 2,
  plotWidthM: 1,
  scale: 'turfColour',
  startedOn: '2025-05-01',
})
export const zoneBody = () => ({
  id: newId(),
  name: 'Brow',
  outline: [[0, 0], [40, 0], [40, 25]], // prettier-ignore
  score: 3.5,
  scoredOn: '2025-06-01',
})
export const measureBody = () => ({
  darkGreenIndex: 0.48,
  doubt: 0.02,
  greenness: 0.66,
  greennessDoubt: 0.03,
  cover: 0.7,
  veinContrast: 0.03,
  severityShares: [0.4, 0.3, 0.2, 0.1, 0, 0],
  remarks: [] as string[],
  isComparable: true,
  dabs: [],
  part: 'whole' as 'whole' | 'untreated',
})
/** A plant of turf that is short of nitrogen, taken for one that is short of iron. */
export const drillBody = () => ({
  id: newId(),
  kind: 'look' as const,
  context: 'turf' as const,
  plantId: 'creeping-bentgrass',
  causeId: 'nitrogen-short',
  against: 'iron-tied-up-by-pH',
  seed: 0.42,
  saidId: 'iron-tied-up-by-pH',
  asked: [],
  answeredOn: '2025-05-03',
})
/** Eight pictures of turf, rated in whole steps. */
export const eyeSittingBody = () => ({
  id: newId(),
  scale: 'turfColour' as const,
  ratedOn: '2025-05-03',
  seed: 0.37,
  said: [6, 4, 7, 5, 3, 8, 6, 2],
  screen: 'office screen',
})
export const jarTestBody = () => ({
  id: newId(),
  sourceId: 'ferrous-sulfate',
  kindId: 'urea',
  partnerName: 'Urea',
  testedOn: '2025-05-02',
  outcome: 'clear',
  note: '',
})
/** Two steps of sulfur onto turf, within its limits. */
export const acidPlanBody = (): CreateAcidPlanDto => ({
  id: newId(),
  startsOn: '2025-05-20',
  fromPH: 7.4,
  pHDoubt: 0.1,
  targetPH: 6.5,
  situation: 'turf',
  ground: { texture: 'sandy-loam', fizz: 'none', depthM: 0.1 },
  water: { mmPerYear: 200, alkalinityMgPerLCaCO3: 120 },
  steps: [
    { id: newId(), day: '2025-06-01', sourceId: 'sulfur-granules', kgPerM2: 0.02 },
    { id: newId(), day: '2025-10-10', sourceId: 'sulfur-granules', kgPerM2: 0.02 },
  ],
  retests: [{ id: newId(), day: '2026-05-31' }],
  note: '',
})
export const entryBody = (productKg = 0.6) => ({
  id: newId(),
  happenedOn: '2025-06-03',
  productKg,
  waterL: 2000,
})

/** Switches every stand-in of a place on. */
export const practiseAt = (placeId: string) =>
  patch<PlaceDto>(`/places/${placeId}/settings`, { practice: practiceDevices })

export const newPlace = () => post<PlaceDto>('/places', placeBody())
export async function newStand(change: object = {}): Promise<StandDto> {
  const { id } = await newPlace()
  return post<StandDto>(`/places/${id}/stands`, { ...standBody(), ...change })
}

/** A stand with a look, a pH and a remedy planned; at a place of its own where none is given. */
export async function standWithRemedy(placeId?: string) {
  const stand =
    placeId === undefined
      ? await newStand()
      : await post<StandDto>(`/places/${placeId}/stands`, standBody())
  await post(`/stands/${stand.id}/readings`, readingBody())
  await post(`/stands/${stand.id}/looks`, lookBody())
  const [openCase] = (await storyOf(stand.id)).cases
  const caseId = openCase?.id ?? ''
  const remedy = await post<RemedyDto>(`/cases/${caseId}/remedies`, remedyBody())
  const { jobs } = await storyOf(stand.id)
  const jobOf = (kind: string) => jobs.find((job) => job.kind === kind)?.id ?? ''
  return { stand, caseId, remedy, applyJobId: jobOf('apply'), lookJobId: jobOf('look') }
}
