let last: Promise<unknown> = Promise.resolve()

/** Browsers without locks: one page of this device has to do. */
function inTurn<Result>(work: () => Promise<Result>): Promise<Result> {
  const next = last.then(work, work)
  last = next.catch(() => undefined)
  return next
}

/** Does something once the others are done with it, whichever page of this device they are on. */
export function oneAtATime<Result>(name: string, work: () => Promise<Result>): Promise<Result> {
  // Pages that were opened without https have none.
  const { locks } = navigator as { readonly locks?: LockManager | null }
  return locks ? (locks.request(name, work) as Promise<Result>) : inTurn(work)
}
