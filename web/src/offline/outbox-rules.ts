/** What became of a change that was tried. */
export interface Tries {
  /** How often it was tried, when it is tried next by the clock of the device [ms], and what came of it last. */
  readonly tries?: number
  readonly nextTryAt?: number
  readonly lastTry?: string
  /** What the server has against it; it stays until somebody puts it right or deletes it. */
  readonly refusal?: Refusal
}

/** What the server has against a change. */
export interface Refusal {
  readonly words: string
  /** The state that is stored now, where somebody else changed it meanwhile. */
  readonly version?: number
}

/** A change in the order in which changes were made on this device, whatever its clock said. */
export interface InOrder extends Tries {
  readonly id: string
  readonly seq: number
}

/** Where changes wait. What was put there is there after the page, or the device, went down. */
export interface WaitingStore<Item extends InOrder> {
  readonly all: () => Promise<readonly Item[]>
  readonly put: (item: Item) => Promise<void>
  readonly remove: (id: string) => Promise<void>
}

/** What sending rests on. */
export interface Sending<Item extends InOrder> {
  readonly store: WaitingStore<Item>
  /** @throws whatever stands against it */
  readonly send: (item: Item) => Promise<unknown>
  /** Whether the same may be taken another time: nobody has judged it. */
  readonly isWorthAnother: (error: unknown) => boolean
  readonly refusalOf: (error: unknown) => Refusal
  /** Whether it may be sent by whoever is signed in now. */
  readonly isOwn: (item: Item) => boolean
  /** Ids of things that have to be stored before it. */
  readonly needs: (item: Item) => readonly string[]
  /** What a later change becomes once this one was stored; the same where it is nothing to it. */
  readonly after: (later: Item, stored: Item, answer: unknown) => Item
  readonly now: () => number
  /** From 0 to 1. */
  readonly random: () => number
}

/** A change that went out, and what the server answered. */
export interface Stored<Item> {
  readonly item: Item
  readonly answer: unknown
}

/** Pauses between tries: the first, and the longest [ms]. */
const firstPauseMs = 5000
const longestPauseMs = 5 * 60_000

/** Each pause is twice the one before, give or take a fifth: many devices come back at once. */
function pauseAfter(tries: number, random: number): number {
  const pause = Math.min(longestPauseMs, firstPauseMs * 2 ** (tries - 1))
  return pause * (0.8 + 0.4 * random)
}

/** Whether its pause is over. One that is longer than any pause was reckoned by a clock that was put right since. */
export function isDue({ nextTryAt = 0 }: Tries, now: number): boolean {
  return nextTryAt <= now || nextTryAt - now > 1.2 * longestPauseMs
}

export const inOrder = <Item extends InOrder>(items: readonly Item[]): Item[] =>
  items.toSorted((one, other) => one.seq - other.seq)

/** Whether it waits for something that waits itself, or was refused. */
const isHeldUp = <Item extends InOrder>(
  item: Item,
  items: readonly Item[],
  { needs }: Sending<Item>,
): boolean => {
  const needed = needs(item)
  return items.some(({ id, seq }) => seq < item.seq && needed.includes(id))
}

/** Later changes as they are once one of them was stored. */
async function seeToLater<Item extends InOrder>(
  sending: Sending<Item>,
  { item: stored, answer }: Stored<Item>,
): Promise<void> {
  for (const item of await sending.store.all()) {
    if (item.seq <= stored.seq) continue
    const changed = sending.after(item, stored, answer)
    if (changed !== item) await sending.store.put(changed)
  }
}

/** Tries one; undefined where the others have to wait too. */
async function tryOne<Item extends InOrder>(
  sending: Sending<Item>,
  item: Item,
): Promise<Stored<Item> | 'refused' | undefined> {
  const { store, now, random } = sending
  let answer: unknown
  try {
    answer = await sending.send(item)
  } catch (error) {
    const { nextTryAt: _next, ...rest } = item
    if (!sending.isWorthAnother(error)) {
      await store.put({ ...rest, refusal: sending.refusalOf(error) } as Item)
      return 'refused'
    }
    const tries = (item.tries ?? 0) + 1
    const nextTryAt = now() + pauseAfter(tries, random())
    await store.put({ ...item, tries, nextTryAt, lastTry: sending.refusalOf(error).words })
    return undefined
  }
  // Where this fails the device keeps it, and it is sent again: the server stores it once.
  await seeToLater(sending, { item, answer })
  await store.remove(item.id)
  return { item, answer }
}

/**
 * Sends what waits, one after the other, in the order in which it was made; stops at the first that has to wait.
 * What was refused is passed by, and what rests on it stays with it. One at a time: whoever calls sees to that.
 * @param isAsked somebody asked, or the signal came back: no pause is kept
 * @param stored is told of each as it was stored
 */
export async function sendWaiting<Item extends InOrder>(
  sending: Sending<Item>,
  isAsked: boolean,
  stored: (each: Stored<Item>) => void = () => undefined,
): Promise<void> {
  let last = -Infinity
  for (;;) {
    const items = inOrder(await sending.store.all())
    const next = items.find(
      (item) =>
        item.seq > last &&
        item.refusal === undefined &&
        sending.isOwn(item) &&
        !isHeldUp(item, items, sending),
    )
    if (!next || (!isAsked && !isDue(next, sending.now()))) return
    last = next.seq
    const outcome = await tryOne(sending, next)
    if (outcome === undefined) return
    if (outcome !== 'refused') stored(outcome)
  }
}
