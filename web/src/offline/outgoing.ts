import type { InOrder } from './outbox-rules.ts'
import type { OutdoorName } from './outdoor-routes.ts'

/** What a route was asked with, as it lies in the browser: its file beside it. */
export interface KeptAsked {
  readonly dto?: object
  readonly query?: object
  readonly [param: string]: unknown
}

/** A change that was made on this device and is not stored yet. */
export interface Outgoing extends InOrder {
  readonly name: OutdoorName
  /** What it can be taken back by, and is known by where it comes twice. */
  readonly changeId: string
  readonly asked: KeptAsked
  /** A file that goes with it, by its type; its bytes lie apart. */
  readonly fileType?: string
  /** What it is, and where, in words. */
  readonly title: string
  readonly standId?: string
  readonly standName?: string
  readonly madeAt: string
  /** Who made it; nobody else sends it. */
  readonly by: { readonly id?: string; readonly name: string }
  /** What was typed, to be opened again where it has to be put right. */
  readonly draft?: object
}
