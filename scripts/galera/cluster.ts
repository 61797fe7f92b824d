import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { chownSync, cpSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir, userInfo } from 'node:os'
import { join } from 'node:path'
import { freePort } from '../ports.ts'
import { stopProcess, until } from '../processes.ts'
import { galeraPrograms, type GaleraPrograms } from './programs.ts'

/** A node: its data, and the ports by which clients and the other nodes find it. */
interface Node {
  readonly folder: string
  readonly port: number
  readonly group: number
  readonly increments: number
  readonly whole: number
}

/** Started as root, the nodes give that up: rsync would not read what is root's. */
const nobody = 65_534
const asNobody = userInfo().uid === 0 ? { uid: nobody, gid: nobody } : {}
const account = userInfo().uid === 0 ? 'nobody' : userInfo().username

/** Makes a folder the nodes' own. */
function giveToNobody(folder: string): void {
  if ('uid' in asNobody) chownSync(folder, nobody, nobody)
}

/** Three nodes of one database on this machine, for tests: each can be killed, cut off and started again. */
export class Cluster {
  readonly password = randomBytes(18).toString('hex')
  /** Where the user called nobody may go too: the project may lie in a folder that is its owner's alone. */
  readonly folder = mkdtempSync(join(tmpdir(), 'spudder-cluster-'))
  readonly #programs: GaleraPrograms
  readonly #nodes: Node[] = []
  readonly #running = new Map<number, ChildProcess>()

  private constructor() {
    this.#programs = galeraPrograms()
    cpSync(this.#programs.scripts, this.#scripts, { recursive: true })
    giveToNobody(this.folder)
  }

  get #scripts(): string {
    return join(this.folder, 'scripts')
  }

  /** Makes the nodes and starts them, one after the other. */
  static async start(count = 3): Promise<Cluster> {
    const cluster = new Cluster()
    for (let at = 0; at < count; at += 1) cluster.#nodes.push(await cluster.#make(at))
    await cluster.#run(0, ['--wsrep-new-cluster'])
    cluster.#makeAccount()
    for (let at = 1; at < count; at += 1) await cluster.#run(at)
    return cluster
  }

  /** Ports of the nodes, for clients. */
  get ports(): readonly number[] {
    return this.#nodes.map(({ port }) => port)
  }

  async #make(at: number): Promise<Node> {
    const folder = join(this.folder, `node-${at + 1}`)
    mkdirSync(join(folder, 'tmp'), { recursive: true })
    const ports = []
    for (let each = 0; each < 4; each += 1) ports.push(await freePort(0))
    const [port = 0, group = 0, increments = 0, whole = 0] = ports
    giveToNobody(folder)
    giveToNobody(join(folder, 'tmp'))
    const { status, stderr } = spawnSync('mariadb-install-db', ['--no-defaults', `--user=${account}`, `--datadir=${join(folder, 'data')}`, `--tmpdir=${join(folder, 'tmp')}`, '--innodb-log-file-size=16M', '--skip-test-db'], { ...asNobody, cwd: folder, env: this.#env(), encoding: 'utf8' }) // prettier-ignore
    if (status !== 0) throw new Error(`mariadb-install-db failed: ${stderr}`)
    return { folder, port, group, increments, whole }
  }

  #env(): NodeJS.ProcessEnv {
    const path = `${this.#scripts}:${process.env['PATH'] ?? ''}:/usr/sbin:/sbin`
    return { ...process.env, PATH: path }
  }

  #node(at: number): Node {
    const node = this.#nodes[at]
    if (!node) throw new Error(`there is no node ${at}`)
    return node
  }

  /** Within 107 bytes, wherever the project lies. */
  #socket({ port }: Node): string {
    return join(tmpdir(), `spudder-node-${port}.sock`)
  }

  #configFor(node: Node): string {
    const file = join(node.folder, 'my.cnf')
    const others = this.#nodes.map(({ group }) => `127.0.0.1:${group}`).join(',')
    const options = [
      `gmcast.listen_addr=tcp://127.0.0.1:${node.group}`,
      `ist.recv_addr=127.0.0.1:${node.increments}`,
      // As docs/operations.md says: who reads at a node that was cut off is soon sent to another.
      'repl.causal_read_timeout=PT3S',
    ].join(';')
    const lines = [
      '[mariadbd]',
      `datadir=${join(node.folder, 'data')}`,
      `socket=${this.#socket(node)}`,
      `pid-file=${join(node.folder, 'mariadb.pid')}`,
      `log-error=${join(node.folder, 'mariadb.log')}`,
      `tmpdir=${join(node.folder, 'tmp')}`,
      'bind-address=127.0.0.1',
      `port=${node.port}`,
      'skip-name-resolve',
      'character-set-server=utf8mb4',
      'collation-server=utf8mb4_unicode_ci',
      "default-time-zone='+00:00'",
      'innodb_buffer_pool_size=128M',
      'innodb_log_file_size=16M',
      'binlog_format=ROW',
      'default_storage_engine=InnoDB',
      'innodb_autoinc_lock_mode=2',
      'log_bin_trust_function_creators=1',
      'wsrep_on=ON',
      `wsrep_provider=${this.#programs.provider}`,
      'wsrep_cluster_name=spudder',
      `wsrep_cluster_address=gcomm://${others}`,
      `wsrep_node_name=node-${node.port}`,
      `wsrep_node_address=127.0.0.1:${node.group}`,
      'wsrep_sst_method=rsync',
      `wsrep_sst_receive_address=127.0.0.1:${node.whole}`,
      `wsrep_provider_options="${options}"`,
    ]
    writeFileSync(file, `${lines.join('\n')}\n`)
    return file
  }

  async #run(at: number, more: readonly string[] = []): Promise<void> {
    const node = this.#node(at)
    const child = spawn('mariadbd', [`--defaults-file=${this.#configFor(node)}`, ...more], {
      ...asNobody,
      env: this.#env(),
      cwd: join(node.folder, 'data'),
      stdio: 'ignore',
      detached: true,
    })
    this.#running.set(at, child)
    await until(`node ${at + 1}`, () => {
      if (child.exitCode !== null) throw new Error(`it ended; see ${node.folder}/mariadb.log`)
      return this.#isReady(at)
    }, 120) // prettier-ignore
  }

  /** By its socket, where the user who runs it needs no password. */
  #ask(at: number, sql: string): string {
    const { stdout, status } = spawnSync(
      'mariadb',
      ['--no-defaults', '-N', '-u', account, '-S', this.#socket(this.#node(at))],
      {
        ...asNobody,
        cwd: this.folder,
        env: this.#env(),
        encoding: 'utf8',
        input: sql,
        timeout: 5000,
      },
    )
    return status === 0 ? stdout : ''
  }

  #isReady(at: number): boolean {
    return /ready\s+ON/.test(this.#ask(at, "SHOW STATUS LIKE 'wsrep_ready'"))
  }

  #makeAccount(): void {
    this.#ask(
      0,
      `CREATE DATABASE spudder CHARACTER SET utf8mb4;
       CREATE USER spudder@'127.0.0.1' IDENTIFIED BY '${this.password}';
       GRANT ALL ON spudder.* TO spudder@'127.0.0.1'`,
    )
  }

  /** Ends a node without a word, as a power cut does. */
  async kill(at: number): Promise<void> {
    const child = this.#running.get(at)
    if (!child) throw new Error(`node ${at + 1} is not running`)
    const gone = new Promise((resolve) => child.once('exit', resolve))
    child.kill('SIGKILL')
    await gone
    this.#running.delete(at)
  }

  /** Starts a node that was killed; it gets from the others what it missed. */
  restart(at: number): Promise<void> {
    return this.#run(at)
  }

  /** Cuts a node off from the others, as a broken line does; clients reach it still. */
  cutOff(at: number): void {
    this.#ask(at, "SET GLOBAL wsrep_provider_options='gmcast.isolate=1'")
  }

  /** Mends the line; resolves once the node works with the others again. */
  async rejoin(at: number): Promise<void> {
    this.#ask(at, "SET GLOBAL wsrep_provider_options='gmcast.isolate=0'")
    await until(`node ${at + 1} among the others`, () => this.#isReady(at), 120)
  }

  async stop(): Promise<void> {
    for (const child of [...this.#running.values()].toReversed()) await stopProcess(child)
    rmSync(this.folder, { recursive: true, force: true })
  }
}
