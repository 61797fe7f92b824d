import type { ClassConstructor } from 'class-transformer'

/** Stands for the bytes of a file: a Blob where it is sent, bytes where it is received. */
export interface Bytes {
  readonly isBytes: true
}

/** What goes with a request: nothing, JSON of a class, or the bytes of a file. */
export interface Sends<Sent> {
  readonly as: 'nothing' | 'json' | 'bytes'
  readonly dto?: ClassConstructor<object>
  /** Media types of bytes. */
  readonly types?: readonly string[]
  /** The most that is taken [MB]; the usual limit where it is not said. */
  readonly mostMB?: number
  /** Never there: it carries the type of the body to both ends. */
  readonly sent?: Sent
}

/** The most that a body may be where a route says nothing else [MB]. */
export const usualMostMB = 1
/** The most that a table of a laboratory is, as its text [MB]. */
export const tableMostMB = 8
/** The most that a station's file is: ten years, written every five minutes, stay below [MB]. */
export const stationMostMB = 64
/** The most that an archive of a place is, with its photos [MB]. */
export const archiveMostMB = 512
/** The most that a photo is [MB]. */
export const photoMostMB = 12

export const json = <Dto extends object>(
  dto: ClassConstructor<Dto>,
  mostMB = usualMostMB,
): Sends<Dto> => ({ as: 'json', dto, mostMB })

/** Nothing but the address. */
export const nothing: Sends<undefined> = { as: 'nothing' }

export const bytes = (types: readonly string[], mostMB: number): Sends<Bytes> => ({
  as: 'bytes',
  types,
  mostMB,
})
