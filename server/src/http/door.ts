import type { RequestHandler } from 'express'
import { ServiceError } from '../problem/service-error.ts'

/** Deeper than any form of ours, by far. */
const deepest = 24
/** More values than any table of ours holds in one request. */
const mostValues = 400_000
/** The longest address of a row, and the longest word searched for. */
const longestWord = 2000

/** Names that would reach into how objects are made. */
const forbiddenNames: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype'])

/** Half of a character that needs two units: no text in UTF-8 can hold it. */
const halfCharacter = /\p{Surrogate}/u

const unreadable = (why: string) => new ServiceError('body-unreadable', why)

/** @throws {ServiceError} for text that no database keeps: NUL, and half a character */
function requireText(text: string): void {
  if (text.includes('\0')) throw unreadable('A text holds a NUL character: leave it out.')
  if (halfCharacter.test(text)) throw unreadable('A text holds half a character: write it again.')
}

/**
 * Looks through what was sent before any class reads it: no deeper, no more, and no other text than
 * can be meant.
 * @throws {ServiceError} body-unreadable
 */
export function requireSane(sent: unknown): void {
  const left: { readonly value: unknown; readonly depth: number }[] = [{ value: sent, depth: 0 }]
  let seen = 0
  for (let item = left.pop(); item; item = left.pop()) {
    const { value, depth } = item
    seen += 1
    if (seen > mostValues) throw unreadable('Too many values at once.')
    if (typeof value === 'string') requireText(value)
    if (typeof value !== 'object' || value === null) continue
    if (depth >= deepest) throw unreadable('The body is nested too deep.')
    if (Array.isArray(value)) {
      for (const each of value as readonly unknown[]) left.push({ value: each, depth: depth + 1 })
      continue
    }
    for (const [name, each] of Object.entries(value)) {
      if (forbiddenNames.has(name)) throw unreadable(`A field may not be called "${name}".`)
      requireText(name)
      left.push({ value: each, depth: depth + 1 })
    }
  }
}

/** @throws {ServiceError} not-found for an address that no row can have; body-unreadable for a query */
export function requireSaneAddress(
  params: Readonly<Record<string, unknown>>,
  query: Readonly<Record<string, unknown>>,
): void {
  for (const value of Object.values(params)) {
    const isWord = typeof value === 'string' && value.length <= longestWord
    if (!isWord || value.includes('\0') || halfCharacter.test(value)) {
      throw new ServiceError('not-found', 'There is nothing under this address.')
    }
  }
  for (const [name, value] of Object.entries(query)) {
    if (forbiddenNames.has(name)) throw unreadable(`"${name}" cannot be asked for.`)
    if (typeof value !== 'string' || value.length > longestWord) {
      throw unreadable(`"${name.slice(0, 40)}": ask for it once, in ${longestWord} characters.`)
    }
    requireText(value)
  }
}

/** Names by which this machine calls itself. */
const ownNames: readonly string[] = ['localhost', '127.0.0.1', '[::1]']
const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase()

/**
 * Lets in who came by a name that is ours, and changes only from pages that are: a name of somebody
 * else's that was made to lead here reads and writes nothing.
 * @param more further names, as the operator set them
 */
export function ownHostsOnly(more: readonly string[]): RequestHandler {
  const known = new Set([...ownNames, ...more.map((name) => name.toLowerCase())])
  return (request, _response, next) => {
    const host = nameOf(request.headers.host ?? '')
    if (!known.has(host)) {
      throw new ServiceError('wrong-host', 'Open it by the address that it was started with.')
    }
    const { origin } = request.headers
    const from = origin === undefined ? undefined : hostOf(origin)
    const isOther = from !== undefined && !known.has(from)
    if (isOther || request.headers['sec-fetch-site'] === 'cross-site') {
      const isReading = request.method === 'GET' || request.method === 'HEAD'
      // A link on another page may lead here; its scripts may ask for nothing.
      if (isOther || !isReading || request.headers['sec-fetch-mode'] !== 'navigate') {
        throw new ServiceError('wrong-host', 'Another page asked for this: open Spudder itself.')
      }
    }
    next()
  }
}

/** "null" and nonsense are nobody we know. */
function hostOf(origin: string): string {
  try {
    return new URL(origin).hostname.toLowerCase()
  } catch {
    return ''
  }
}
