import { X509Certificate } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { hostname, networkInterfaces } from 'node:os'
import { join } from 'node:path'
import { generate } from 'selfsigned'

const dayMs = 86_400_000
/** Phones refuse a server’s certificate that holds for longer than 825 days (as their makers publish). */
const days = { authority: 3650, server: 365, renewedBefore: 30 } as const

/** Files of a certificate for this machine in its own network. */
export interface LanCertificate {
  readonly certFile: string
  readonly keyFile: string
  /** The authority that a phone is told to trust (PEM). */
  readonly authorityFile: string
}

/** Addresses by which others in the network reach this machine. */
export const lanAddresses = (): readonly string[] =>
  Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address)

/** Names by which this machine is opened: in the network, and by itself. */
export const lanNames = (): readonly string[] => [`${hostname().toLowerCase()}.local`, 'localhost']

const until = (held: number) => new Date(Date.now() + held * dayMs)
/** Keys are their owner's alone. */
const keep = (file: string, text: string): void => writeFileSync(file, text, { mode: 0o600 })

interface Pair {
  readonly cert: string
  readonly key: string
}

async function authorityIn(folder: string): Promise<Pair> {
  const [certFile, keyFile] = [join(folder, 'authority.pem'), join(folder, 'authority-key.pem')]
  if (existsSync(certFile) && existsSync(keyFile))
    return { cert: readFileSync(certFile, 'utf8'), key: readFileSync(keyFile, 'utf8') }
  const made = await generate([{ name: 'commonName', value: `Spudder on ${hostname()}` }], {
    notAfterDate: until(days.authority),
    keySize: 2048,
    algorithm: 'sha256',
    extensions: [
      { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
      { name: 'keyUsage', keyCertSign: true, cRLSign: true, critical: true },
    ],
  })
  keep(keyFile, made.private)
  keep(certFile, made.cert)
  return { cert: made.cert, key: made.private }
}

/** Whether a certificate is for all of some names and addresses, for a while yet. */
function holdsFor(pem: string, addresses: readonly string[], names: readonly string[]): boolean {
  const certificate = new X509Certificate(pem)
  const endsIn = new Date(certificate.validTo).getTime() - Date.now()
  return (
    endsIn > days.renewedBefore * dayMs &&
    addresses.every((address) => certificate.checkIP(address) !== undefined) &&
    names.every((name) => certificate.checkHost(name) !== undefined)
  )
}

/**
 * A certificate for this machine in its own network, signed by an authority of its own: made once, and the
 * certificate anew when addresses change or its end is near. The authority stays, so that a phone is told
 * of it once.
 */
export async function lanCertificate(
  folder: string,
  addresses: readonly string[] = lanAddresses(),
  names: readonly string[] = lanNames(),
): Promise<LanCertificate> {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const files = {
    certFile: join(folder, 'server.pem'),
    keyFile: join(folder, 'server-key.pem'),
    authorityFile: join(folder, 'authority.pem'),
  }
  const all = ['127.0.0.1', ...addresses]
  const ca = await authorityIn(folder)
  const isThere = existsSync(files.certFile) && existsSync(files.keyFile)
  if (isThere && holdsFor(readFileSync(files.certFile, 'utf8'), all, names)) return files
  const made = await generate([{ name: 'commonName', value: names[0] ?? 'spudder' }], {
    notAfterDate: until(days.server),
    keySize: 2048,
    algorithm: 'sha256',
    ca,
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyEncipherment: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: [
          ...names.map((value) => ({ type: 2 as const, value })),
          ...all.map((ip) => ({ type: 7 as const, ip })),
        ],
      },
    ],
  })
  keep(files.keyFile, made.private)
  keep(files.certFile, `${made.cert}\n${ca.cert}`)
  return files
}
