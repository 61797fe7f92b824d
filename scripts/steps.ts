import { spawn } from 'node:child_process'
import { root } from './processes.ts'

/** One command of a run, with the name it is told by. */
export interface Step {
  readonly name: string
  readonly command: readonly string[]
  readonly env?: Readonly<Record<string, string>>
}

async function runStep({ name, command, env = {} }: Step): Promise<boolean> {
  const [program = '', ...parameters] = command
  const start = Date.now()
  const child = spawn(program, parameters, {
    cwd: root,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  const said: Buffer[] = []
  child.stdout.on('data', (part: Buffer) => said.push(part))
  child.stderr.on('data', (part: Buffer) => said.push(part))
  const code = await new Promise<number | null>((resolve, reject) => {
    child.once('error', reject)
    child.once('close', resolve)
  })
  const seconds = ((Date.now() - start) / 1000).toFixed(1)
  process.stdout.write(`${code === 0 ? 'ok  ' : 'FAIL'} ${name} (${seconds} s)\n`)
  // Reporters tell how many tests ran; the others have something to say only when they fail.
  if (code !== 0 || name.endsWith('tests')) process.stdout.write(Buffer.concat(said))
  return code === 0
}

/**
 * Runs steps, two at a time; all of them, so that one run shows everything that is wrong.
 * @returns whether all of them passed
 */
export async function runSteps(steps: readonly Step[], atOnce = 2): Promise<boolean> {
  const waiting = [...steps]
  const results: boolean[] = []
  const worker = async () => {
    for (let step = waiting.shift(); step; step = waiting.shift()) results.push(await runStep(step))
  }
  await Promise.all(Array.from({ length: atOnce }, worker))
  return results.every(Boolean)
}
