// Brings a machine to where the project runs: Node modules and Debian packages. Uses nothing but
// Node itself, since it runs before anything is installed.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { delimiter, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))

const say = (text) => process.stdout.write(`${text}\n`)

/** Stops with words for the person at the keyboard. */
function giveUp(text) {
  process.stderr.write(`\n${text}\n`)
  process.exit(1)
}

function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number)
  if (major > 20 || (major === 20 && minor >= 19)) return
  giveUp(`Spudder needs Node 20.19 or newer; this is ${process.versions.node}.`)
}

/** Installs the Node modules when the lock file is not the one they were installed from. */
function ensureModules() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex')
  const stamp = join(root, 'node_modules', '.installed-from')
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return
  say('Installing Node modules (npm ci) …')
  const { status } = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root,
    stdio: 'inherit',
  })
  if (status !== 0) giveUp('npm ci failed; see above.')
  writeFileSync(stamp, lock)
}

const searched = [
  ...(process.env.PATH ?? '').split(delimiter),
  '/usr/sbin',
  '/usr/local/sbin',
  '/sbin',
]
const isInstalled = (program) =>
  existsSync(program) || searched.some((folder) => existsSync(join(folder, program)))

/** Debian packages by the program that shows they are there. */
const database = [
  { program: 'mariadbd', packages: ['mariadb-server-core'] },
  { program: 'mariadb', packages: ['mariadb-client-core'] },
  { program: 'mariadb-dump', packages: ['mariadb-client'] },
]
/** What tests need beside: a browser, and what nodes of a cluster copy their data with. */
const forTests = [
  { program: 'chromium', packages: ['chromium'] },
  { program: 'rsync', packages: ['rsync'] },
  { program: 'lsof', packages: ['lsof'] },
  // A phone of its own in a network of its own, which is told whom to trust.
  { program: 'ip', packages: ['iproute2'] },
  { program: 'certutil', packages: ['libnss3-tools'] },
  { program: '/usr/lib/galera/libgalera_smm.so', packages: ['galera-4'] },
]

function ensurePrograms(wanted) {
  const missing = wanted.filter(({ program }) => !isInstalled(program))
  if (missing.length === 0) return
  const packages = missing.flatMap((each) => each.packages)
  const line = `apt-get update && apt-get install -y --no-install-recommends ${packages.join(' ')}`
  const isRoot = process.getuid?.() === 0
  const maySudo = spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0
  if (!isRoot && !maySudo && !(process.stdin.isTTY && isInstalled('sudo'))) {
    giveUp(`Missing: ${packages.join(', ')}. Run this as root, then start again:\n\n  ${line}\n`)
  }
  say(`Installing ${packages.join(', ')} from Debian …`)
  const [command, ...parameters] = isRoot ? ['sh', '-c', line] : ['sudo', 'sh', '-c', line]
  const { status } = spawnSync(command, parameters, {
    stdio: ['inherit', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  })
  if (status !== 0) giveUp(`That failed. Run this as root, then start again:\n\n  ${line}\n`)
}

/** Installs what is missing to run the product, and what tests need too. */
export function setUp({ isForTests }) {
  checkNode()
  ensureModules()
  ensurePrograms(isForTests ? [...database, ...forTests] : database)
}
