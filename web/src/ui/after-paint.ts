/** So long a page that nobody sees, which is never painted, waits all the same [ms]. */
const mostMs = 200

/** Does what nobody waits for once what the hand did is on the screen. */
export function afterPaint(work: () => void): void {
  let isDone = false
  const once = () => {
    if (!isDone) work()
    isDone = true
  }
  requestAnimationFrame(() => setTimeout(once))
  setTimeout(once, mostMs)
}
