import { changeHeader } from '@spudder/contract/route'
import type { Request } from 'express'
import { randomUUID } from 'node:crypto'

/** Who records and when; every stored row carries both. */
export interface Recorder {
  readonly actor: string
  readonly at: Date
  /** What is done at once and can be taken back at once: one id for all of a request. */
  readonly groupId: string
  /** Null for who is nobody of the installation: a demo that is played, a folder that is watched. */
  readonly personId: string | null
}

declare module 'express-serve-static-core' {
  interface Locals {
    recorder: Recorder
  }
}

const anId = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i

/** Somebody who is at work, as far as what they store has to do with them. */
interface Known {
  readonly id: string
  readonly name: string
}

/** Who is at work by a request: the one place where a name comes from. */
export function identifyRequest(request: Request, person: Known | undefined): Recorder {
  const said = request.get(changeHeader) ?? ''
  // Who sends a change names it, and can take it back by that name.
  const groupId = anId.test(said) ? said.toLowerCase() : randomUUID()
  const { id: personId = null, name: actor = 'nobody' } = person ?? {}
  return { actor, at: new Date(), groupId, personId }
}

/** Somebody at work outside of a request, as when a demo is played. */
export const recorderAt = (actor: string, at: Date): Recorder => ({
  actor,
  at,
  groupId: randomUUID(),
  personId: null,
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
