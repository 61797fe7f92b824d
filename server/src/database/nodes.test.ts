import { once } from 'node:events'
import { createServer, type AddressInfo, type Server } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { isWorkingBy, Nodes, type Node } from './nodes.ts'

const servers: Server[] = []
const nodes: Node[] = []
beforeAll(async () => {
  for (let at = 0; at < 3; at += 1) {
    const server = createServer((socket) => socket.on('error', () => undefined))
    server.listen(0, '127.0.0.1')
    await once(server, 'listening')
    servers.push(server)
    nodes.push({ host: '127.0.0.1', port: (server.address() as AddressInfo).port })
  }
})
afterAll(() => {
  for (const server of servers) server.close()
})

describe('nodes of one database', () => {
  it('are used one at a time: the next that works once one does not, which lets go of those who are on it', async () => {
    const gone = new Set<Node>()
    const used = new Nodes(nodes, (node) => Promise.resolve(!gone.has(node)))
    const socket = used.connect()
    await once(socket, 'connect')
    expect(socket.remotePort).toBe(nodes[0]?.port)
    for (const node of nodes.slice(0, 2)) gone.add(node)
    const closed = once(socket, 'close')
    await used.moveOn()
    await closed
    const next = used.connect()
    await once(next, 'connect')
    expect(next.remotePort).toBe(nodes[2]?.port)
    // It stays there: going back would end what is under way for nothing.
    gone.clear()
    await used.moveOn()
    expect([used.current, next.destroyed]).toEqual([nodes[2], false])
    // Where none works it waits at the one it has.
    for (const node of nodes) gone.add(node)
    await used.moveOn()
    expect(used.current).toBe(nodes[2])
    used.stop()
    next.destroy()
  })

  it('take silence for a no', async () => {
    const isWorking = isWorkingBy({ user: 'nobody', password: '', database: 'none' })
    expect(await isWorking(nodes[0] as Node)).toBe(false)
  })
})
