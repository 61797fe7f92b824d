import type { Logger } from 'pino'
import { tellAll, type TellStage } from './tell.service.ts'

const everyMs = 60_000

/** Tells people things, minute by minute, one round after the other. */
export function tellRegularly(
  stage: TellStage,
  logger: Logger,
): { readonly stop: () => Promise<void> } {
  let round = Promise.resolve()
  const tell = () => {
    round = round
      .then(() => tellAll(stage, new Date()))
      .then(
        () => undefined,
        () => logger.warn('people could not be told'),
      )
  }
  const timer = setInterval(tell, everyMs)
  return {
    stop: () => {
      clearInterval(timer)
      return round
    },
  }
}
