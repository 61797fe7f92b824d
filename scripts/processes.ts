import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = fileURLToPath(new URL('..', import.meta.url))
/** Where the data lies; tests keep theirs elsewhere, so that they can run beside a running demo. */
export const dataRoot = process.env['SPUDDER_DATA'] ?? join(root, '.data')

const pause = (milliseconds: number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, milliseconds))

/** Asks again until it is so. */
export async function until(
  what: string,
  isSo: () => boolean | Promise<boolean>,
  seconds = 300,
): Promise<void> {
  const end = Date.now() + seconds * 1000
  while (Date.now() < end) {
    if (await isSo()) return
    await pause(40)
  }
  throw new Error(`${what} took more than ${seconds} s`)
}

export function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0)
    return true
  } catch {
    return false
  }
}

/** Whether a running process was started with a word on its command line. */
export function isProcessOf(pid: number, word: string): boolean {
  const file = `/proc/${pid}/cmdline`
  return isAlive(pid) && existsSync(file) && readFileSync(file, 'utf8').includes(word)
}

/** Stops a process in order: asks, waits, and only then insists. */
export async function stopProcess(child: ChildProcess): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return
  const gone = new Promise<void>((resolve) => child.once('exit', () => resolve()))
  child.kill('SIGTERM')
  const insist = setTimeout(() => child.kill('SIGKILL'), 20_000)
  await gone
  clearTimeout(insist)
}

/** Runs a command to its end; throws when it fails. */
export async function run(
  command: string,
  parameters: readonly string[],
  {
    isQuiet = false,
    env = {},
  }: { readonly isQuiet?: boolean; readonly env?: NodeJS.ProcessEnv } = {},
): Promise<void> {
  const child = spawn(command, parameters, {
    cwd: root,
    env: { ...process.env, ...env },
    stdio: isQuiet ? ['ignore', 'ignore', 'inherit'] : ['ignore', 'inherit', 'inherit'],
  })
  const code = await new Promise<number | null>((resolve, reject) => {
    child.once('error', reject)
    child.once('exit', resolve)
  })
  if (code !== 0) throw new Error(`${command} ${parameters.join(' ')} ended with ${code}`)
}
