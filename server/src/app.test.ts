import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pino } from 'pino'
import supertest from 'supertest'
import { describe, expect, it } from 'vitest'
import { api, db, parts, placeBody } from './tests/test-estate.ts'
import { createApp } from './app.ts'

const written: string[] = []
const logger = pino({ level: 'info' }, { write: (line: string) => written.push(line) })

/** With a built page of one script. */
function webApp() {
  const webFolder = mkdtempSync(join(tmpdir(), 'spudder-web-'))
  mkdirSync(join(webFolder, 'assets'))
  writeFileSync(join(webFolder, 'index.html'), '<title>Spudder</title>')
  writeFileSync(join(webFolder, 'assets', 'a.js'), '1')
  return createApp({ ...parts, logger, webFolder })
}

describe('the application', () => {
  it('lets a page load from itself only', async () => {
    const { headers } = await supertest(webApp()).get('/')
    const policy = headers['content-security-policy'] ?? ''
    expect(policy).toContain("default-src 'self'")
    expect(policy).toContain("script-src 'self'")
    expect(policy).toContain("connect-src 'self'")
    expect(policy).not.toContain('upgrade-insecure-requests')
    expect(headers['strict-transport-security']).toBeUndefined()
    const elsewhere = createApp({ ...parts, logger, isHttpsOnly: true })
    const kept = (await supertest(elsewhere).get('/')).headers['strict-transport-security']
    expect(kept).toBe('max-age=31536000')
    expect(headers['x-powered-by']).toBeUndefined()
    const data = (await api.get('/api/places')).headers
    expect(data['content-security-policy']).toContain("default-src 'none'")
    expect(data['x-content-type-options']).toBe('nosniff')
    expect(data['cache-control']).toBe('no-store')
  })

  it('serves the built page at every address of a screen, and never for the API', async () => {
    const web = supertest(webApp())
    for (const path of ['/', '/stands/a/look']) {
      expect((await web.get(path)).text).toContain('<title>Spudder</title>')
    }
    expect((await web.get('/assets/a.js')).headers['cache-control']).toContain('immutable')
    expect((await web.get('/assets/of-an-older-build.js')).status).toBe(404)
    expect((await web.get('/api/nowhere')).status).toBe(404)
  })

  it('tells nothing of what went wrong inside, and logs no value of it', async () => {
    const broken = new Proxy(db, {
      get: () => () => {
        throw Object.assign(new Error("insert into place values ('A secret lawn')"), {
          cause: { errno: 4025, code: 'ER_CHECK' },
        })
      },
    })
    const body = { ...placeBody(), name: 'A secret lawn' }
    const answer = await supertest(createApp({ ...parts, db: broken, logger }))
      .post('/api/places')
      .send(body)
    expect(answer.status).toBe(500)
    expect(answer.type).toBe('application/problem+json')
    expect(JSON.stringify(answer.body)).not.toContain('secret')
    expect(answer.body.detail).toContain(answer.body.requestId)
    const log = written.join('')
    expect(log).toContain(answer.body.requestId)
    expect(log).toContain('4025')
    expect(log).not.toContain('secret')
  })
})
