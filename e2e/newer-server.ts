import { createServer, request } from 'node:http'
import { freePort } from '../scripts/ports.ts'

/** A server at an address of its own, from which a newer version of the app can be given. */
export interface NewerServer {
  readonly url: string
  /** From now on its worker is another one. */
  readonly renew: () => void
  readonly stop: () => void
}

/** Passes everything on to a server, but for the worker once that is a newer one. */
export async function newerServer(url: string, wishedPort: number): Promise<NewerServer> {
  const { hostname, port } = new URL(url)
  let isNewer = false
  const server = createServer((asked, answer) => {
    const isChanged = isNewer && asked.url === '/service-worker.js'
    const { 'if-none-match': known, 'accept-encoding': packed, ...plain } = asked.headers
    // A newer one is to come whole and readable, for a line is added to it.
    const headers = isChanged
      ? plain
      : {
          ...plain,
          ...(known && { 'if-none-match': known }),
          ...(packed && { 'accept-encoding': packed }),
        }
    const passed = request(
      { hostname, port, path: asked.url, method: asked.method, headers },
      (got) => {
        const { 'content-length': length, ...rest } = got.headers
        const isAsItWas = !isChanged && length !== undefined
        answer.writeHead(got.statusCode ?? 502, {
          ...rest,
          ...(isAsItWas && { 'content-length': length }),
        })
        got.pipe(answer, { end: !isChanged })
        if (isChanged) got.on('end', () => answer.end('\n// A newer one.\n'))
      },
    )
    passed.on('error', () => answer.destroy())
    asked.pipe(passed)
  })
  const own = await freePort(wishedPort)
  await new Promise<void>((listening) => server.listen(own, '127.0.0.1', listening))
  return {
    url: `http://127.0.0.1:${own}`,
    renew: () => (isNewer = true),
    stop: () => {
      server.close()
      server.closeAllConnections()
    },
  }
}
