import { readFileSync } from 'node:fs'
import { createServer } from 'node:http'
import { toString as qrOf } from 'qrcode'

interface Told {
  /** Where Spudder is, as https://192.168.1.20:5190. */
  readonly address: string
  readonly authorityFile: string
}

const steps = {
  Android: [
    'Take the certificate with the button above.',
    'Settings, Security, Encryption and credentials, Install a certificate, CA certificate; choose the file.',
  ],
  'iPhone and iPad': [
    'Take the certificate with the button above, and allow the profile.',
    'Settings, General, VPN and device management: install it.',
    'Settings, General, About, Certificate trust settings: switch it on.',
  ],
} as const

const listOf = ([name, lines]: readonly [string, readonly string[]]): string =>
  `<h2>${name}</h2><ol>${lines.map((line) => `<li>${line}</li>`).join('')}</ol>`

const style =
  'body{font:17px/1.5 system-ui,sans-serif;max-width:34rem;margin:2rem auto;padding:0 1rem;background:#f6f3ec;color:#232c33}a.button{display:inline-block;padding:.7rem 1rem;background:#a23f1b;color:#fffdf8;border-radius:6px;text-decoration:none}'

/** What whoever opens it on a phone is told: trust this machine once, then go on. */
const lanPageHtml = ({ address }: Told): string => `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>Spudder on this phone</title><style>${style}</style></head><body>
<h1>Spudder on this phone</h1>
<p>The line to Spudder is secured by a certificate that the machine itself made. Your phone has to be told
once that it is to be trusted; until then it warns.</p>
<p><a class="button" href="/spudder-authority.crt">Take the certificate</a></p>
${Object.entries(steps).map(listOf).join('\n')}
<p>Take it only in your own network, from whoever runs Spudder there: whoever has its key could read what
this phone sends. It can be removed where it was installed.</p>
<p><a class="button" href="${address}">Open Spudder</a></p>
</body></html>`

/** Serves that page and the authority, in clear, to whoever cannot trust the secured line yet. */
export async function serveLanPage(
  told: Told,
  port: number,
): Promise<{ stop: () => Promise<void> }> {
  const page = lanPageHtml(told)
  const server = createServer((request, response) => {
    if (request.url === '/spudder-authority.crt') {
      response.writeHead(200, { 'content-type': 'application/x-x509-ca-cert' })
      response.end(readFileSync(told.authorityFile))
    } else {
      const policy = "default-src 'none'; style-src 'unsafe-inline'"
      response.writeHead(200, { 'content-type': 'text/html; charset=utf-8', 'content-security-policy': policy }) // prettier-ignore
      response.end(page)
    }
  })
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, '0.0.0.0', resolve)
  })
  return { stop: () => new Promise((resolve) => server.close(() => resolve())) }
}

/** The address of that page, to be read from the screen by a phone. */
export const qrFor = (address: string): Promise<string> =>
  qrOf(address, { type: 'terminal', small: true })
