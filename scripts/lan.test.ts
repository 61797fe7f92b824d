import { X509Certificate } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs'
import { createServer, get } from 'node:https'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { lanCertificate } from './lan-certificate.ts'
import { serveLanPage } from './lan-page.ts'

const folder = mkdtempSync(join(tmpdir(), 'spudder-lan-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
const addresses = ['192.0.2.7']
const names = ['shed.local', 'localhost']

describe('a certificate for one’s own network', () => {
  it('holds for the addresses and names, is signed by the authority, and its keys are the owner’s alone', async () => {
    const files = await lanCertificate(folder, addresses, names)
    const server = new X509Certificate(readFileSync(files.certFile))
    const authority = new X509Certificate(readFileSync(files.authorityFile))
    expect(server.checkIP('192.0.2.7')).toBe('192.0.2.7')
    expect(server.checkHost('shed.local')).toBe('shed.local')
    expect(server.checkIssued(authority)).toBe(true)
    expect(authority.ca).toBe(true)
    expect(server.ca).toBe(false)
    for (const file of [files.keyFile, join(folder, 'authority-key.pem')])
      expect(statSync(file).mode & 0o077).toBe(0)
  })

  it('stays as it is until an address is new; the authority stays then too', async () => {
    const files = await lanCertificate(folder, addresses, names)
    const [before, trusted] = [readFileSync(files.certFile), readFileSync(files.authorityFile)]
    await lanCertificate(folder, addresses, names)
    expect(readFileSync(files.certFile)).toEqual(before)
    await lanCertificate(folder, [...addresses, '192.0.2.8'], names)
    expect(readFileSync(files.certFile)).not.toEqual(before)
    expect(readFileSync(files.authorityFile)).toEqual(trusted)
  })

  it('secures a line to whoever trusts the authority, and to nobody else', async () => {
    const { certFile, keyFile, authorityFile } = await lanCertificate(folder, addresses, names)
    const server = createServer({ cert: readFileSync(certFile), key: readFileSync(keyFile) }, (_request, response) => response.end('here')) // prettier-ignore
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    const { port } = server.address() as AddressInfo
    const ask = (ca?: Buffer) =>
      new Promise<string>((resolve) => {
        get({ host: '127.0.0.1', port, ...(ca && { ca }) }, (response) => {
          response.setEncoding('utf8').on('data', resolve)
        }).on('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? ''))
      })
    expect(await ask(readFileSync(authorityFile))).toBe('here')
    expect(await ask()).toMatch(/CERT|SELF_SIGNED/)
    await new Promise((resolve) => server.close(resolve))
  })

  it('is explained on a page in clear, with the authority beside it and no key', async () => {
    const { authorityFile } = await lanCertificate(folder, addresses, names)
    const port = 5697
    const page = await serveLanPage({ address: 'https://192.0.2.7:5190', authorityFile }, port)
    const text = await (await fetch(`http://127.0.0.1:${port}/`)).text()
    expect(text).toContain('href="https://192.0.2.7:5190"')
    const authority = await fetch(`http://127.0.0.1:${port}/spudder-authority.crt`)
    expect(authority.headers.get('content-type')).toBe('application/x-x509-ca-cert')
    const sent = await authority.text()
    expect(sent).toBe(readFileSync(authorityFile, 'utf8'))
    expect(sent).not.toContain('PRIVATE')
    await page.stop()
  })
})
