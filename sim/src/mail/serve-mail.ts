import { once } from 'node:events'
import type { AddressInfo } from 'node:net'
import { SMTPServer } from 'smtp-server'

/** A letter that came to the stand-in. */
export interface ReceivedLetter {
  readonly to: readonly string[]
  /** As it came over the line, heads and all. */
  readonly raw: string
}

/** A mail server that delivers nothing. */
export interface SimulatedMail {
  readonly port: number
  readonly letters: readonly ReceivedLetter[]
  readonly stop: () => Promise<void>
}

/** A stand-in for a mail server, on this machine alone: it takes every letter and keeps it in memory. */
export async function serveMail(port = 0): Promise<SimulatedMail> {
  const letters: ReceivedLetter[] = []
  const smtp = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS'],
    onData: (stream, session, done) => {
      const parts: Buffer[] = []
      stream.on('data', (part: Buffer) => parts.push(part))
      stream.once('end', () => {
        const to = session.envelope.rcptTo.map(({ address }) => address)
        letters.push({ to, raw: Buffer.concat(parts).toString('utf8') })
        done()
      })
    },
  })
  const { server } = smtp
  server.listen(port, '127.0.0.1')
  await once(server, 'listening')
  return {
    port: (server.address() as AddressInfo).port,
    letters,
    stop: () => new Promise((resolve) => smtp.close(() => resolve())),
  }
}
