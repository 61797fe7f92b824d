import type { ClassConstructor } from 'class-transformer'

/** A file as a handler gives it. */
export interface FileContent {
  readonly type: string
  readonly content: Uint8Array | string | AsyncIterable<Uint8Array>
  /** The name to save it under; undefined: it is shown. */
  readonly saveAs: string | undefined
  /** Whether it never changes, so that a browser may keep it. */
  readonly isForever: boolean
}

/** What a route answers with: a thing, a list of things, or a file. */
export interface Answers<Answer> {
  readonly as: 'one' | 'list' | 'file'
  readonly dto: ClassConstructor<object> | undefined
  /** Media types of a file. */
  readonly types: readonly string[]
  /** Never there: it carries the type of the answer to both ends. */
  readonly answer?: Answer
}

export const one = <Dto extends object>(dto: ClassConstructor<Dto>): Answers<Dto> => ({
  as: 'one',
  dto,
  types: [],
})

export const list = <Dto extends object>(dto: ClassConstructor<Dto>): Answers<Dto[]> => ({
  as: 'list',
  dto,
  types: [],
})

export const file = (types: readonly string[]): Answers<FileContent> => ({
  as: 'file',
  dto: undefined,
  types,
})
