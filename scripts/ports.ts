import { createServer } from 'node:net'

/** A port of the loopback that nobody listens on: the one wished for, else any. */
export function freePort(wished: number): Promise<number> {
  const tryPort = (port: number) =>
    new Promise<number>((resolve, reject) => {
      const server = createServer()
      server.once('error', reject)
      server.listen(port, '127.0.0.1', () => {
        const address = server.address()
        const got = typeof address === 'object' && address ? address.port : port
        server.close(() => resolve(got))
      })
    })
  return tryPort(wished).catch(() => tryPort(0))
}
