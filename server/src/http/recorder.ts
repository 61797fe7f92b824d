import type { RequestHandler } from 'express'

/** Who records and when; every stored row carries both. */
export interface Recorder {
  readonly actor: string
  readonly at: Date
}

declare module 'express-serve-static-core' {
  interface Locals {
    recorder: Recorder
  }
}

/**
 * Says who is at work. Until there is sign-in this is one person for everybody; sign-in will
 * change this place only.
 */
export function identifyActor(actor: string): RequestHandler {
  return (_request, response, next) => {
    response.locals.recorder = { actor, at: new Date() }
    next()
  }
}

/** The columns that a row is stored with that never changes. */
export const recordedBy = ({ actor, at }: Recorder) => ({ createdBy: actor, createdAt: at })

/** The columns that a row is stored with that may change: nobody did yet. */
export const newlyRecordedBy = (recorder: Recorder) => ({
  ...recordedBy(recorder),
  changedBy: null,
  changedAt: null,
})

/** Who changed a row, and when. */
export const changedBy = ({ actor, at }: Recorder) => ({ changedBy: actor, changedAt: at })
