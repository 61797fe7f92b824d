import type { Server } from 'node:http'

/** How long what is being answered may take before it is cut [ms]. */
const patienceMs = 15_000
const betweenMs = 25

/**
 * Stops a server that lets what it is answering come to its end: takes no new connection, and lets go
 * of each that stands idle.
 */
export function drainable(server: Server): { readonly drain: () => Promise<void> } {
  let working = 0
  let isStopping = false
  // Before whoever answers: what is answered at once has no head to write into any more.
  server.prependListener('request', (_request, response) => {
    working += 1
    // A browser that keeps its connection would send the next request into the end of the process.
    if (isStopping) response.setHeader('connection', 'close')
    response.once('close', () => {
      working -= 1
    })
  })
  return {
    drain: async () => {
      isStopping = true
      const closed = new Promise<void>((resolve) => server.close(() => resolve()))
      const end = Date.now() + patienceMs
      while (working > 0 && Date.now() < end) {
        server.closeIdleConnections()
        await new Promise((resolve) => setTimeout(resolve, betweenMs))
      }
      server.closeAllConnections()
      await closed
    },
  }
}
