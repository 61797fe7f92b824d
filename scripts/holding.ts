import { createHash } from 'node:crypto'
import { realpathSync } from 'node:fs'
import { createConnection, createServer, type Server } from 'node:net'

/** A data folder that nobody else works on as long as this process lives. */
export interface Held {
  /** Says where it runs, to whoever else wants the folder. */
  readonly runsAt: (url: string) => void
  readonly letGo: () => void
}

/** A name that the kernel keeps for one process and forgets when it dies, however it dies. */
const nameOf = (folder: string): string => {
  const digest = createHash('sha256').update(realpathSync(folder)).digest('hex')
  return `\0spudder-${digest.slice(0, 32)}`
}

function take(name: string, server: Server): Promise<boolean> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) =>
      error.code === 'EADDRINUSE' ? resolve(false) : reject(error),
    )
    server.listen({ path: name }, () => resolve(true))
  })
}

/** Asks whoever holds it where it runs, and waits until he knows; undefined when he is gone. */
function ask(name: string): Promise<string | undefined> {
  return new Promise((resolve) => {
    let said = ''
    const socket = createConnection({ path: name })
    socket.on('data', (bytes) => (said += bytes.toString()))
    socket.once('error', () => resolve(undefined))
    socket.once('close', () => resolve(said === '' ? undefined : said))
  })
}

/**
 * Takes a data folder for this process alone.
 * @returns the address where it runs already, once that start has come through, when somebody else
 * has it
 */
export async function holdFolder(folder: string): Promise<Held | string> {
  const name = nameOf(folder)
  for (;;) {
    const waiting = new Set<(url: string) => void>()
    let runsAt: string | undefined
    const server = createServer((socket) => {
      const tell = (url: string) => socket.end(url)
      socket.on('error', () => waiting.delete(tell))
      if (runsAt === undefined) waiting.add(tell)
      else tell(runsAt)
    })
    if (await take(name, server)) {
      server.unref()
      return {
        runsAt: (url) => {
          runsAt = url
          for (const tell of waiting) tell(url)
          waiting.clear()
        },
        letGo: () => server.close(),
      }
    }
    const other = await ask(name)
    if (other !== undefined) return other
  }
}
