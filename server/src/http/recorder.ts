import { changeHeader } from '@spudder/contract/route'
import type { RequestHandler } from 'express'
import { randomUUID } from 'node:crypto'

/** Who records and when; every stored row carries both. */
export interface Recorder {
  readonly actor: string
  readonly at: Date
  /** What is done at once and can be taken back at once: one id for all of a request. */
  readonly groupId: string
}

declare module 'express-serve-static-core' {
  interface Locals {
    recorder: Recorder
  }
}

const anId = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i

/**
 * Says who is at work. Until there is sign-in this is one person for everybody; sign-in will
 * change this place only.
 */
export function identifyActor(actor: string): RequestHandler {
  return (request, response, next) => {
    const said = request.get(changeHeader) ?? ''
    // Who sends a change names it, and can take it back by that name.
    const groupId = anId.test(said) ? said.toLowerCase() : randomUUID()
    response.locals.recorder = { actor, at: new Date(), groupId }
    next()
  }
}

/** Somebody at work outside of a request, as when a demo is played. */
export const recorderAt = (actor: string, at: Date): Recorder => ({
  actor,
  at,
  groupId: randomUUID(),
})

/** The columns that a row is stored with that never changes. */
export const recordedBy = ({ actor, at }: Recorder) => ({ createdBy: actor, createdAt: at })

/** The columns that a row is stored with that may change: nobody did yet. */
export const newlyRecordedBy = (recorder: Recorder) => ({
  ...recordedBy(recorder),
  version: 1,
  changedBy: null,
  changedAt: null,
})

/** The columns that a row is stored with that may be struck out. */
export const newlyMendable = (recorder: Recorder) => ({
  ...newlyRecordedBy(recorder),
  isStruck: false,
})

/** Who changed a row, and when. */
export const changedBy = ({ actor, at }: Recorder) => ({ changedBy: actor, changedAt: at })
