import { createECDH, createPublicKey, randomBytes, verify } from 'node:crypto'
import { once } from 'node:events'
import type { IncomingMessage } from 'node:http'
import { createServer } from 'node:https'
import type { AddressInfo } from 'node:net'
import { generate } from 'selfsigned'
import { opened, type PushSecrets } from './opened.ts'

/** What a browser would hand on to whoever may push to it. */
export interface PracticeSubscription {
  readonly endpoint: string
  readonly keys: { readonly p256dh: string; readonly auth: string }
}

/** A push service that shows nothing on any screen. */
export interface SimulatedPush {
  /** The authority of its certificate (PEM). */
  readonly ca: string
  /** A browser that lets itself be pushed to by whoever has a key. */
  readonly subscribe: (applicationKey: string) => PracticeSubscription
  /** What came for a subscription, opened. */
  readonly receivedAt: (endpoint: string) => readonly string[]
  /** The browser is gone: what comes for it is answered with 410. */
  readonly drop: (endpoint: string) => void
  readonly stop: () => Promise<void>
}

interface Box {
  readonly secrets: PushSecrets
  readonly applicationKey: string
  readonly received: string[]
  isGone: boolean
}

async function bodyOf(request: IncomingMessage): Promise<Buffer> {
  const all: Buffer[] = []
  for await (const part of request) all.push(part as Buffer)
  return Buffer.concat(all)
}

/** Whether a request shows that the key sent it for which the browser subscribed, and for this service (RFC 8292). */
function isSigned(header: string, { applicationKey }: Box, origin: string): boolean {
  const [, token, key] = /^vapid t=([\w.-]+), ?k=([\w-]+)$/.exec(header) ?? []
  if (token === undefined || key !== applicationKey) return false
  const [head = '', claims = '', signature = ''] = token.split('.')
  const { aud, exp } = JSON.parse(Buffer.from(claims, 'base64url').toString()) as {
    readonly aud?: string
    readonly exp?: number
  }
  const point = Buffer.from(key, 'base64url')
  const [x, y] = [point.subarray(1, 33), point.subarray(33)].map((part) => part.toString('base64url')) // prettier-ignore
  const publicKey = createPublicKey({
    key: { kty: 'EC', crv: 'P-256', x: String(x), y: String(y) },
    format: 'jwk',
  })
  const now = Date.now() / 1000
  return (
    aud === origin &&
    exp !== undefined &&
    exp > now &&
    exp <= now + 86_400 &&
    verify(
      'sha256',
      Buffer.from(`${head}.${claims}`),
      { key: publicKey, dsaEncoding: 'ieee-p1363' },
      Buffer.from(signature, 'base64url'),
    )
  )
}

/** A stand-in for the push service of a browser's maker, on this machine alone: it opens what comes, and keeps it in memory. */
export async function servePush(port = 0): Promise<SimulatedPush> {
  const made = await generate([{ name: 'commonName', value: 'Practice push service' }], {
    keyType: 'ec',
    extensions: [{ name: 'subjectAltName', altNames: [{ type: 7, ip: '127.0.0.1' }] }],
  })
  const boxes = new Map<string, Box>()
  let origin = ''
  const server = createServer({ cert: made.cert, key: made.private }, (request, response) => {
    const answer = (status: number) => response.writeHead(status).end()
    const box = boxes.get(`${origin}${request.url ?? ''}`)
    if (!box) return answer(404)
    if (box.isGone) return answer(410)
    if (!isSigned(request.headers.authorization ?? '', box, origin)) return answer(403)
    return void bodyOf(request).then(
      (body) => {
        box.received.push(opened(body, box.secrets))
        answer(201)
      },
      () => answer(400),
    )
  })
  server.listen(port, '127.0.0.1')
  await once(server, 'listening')
  origin = `https://127.0.0.1:${(server.address() as AddressInfo).port}`
  const boxAt = (endpoint: string): Box => {
    const box = boxes.get(endpoint)
    if (!box) throw new Error(`nobody subscribed at ${endpoint}`)
    return box
  }
  return {
    ca: made.cert,
    subscribe: (applicationKey) => {
      const [pair, auth] = [createECDH('prime256v1'), randomBytes(16)]
      const p256dh = pair.generateKeys().toString('base64url')
      const endpoint = `${origin}/push/${randomBytes(16).toString('base64url')}`
      const secrets = { privateKey: pair.getPrivateKey(), auth }
      boxes.set(endpoint, { secrets, applicationKey, received: [], isGone: false })
      return { endpoint, keys: { p256dh, auth: auth.toString('base64url') } }
    },
    receivedAt: (endpoint) => boxAt(endpoint).received,
    drop: (endpoint) => void (boxAt(endpoint).isGone = true),
    stop: () =>
      new Promise((resolve) => {
        server.close(() => resolve())
        server.closeAllConnections()
      }),
  }
}
