import { connect as connectTo, type Socket } from 'node:net'
import { createConnection, type ConnectionOptions, type RowDataPacket } from 'mysql2/promise'

/** One of several servers that keep the same database. */
export interface Node {
  readonly host: string
  readonly port: number
}

/** How a node is asked whether it works. */
export type IsWorking = (node: Node) => Promise<boolean>

/** Whoever takes longer is taken to be gone [ms]. */
const patienceMs = 2000
const askedEveryMs = 400

const pause = (milliseconds: number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, milliseconds))

/** How a connection is made, but for where to. */
type Way = Omit<ConnectionOptions, 'host' | 'port'>

/** Whether a server takes part in a cluster as it should; one that belongs to none says nothing of it. */
async function isReady(options: ConnectionOptions): Promise<boolean> {
  const connection = await createConnection({ ...options, connectTimeout: patienceMs })
  try {
    const [[row]] = await connection.query<RowDataPacket[]>("SHOW STATUS LIKE 'wsrep_ready'")
    return row === undefined || row['Value'] === 'ON'
  } finally {
    connection.destroy()
  }
}

/** Asks a node, and takes silence for a no. */
export const isWorkingBy =
  (way: Way): IsWorking =>
  (node) =>
    Promise.race([
      isReady({ ...way, ...node }).catch(() => false),
      pause(patienceMs).then(() => false),
    ])

/**
 * Keeps a server at one node of a cluster, and takes it to the next when that one stops working: connections
 * to the old one are ended, so that whoever works on them does it again at the new one.
 */
export class Nodes {
  readonly #nodes: readonly Node[]
  readonly #isWorking: IsWorking
  readonly #sockets = new Map<Socket, Node>()
  #current = 0
  #isWatching = true

  constructor(nodes: readonly Node[], isWorking: IsWorking) {
    this.#nodes = nodes
    this.#isWorking = isWorking
    void this.#watch()
  }

  get current(): Node {
    const node = this.#nodes[this.#current]
    if (!node) throw new Error('there is no node')
    return node
  }

  /** Connects to the node that works. */
  connect(): Socket {
    const node = this.current
    const socket = connectTo(node.port, node.host)
    socket.setNoDelay(true)
    socket.setKeepAlive(true)
    this.#sockets.set(socket, node)
    socket.once('close', () => this.#sockets.delete(socket))
    return socket
  }

  async #watch(): Promise<void> {
    while (this.#isWatching) {
      await this.moveOn()
      await new Promise((resolve) => setTimeout(resolve, askedEveryMs).unref())
    }
  }

  /** Goes to the next node that works, where the one in use does not. */
  async moveOn(): Promise<void> {
    if (await this.#isWorking(this.current)) return
    const { length } = this.#nodes
    for (let step = 1; step < length; step += 1) {
      const next = (this.#current + step) % length
      const node = this.#nodes[next]
      if (!node || !(await this.#isWorking(node))) continue
      const left = this.current
      this.#current = next
      for (const [socket, of] of this.#sockets) if (of === left) socket.destroy()
      return
    }
  }

  stop(): void {
    this.#isWatching = false
  }
}
