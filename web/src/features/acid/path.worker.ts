import { foretell, type ForetellInput } from '@spudder/core/soil/pH-path'

/** Chunks between two looks at whether somebody has asked anew. */
const chunksAtOnce = 4
let newest = 0

const pause = () => new Promise<void>((resolve) => setTimeout(resolve))

async function run(input: ForetellInput, number: number): Promise<void> {
  const steps = foretell(input)
  for (let chunk = 1; ; chunk++) {
    const { done, value } = steps.next()
    if (done) {
      self.postMessage({ forecast: value, number })
      return
    }
    if (chunk % chunksAtOnce !== 0) continue
    self.postMessage({ share: value, number })
    await pause()
    if (number !== newest) return
  }
}

/** Follows a thousand draws away from the page; a newer question ends an older one. */
self.addEventListener(
  'message',
  ({ data }: MessageEvent<{ input: ForetellInput | undefined; number: number }>) => {
    newest = data.number
    if (data.input) void run(data.input, data.number)
  },
)
