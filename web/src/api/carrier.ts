import type { Route } from '@spudder/contract/route'
import { shallowRef } from 'vue'
import { call, type AnswerOf, type AskedOf } from './call.ts'

/** What goes with a change beside what the server is sent. */
export interface CarriedWith {
  /** What it can be taken back by. */
  readonly changeId: string
  /** What was typed, to be opened again where it has to be put right. */
  readonly draft?: object | undefined
}

/** What became of a change. */
export interface Carried<Answer> {
  /** What the server answered; where the change waits on this device, what it will be like. */
  readonly answer: Answer
  /** Whether it waits on this device for signal. */
  readonly isWaiting: boolean
  /** Whether what it can be seen in was read anew already, with what else went out. */
  readonly isReadAnew: boolean
}

/**
 * Who carries changes to the server, and knows which of them are still on this device. Without one, a change
 * goes at once or not at all.
 */
export interface Carrier {
  /** @throws {ApiProblem} whatever stands against it */
  readonly carry: <R extends Route>(
    route: R,
    asked: AskedOf<R>,
    given: CarriedWith,
  ) => Promise<Carried<AnswerOf<R>>>
  /** An answer of the server with what waits on this device added to it. */
  readonly withWaiting: <R extends Route>(
    route: R,
    asked: AskedOf<R>,
    answer: AnswerOf<R>,
  ) => AnswerOf<R>
  /** Whether something of this id waits on this device. */
  readonly isHere: (id: string) => boolean
  /** The picture of a photo that waits on this device; undefined of any other. */
  readonly pictureOf: (photoId: string) => Promise<Blob | undefined>
}

const atOnce: Carrier = {
  carry: async (route, asked, { changeId }) => ({
    answer: await call(route, asked, changeId),
    isWaiting: false,
    isReadAnew: false,
  }),
  withWaiting: (_route, _asked, answer) => answer,
  isHere: () => false,
  pictureOf: () => Promise.resolve(undefined),
}

const current = shallowRef(atOnce)

/** Lets changes be carried by somebody from now on; undefined: at once or not at all. */
export function carryBy(carrier: Carrier | undefined): void {
  current.value = carrier ?? atOnce
}

export const carrier = (): Carrier => current.value
