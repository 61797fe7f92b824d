import { Agent, request } from 'node:http'
import type { FuzzRequest } from './requests.ts'

export interface Answered {
  readonly status: number
  readonly type: string
  readonly body: string
  readonly ms: number
}

const agent = new Agent({ keepAlive: true, maxSockets: 16 })
const patienceMs = 20_000

/** Sends a request as it stands; a path that is no address goes out as it is. */
export function send(url: string, { method, path, headers, body }: FuzzRequest): Promise<Answered> {
  const { hostname, port } = new URL(url)
  const from = performance.now()
  return new Promise((resolve, reject) => {
    const length = body === undefined ? {} : { 'content-length': Buffer.byteLength(body) }
    const asked = request(
      // A space or a control character would end the line: the client refuses to send it at all.

      {
        agent,
        hostname,
        port,
        method,
        path: path.replace(/[\0-\x20\x7f]/g, '+'),
        headers: { ...headers, ...length },
      },
      (response) => {
        const parts: Buffer[] = []
        response.on('data', (part: Buffer) => parts.push(part))
        response.on('error', reject)
        response.on('end', () =>
          resolve({
            status: response.statusCode ?? 0,
            type: String(response.headers['content-type'] ?? ''),
            body: Buffer.concat(parts).toString('utf8'),
            ms: performance.now() - from,
          }),
        )
      },
    )
    asked.setTimeout(patienceMs, () => asked.destroy(new Error('no answer')))
    asked.on('error', reject)
    if (body !== undefined) asked.write(body)
    asked.end()
  })
}
