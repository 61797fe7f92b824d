import { spawn } from 'node:child_process'
import { root } from './processes.ts'

/** One command of a run, with the name it is told by. */
export interface Step {
  readonly name: string
  readonly command: readonly string[]
  readonly env?: Readonly<Record<string, string>>
}

/** How a step went. */
interface Outcome {
  readonly name: string
  readonly hasPassed: boolean
  readonly said: string
}

async function runStep({ name, command, env = {} }: Step): Promise<Outcome> {
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
  const hasPassed = code === 0
  const seconds = ((Date.now() - start) / 1000).toFixed(1)
  process.stdout.write(`${hasPassed ? 'ok  ' : 'FAIL'} ${name} (${seconds} s)\n`)
  // Reporters tell how many tests ran; the others have something to say only when they fail.
  if (hasPassed && name.endsWith('tests')) process.stdout.write(Buffer.concat(said))
  return { name, hasPassed, said: Buffer.concat(said).toString() }
}

/**
 * Runs steps, two at a time; all of them, so that one run shows everything that is wrong.
 * @returns whether all of them passed
 */
export async function runSteps(steps: readonly Step[], atOnce = 2): Promise<boolean> {
  const waiting = [...steps]
  const outcomes: Outcome[] = []
  const worker = async () => {
    for (let step = waiting.shift(); step; step = waiting.shift())
      outcomes.push(await runStep(step))
  }
  await Promise.all(Array.from({ length: atOnce }, worker))
  // At the end, where whoever reads a long run looks.
  const failed = outcomes.filter(({ hasPassed }) => !hasPassed)
  for (const { name, said } of failed) process.stdout.write(`\nFAIL ${name}\n${said}\n`)
  return failed.length === 0
}
