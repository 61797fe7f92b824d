import { createServer, type ServerResponse } from 'node:http'
import { connect, type AddressInfo } from 'node:net'
import { expect, it } from 'vitest'
import { drainable } from './drain.ts'

it('a server that stops answers what still comes over an open connection, and says that it is the last', async () => {
  let slow: ServerResponse | undefined
  const server = createServer((request, response) => {
    if (request.url === '/slow') slow = response
    else response.end('at once')
  })
  const { drain } = drainable(server)
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const socket = connect((server.address() as AddressInfo).port, '127.0.0.1')
  let heard = ''
  socket.on('data', (data) => (heard += String(data)))
  const over = new Promise<void>((resolve) => socket.once('close', () => resolve()))
  const ask = (path: string) => socket.write(`GET ${path} HTTP/1.1\r\nhost: here\r\n\r\n`)
  ask('/slow')
  await expect.poll(() => slow).toBeDefined()
  const drained = drain()
  const asked = new Promise<void>((resolve) => server.once('request', () => resolve()))
  ask('/quick')
  await asked
  slow?.end('in its time')
  await Promise.all([drained, over])
  expect(heard).toMatch(/in its time[^]*connection: close[^]*at once/i)
})
