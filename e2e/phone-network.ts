import { spawnSync } from 'node:child_process'
import { chmodSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

function must(command: string, ...parameters: readonly string[]): void {
  const { status, stderr } = spawnSync(command, parameters, { encoding: 'utf8' })
  if (status !== 0) throw new Error(`${command} ${parameters.join(' ')}: ${stderr}`)
}
const mayFail = (command: string, ...parameters: readonly string[]) =>
  spawnSync(command, parameters, { stdio: 'ignore' })

const name = 'spudder-phone'

/** Whether this machine lets whoever asks make a network: root, and not in every container. */
function canMakeNetworks(): boolean {
  const tried = `${name}-tried`
  const line = ['link', 'add', 'spudder-tried', 'type', 'veth', 'peer', 'name', 'spudder-other']
  const steps = [
    ['netns', 'add', tried],
    [...line, 'netns', tried],
  ]
  const isMade = steps.every((step) => mayFail('ip', ...step).status === 0)
  mayFail('ip', 'link', 'del', 'spudder-tried')
  mayFail('ip', 'netns', 'del', tried)
  return isMade
}

const [here, there] = ['spudder-here', 'spudder-there']

/**
 * A phone that reaches this machine by another address than the machine's own: as another host, in a network
 * made for it, and where nobody may make one, from this host.
 */
export class PhoneNetwork {
  readonly #isApart = canMakeNetworks()
  readonly #folder = mkdtempSync(join(tmpdir(), 'spudder-phone-'))

  constructor() {
    if (this.#isApart) this.#setUp()
  }

  /** What the phone finds this machine by. */
  get address(): string {
    return this.#isApart ? '10.77.21.1' : '127.0.0.2'
  }

  #setUp(): void {
    this.#takeDown()
    must('ip', 'netns', 'add', name)
    must('ip', 'link', 'add', here, 'type', 'veth', 'peer', 'name', there, 'netns', name)
    must('ip', 'addr', 'add', `${this.address}/24`, 'dev', here)
    must('ip', 'link', 'set', here, 'up')
    for (const rest of [
      ['addr', 'add', '10.77.21.2/24', 'dev', there],
      ['link', 'set', there, 'up'],
      ['link', 'set', 'lo', 'up'],
    ])
      must('ip', '-n', name, ...rest)
  }

  /** The browser of the phone: started within its network, with a home of its own. */
  get browser(): string {
    const file = join(this.#folder, 'chromium')
    const within = this.#isApart ? `ip netns exec ${name} ` : ''
    const line = `exec ${within}env HOME=${this.#folder} /usr/bin/chromium "$@"`
    writeFileSync(file, `#!/bin/sh\n${line}\n`)
    chmodSync(file, 0o755)
    return file
  }

  /** Tells the phone to trust an authority, as its owner does once. */
  trust(authorityFile: string): void {
    const store = join(this.#folder, '.pki', 'nssdb')
    mkdirSync(store, { recursive: true })
    const database = `sql:${store}`
    must('certutil', '-d', database, '-N', '--empty-password')
    must('certutil', '-d', database, '-A', '-t', 'C,,', '-n', 'spudder', '-i', authorityFile)
  }

  #takeDown(): void {
    mayFail('ip', 'link', 'del', here)
    mayFail('ip', 'netns', 'del', name)
  }

  stop(): void {
    if (this.#isApart) this.#takeDown()
    rmSync(this.#folder, { recursive: true, force: true })
  }
}
