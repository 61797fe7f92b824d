import { Agent, request } from 'node:http'
import { fork } from 'node:child_process'
import { fileURLToPath } from 'node:url'

/** What is asked over and over. */
export interface Asked {
  readonly method: 'GET' | 'POST'
  readonly path: string
  /** Sent with an id of its own each time. */
  readonly body?: Readonly<Record<string, unknown>>
}
interface Order {
  readonly port: number
  readonly asked: Asked
  readonly clients: number
  readonly requests: number
}
/** Each request's time, in order of length [ms], and the time of all. */
export interface Loaded {
  readonly times: readonly number[]
  readonly seconds: number
}

function ask(agent: Agent, port: number, { method, path, body }: Asked): Promise<number> {
  const sent = body ? JSON.stringify({ id: crypto.randomUUID(), ...body }) : undefined
  const headers = sent
    ? { 'content-type': 'application/json', 'content-length': Buffer.byteLength(sent) }
    : {}
  const from = performance.now()
  return new Promise((resolve, reject) => {
    const asked = request({ agent, port, host: '127.0.0.1', method, path, headers }, (response) => {
      response.resume()
      response.once('end', () => {
        const status = response.statusCode ?? 0
        if (status < 400) resolve(performance.now() - from)
        else reject(new Error(`${path} answered ${status}`))
      })
    })
    asked.once('error', reject)
    asked.end(sent)
  })
}

async function run({ port, asked, clients, requests }: Order): Promise<Loaded> {
  const agent = new Agent({ keepAlive: true, maxSockets: clients })
  const times: number[] = []
  let left = requests
  const from = performance.now()
  const work = async () => {
    while (left-- > 0) times.push(await ask(agent, port, asked))
  }
  await Promise.all(Array.from({ length: clients }, work))
  agent.destroy()
  return { times: times.toSorted((a, b) => a - b), seconds: (performance.now() - from) / 1000 }
}

const self = fileURLToPath(import.meta.url)

/** Clients in a process of their own, so that they take no time from what they ask. */
export class Clients {
  readonly #child = fork(self, { execArgv: ['--import', 'tsx'] })

  ask(order: Order): Promise<Loaded> {
    return new Promise((resolve, reject) => {
      this.#child.once('message', (answer: Loaded | string) =>
        typeof answer === 'string' ? reject(new Error(answer)) : resolve(answer),
      )
      this.#child.send(order)
    })
  }
  end(): void {
    this.#child.kill()
  }
}

if (process.argv[1] === self && process.send) {
  process.on('message', (order: Order) => {
    run(order).then(
      (loaded) => process.send?.(loaded),
      (error: unknown) => process.send?.(String(error)),
    )
  })
}
