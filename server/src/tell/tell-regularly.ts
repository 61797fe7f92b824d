import type { Logger } from 'pino'
import { tellByMail, type TellStage } from './tell.service.ts'

const everyMs = 60_000

/** Tells by letter, minute by minute, one round after the other. */
export function tellRegularly(
  stage: TellStage,
  logger: Logger,
): { readonly stop: () => Promise<void> } {
  let round = Promise.resolve()
  const tell = () => {
    round = round
      .then(() => tellByMail(stage, new Date()))
      .then(
        () => undefined,
        () => logger.warn('letters could not be written'),
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
