import { buildWeb } from './build-web.ts'

// `npm run build`: the interface, for who starts the server alone.
await buildWeb()
