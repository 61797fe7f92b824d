import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { root } from '../processes.ts'

const provider = '/usr/lib/galera/libgalera_smm.so'

/** What a node of a cluster needs beside MariaDB. */
export interface GaleraPrograms {
  /** The library by which nodes agree. */
  readonly provider: string
  /** Where the scripts lie by which a node that comes in gets the data. */
  readonly scripts: string
}

function inFolder(command: string, parameters: readonly string[], folder: string): void {
  const { status, stderr } = spawnSync(command, parameters, { cwd: folder, encoding: 'utf8' })
  if (status !== 0) throw new Error(`${command} ${parameters.join(' ')}: ${stderr}`)
}

/**
 * The scripts of Debian's mariadb-server, unpacked into a folder of the project: installed, the package
 * would start a database of its own on the machine.
 * @throws {Error} where Debian's packages cannot be reached
 */
export function galeraPrograms(): GaleraPrograms {
  if (!existsSync(provider)) throw new Error('galera-4 is not installed; npm test installs it')
  const folder = join(root, '.data', 'mariadb-server')
  const scripts = join(folder, 'usr', 'bin')
  if (!existsSync(join(scripts, 'wsrep_sst_rsync'))) {
    mkdirSync(folder, { recursive: true })
    inFolder('apt-get', ['download', 'mariadb-server'], folder)
    const file = readdirSync(folder).find((name) => name.endsWith('.deb'))
    if (file === undefined) throw new Error('mariadb-server was not downloaded')
    inFolder('dpkg-deb', ['-x', file, '.'], folder)
  }
  return { provider, scripts }
}
