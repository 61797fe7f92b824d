import type { LaboratoryService } from '@spudder/contract/laboratory'
import type { LeafMeterService, MeterService } from '@spudder/contract/meter'
import type { WeatherService } from '@spudder/contract/weather'
import compression from 'compression'
import express, { type Express, type RequestHandler } from 'express'
import helmet from 'helmet'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import sirv from 'sirv'
import type { Logger } from 'pino'
import { Attempts } from './access/attempts.repository.ts'
import { identifyVisitor } from './access/visitor.ts'
import { watchOver } from './access/watch.ts'
import { serveAcidPlans } from './acid-plan/acid-plan.routes.ts'
import { serveAdvice } from './advice/advice.routes.ts'
import { serveCases } from './case/case.routes.ts'
import type { Database } from './database/connect.ts'
import { againWithin } from './database/database-fault.ts'
import { serveEntries } from './entry/entry.routes.ts'
import { serveArchives } from './archive/archive.routes.ts'
import { serveHistory } from './history/history.routes.ts'
import { serveIntakes } from './intake/intake.routes.ts'
import { serveDrills } from './drill/drill.routes.ts'
import { serveEyes } from './eye/eye.routes.ts'
import { servePrecedents } from './precedent/precedent.routes.ts'
import { serveSeasonReviews } from './season-review/season-review.routes.ts'
import { serveLearning } from './learning/learning.routes.ts'
import { serveJarTests } from './jar-test/jar-test.routes.ts'
import { serveEstate } from './estate/estate.routes.ts'
import { noteChange } from './overview/overview.repository.ts'
import { serveDay } from './day/day.routes.ts'
import { serveNotices } from './notice/notice.routes.ts'
import { serveOverview } from './overview/overview.routes.ts'
import { serveSchedule } from './schedule/schedule.routes.ts'
import { serveLaboratory } from './laboratory/laboratory.routes.ts'
import { serveLooks } from './look/look.routes.ts'
import { serveMeters } from './meter/meter.routes.ts'
import { servePeople } from './person/person.routes.ts'
import { servePhotos } from './photo/photo.routes.ts'
import { servePush } from './push/push.routes.ts'
import type { Pusher } from './push/pusher.ts'
import { servePlanning } from './planning/planning.routes.ts'
import { servePlaces } from './place/place.routes.ts'
import { serveProducts } from './shelf/product.routes.ts'
import { serveRecordLinks } from './record-link/record-link.routes.ts'
import { serveReadings } from './reading/reading.routes.ts'
import { serveRemedies } from './remedy/remedy.routes.ts'
import { serveSearch } from './search/search.routes.ts'
import { serveSprayers } from './sprayer/sprayer.routes.ts'
import { serveStands } from './stand/stand.routes.ts'
import { serveStory } from './story/story.routes.ts'
import { serveTicks } from './tick/tick.routes.ts'
import { serveTrials } from './trial/trial.routes.ts'
import { serveWeather } from './weather/weather.routes.ts'
import { serveZones } from './zone/zone.routes.ts'
import { ownHostsOnly } from './http/door.ts'
import { health } from './http/health.ts'
import { Metrics, observed } from './http/observe.ts'
import { describeRoutes } from './http/openapi.ts'
import { problemHandler } from './http/problem.ts'
import { mountRoutes, type ServedRoute } from './http/route.ts'
import { ServiceError } from './problem/service-error.ts'

/** Devices and services outside; stand-ins until a real one is plugged in. */
export interface OutsideServices {
  readonly weather: WeatherService
  readonly meter: MeterService & LeafMeterService
  readonly laboratory: LaboratoryService
}

/** What the application stands on. */
export interface AppParts {
  readonly db: Database
  readonly services: OutsideServices
  readonly logger: Logger
  /** How long a request waits for another server of the database when one is gone [ms]; not at all unless said. */
  readonly patienceMs?: number
  /** Whether the database answers; taken to do so where nobody asks. */
  readonly isReady?: () => Promise<boolean>
  /** Names beside this machine's own under which it is opened. */
  readonly hosts?: readonly string[]
  /** Addresses of proxies in front, whose word for where a request came from is taken. */
  readonly trustedProxies?: readonly string[]
  /** Whether people find it under https from elsewhere: browsers are told to keep to it. */
  readonly isHttpsOnly?: boolean
  /** Whether only this machine can reach it, so that who works alone need not sign in; it is not unless said. */
  readonly isPrivate?: boolean
  /** Whether it is the demo, which can be looked at through the eyes of everybody in it. */
  readonly isDemo?: boolean
  /** Whether letters are sent. */
  readonly canMail?: boolean
  /** How devices are told things; none are unless it is given. */
  readonly pusher?: Pusher | undefined
  /** The built interface; absent in tests of the API alone. */
  readonly webFolder?: string
}

/** Every route of the API. */
function allRoutes({ db, services, ...parts }: AppParts): readonly ServedRoute[] {
  const { isDemo = false, isPrivate = false, canMail = false } = parts
  return [
    ...servePeople({ db, attempts: new Attempts(db), isDemo, isPrivate, canMail }),
    ...servePlaces(db),
    ...serveStands(db),
    ...serveEstate(db),
    ...serveOverview(db),
    ...serveSearch(db),
    ...serveReadings(db),
    ...serveStory(db),
    ...serveLooks(db),
    ...serveAdvice(db),
    ...serveCases(db),
    ...serveRemedies({ db, weather: services.weather }),
    ...serveAcidPlans(db),
    ...serveProducts(db),
    ...serveSprayers(db),
    ...serveEyes(db),
    ...serveDrills(db),
    ...serveLearning(db),
    ...servePrecedents(db),
    ...serveSeasonReviews(db),
    ...serveJarTests(db),
    ...serveSchedule(db),
    ...serveRecordLinks(db),
    ...serveEntries({ db, weather: services.weather }),
    ...servePlanning(db),
    ...serveDay({ db, weather: services.weather }),
    ...serveNotices({ db, weather: services.weather }),
    ...servePush({ db, pusher: parts.pusher }),
    ...servePhotos(db),
    ...serveTicks(db),
    ...serveTrials(db),
    ...serveZones(db),
    ...serveHistory(db),
    ...serveArchives(db),
    ...serveIntakes(db),
    ...serveMeters(db, services.meter),
    ...serveLaboratory(db, services.laboratory),
    ...serveWeather(db, services.weather),
  ]
}

const contentSecurity = {
  useDefaults: true,
  directives: {
    // The solver of the planner is WebAssembly that ships with the page.
    'script-src': ["'self'", "'wasm-unsafe-eval'"],
    // The component library writes its styles at run time.
    'style-src': ["'self'", "'unsafe-inline'"],
    'img-src': ["'self'", 'data:', 'blob:'],
    'connect-src': ["'self'"],
    'worker-src': ["'self'"],
    // Served over plain HTTP on loopback: an upgrade would break it.
    'upgrade-insecure-requests': null,
  },
}

function serveWeb(app: Express, folder: string): void {
  const page = join(folder, 'index.html')
  // The build packed every file already: packing them at each load costs what the page waits for.
  const packed = { gzip: true, brotli: true }
  const assets = join(folder, 'assets')
  app.use('/assets', sirv(assets, { ...packed, immutable: true, maxAge: 365 * 86_400 }))
  // A page of an older build asks for files that are gone: it is told so, and given no page for code.
  app.use('/assets', (_request, response) => void response.sendStatus(404))
  app.use(sirv(folder, { ...packed, extensions: [], maxAge: 0, etag: true }))
  app.get('/{*any}', (_request, response) => response.sendFile(page))
}

/** So long a browser keeps to https once it was told to [s]. */
const yearS = 365 * 86_400

/** Quick rather than small: answers are packed for each who asks. */
const packLevel = 1
const pack = compression({ level: packLevel })
/** On this machine packing takes longer than sending; whoever asks from elsewhere waits for the line. */
const packed: RequestHandler = (request, response, next) => {
  const isHere = /^(::ffff:)?127\.|^::1$/.test(request.socket.remoteAddress ?? '')
  if (isHere) next()
  else pack(request, response, next)
}

/** What data are sent with: they are no page, and nobody keeps a copy of them on the way. */
const forData = {
  'cache-control': 'no-store',
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
  'cross-origin-resource-policy': 'same-origin',
  'referrer-policy': 'no-referrer',
  'x-content-type-options': 'nosniff',
}

/** The whole server as one Express application, without listening yet. */
export function createApp(parts: AppParts): Express {
  const { db, logger, webFolder, hosts = [], isPrivate = false, trustedProxies = [] } = parts
  const { isReady = () => Promise.resolve(true) } = parts
  const app = express()
  app.disable('x-powered-by')
  app.disable('etag')
  app.set('trust proxy', [...trustedProxies])
  const metrics = new Metrics()
  app.use(observed(logger, metrics))
  app.use(ownHostsOnly(hosts))
  app.use(health(isReady, metrics))
  app.use(packed)
  const api = express.Router()
  api.use((_request, response, next) => {
    response.set(forData)
    next()
  })
  const again = againWithin(parts.patienceMs ?? 0)
  api.use(identifyVisitor(db, { isPrivate, again }))
  const served = allRoutes(parts)
  const routes = served.map(({ route }) => route)
  const description = describeRoutes(routes)
  api.get('/openapi.json', (_request, response) => void response.json(description))
  mountRoutes(api, served, {
    watch: watchOver(db, routes, (placeId) => noteChange(db, placeId)),
    again,
  })
  api.use(() => {
    throw new ServiceError('not-found', 'There is no such route; see /api/openapi.json.')
  })
  app.use('/api', api)
  // Other names under the operator's own are none of Spudder's business.
  const transport = parts.isHttpsOnly ? { maxAge: yearS, includeSubDomains: false } : false
  app.use(helmet({ contentSecurityPolicy: contentSecurity, strictTransportSecurity: transport }))
  if (webFolder && existsSync(webFolder)) serveWeb(app, webFolder)
  app.use(problemHandler(logger))
  return app
}
