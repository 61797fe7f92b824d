import type { LaboratoryService } from '@spudder/contract/laboratory'
import type { LeafMeterService, MeterService } from '@spudder/contract/meter'
import type { WeatherService } from '@spudder/contract/weather'
import compression from 'compression'
import express, { type Express } from 'express'
import helmet from 'helmet'
import { randomUUID } from 'node:crypto'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { pinoHttp } from 'pino-http'
import type { Logger } from 'pino'
import { acidPlanRoutes } from '../acid-plan/acid-plan.routes.ts'
import { caseRoutes } from '../case/case.routes.ts'
import type { Database } from '../database/connect.ts'
import { entryRoutes } from '../entry/entry.routes.ts'
import { jarTestRoutes } from '../jar-test/jar-test.routes.ts'
import { jobRoutes } from '../job/job.routes.ts'
import { laboratoryRoutes } from '../laboratory/laboratory.routes.ts'
import { lookRoutes } from '../look/look.routes.ts'
import { meterRoutes } from '../meter/meter.routes.ts'
import { photoRoutes, sendPhoto } from '../photo/photo.routes.ts'
import { sendCalendar } from '../planning/calendar-feed.ts'
import { planningRoutes } from '../planning/planning.routes.ts'
import { placeRoutes } from '../place/place.routes.ts'
import { productRoutes } from '../shelf/product.routes.ts'
import { readingRoutes } from '../reading/reading.routes.ts'
import { remedyRoutes } from '../remedy/remedy.routes.ts'
import { sprayerRoutes } from '../sprayer/sprayer.routes.ts'
import { standRoutes } from '../stand/stand.routes.ts'
import { storyRoutes } from '../story/story.routes.ts'
import { trialRoutes } from '../trial/trial.routes.ts'
import { weatherRoutes } from '../weather/weather.routes.ts'
import { zoneRoutes } from '../zone/zone.routes.ts'
import { describeRoutes } from './openapi.ts'
import { problemHandler } from './problem.ts'
import { identifyActor } from './recorder.ts'
import { mountRoutes, type AnyRoute } from './route.ts'
import { ServiceError } from './service-error.ts'

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
  readonly actor: string
  readonly logger: Logger
  /** The built interface; absent in tests of the API alone. */
  readonly webFolder?: string
}

/** Every route of the API. */
function allRoutes(db: Database, services: OutsideServices): readonly AnyRoute[] {
  return [
    ...placeRoutes(db),
    ...standRoutes(db),
    ...readingRoutes(db),
    ...storyRoutes(db),
    ...lookRoutes(db),
    ...caseRoutes(db),
    ...remedyRoutes({ db, weather: services.weather }),
    ...acidPlanRoutes(db),
    ...productRoutes(db),
    ...sprayerRoutes(db),
    ...jarTestRoutes(db),
    ...jobRoutes(db),
    ...entryRoutes({ db, weather: services.weather }),
    ...planningRoutes(db),
    ...photoRoutes(db),
    ...trialRoutes(db),
    ...zoneRoutes(db),
    ...meterRoutes(db, services.meter),
    ...laboratoryRoutes(db, services.laboratory),
    ...weatherRoutes(db, services.weather),
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
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y' }))
  app.use(express.static(folder, { index: false }))
  app.get('/{*any}', (_request, response) => response.sendFile(page))
}

/** The whole server as one Express application, without listening yet. */
export function createApp({ db, services, actor, logger, webFolder }: AppParts): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(
    pinoHttp({ logger, genReqId: () => randomUUID(), quietReqLogger: true, autoLogging: false }),
  )
  app.use(helmet({ contentSecurityPolicy: contentSecurity, strictTransportSecurity: false }))
  app.use(compression())
  const api = express.Router()
  api.use(identifyActor(actor))
  const routes = allRoutes(db, services)
  const description = describeRoutes(routes)
  api.get('/openapi.json', (_request, response) => void response.json(description))
  api.get('/photos/:photoId', sendPhoto(db))
  api.get('/places/:placeId/calendar.ics', sendCalendar(db))
  mountRoutes(api, routes)
  api.use(() => {
    throw new ServiceError('not-found', 'There is no such route; see /api/openapi.json.')
  })
  app.use('/api', api)
  if (webFolder && existsSync(webFolder)) serveWeb(app, webFolder)
  app.use(problemHandler)
  return app
}
