/** A pen or a meter that sends lines of text: by cable, over the air, or made up. */
export interface LineDevice {
  /** What it calls itself; of a made-up one it says so, wherever its values go. */
  readonly name: string
  /** Its lines, as they come, until it is closed or goes away. */
  readonly lines: AsyncIterable<string>
  readonly close: () => Promise<void>
}

/** Why a device was not opened, in words for the page. */
export class DeviceRefused extends Error {}

/** Text in pieces, cut into its lines. */
export async function* linesOf(pieces: AsyncIterable<string>): AsyncGenerator<string> {
  let rest = ''
  for await (const piece of pieces) {
    const parts = (rest + piece).split(/\r\n|\n|\r/)
    rest = parts.pop() ?? ''
    for (const line of parts) if (line.trim() !== '') yield line
  }
  if (rest.trim() !== '') yield rest
}

/** What somebody did not choose, or a browser did not open. */
export const refusedWords = (error: unknown, what: string): DeviceRefused =>
  new DeviceRefused(
    error instanceof DOMException && error.name === 'NotFoundError'
      ? `No ${what} was chosen. Switch it on, and choose it when the browser asks.`
      : `The ${what} did not open. Close whatever else is connected to it, switch it off and on, and try again; or type what it shows.`,
  )
