import type { LineDevice } from './line-device.ts'

/** How often the stand-in sends a line [ms], and how much of the way to its value it goes each time. */
const everyMs = 300
const towards = 0.45

/** A pen that is not there: settles on a pH, as a real one does, and says of itself that it is simulated. */
export function openMadeUp(pH = 6.8): LineDevice {
  let isOpen = true
  async function* lines(): AsyncGenerator<string> {
    let shown = 7
    while (isOpen) {
      shown += (pH - shown) * towards
      yield `pH ${shown.toFixed(2)} 21.0 C`
      await new Promise((resolve) => setTimeout(resolve, everyMs))
    }
  }
  const close = () => {
    isOpen = false
    return Promise.resolve()
  }
  return { name: 'simulated pen', lines: lines(), close }
}
