import { serveWeather } from '../sim/src/weather/index.ts'
import { freePort } from './ports.ts'

/** npm run weather: plays a weather service at an address, to try the setting with. */
const port = await freePort(5170)
serveWeather().listen(port, '127.0.0.1', () => {
  process.stdout.write(`Made-up weather at http://127.0.0.1:${port}/hours (stop with Ctrl-C)\n`)
})
