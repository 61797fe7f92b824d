import { linesOf, refusedWords, type LineDevice } from './line-device.ts'

/** The part of Web Serial that is used (WICG, Web Serial API); no types of it ship with the compiler. */
interface SerialPort {
  readonly readable: ReadableStream<Uint8Array> | null
  open(options: { readonly baudRate: number }): Promise<void>
  close(): Promise<void>
}
interface Serial {
  requestPort(): Promise<SerialPort>
}
const serial = (): Serial | undefined => (navigator as { readonly serial?: Serial }).serial

export const hasSerial = (): boolean => serial() !== undefined

/** The usual speed of such cables [baud]: common practice. */
const usualSpeed = 9600

/** @throws {DeviceRefused} */
export async function openSerial(): Promise<LineDevice> {
  try {
    const port = await serial()?.requestPort()
    if (!port) throw new DOMException('none', 'NotFoundError')
    await port.open({ baudRate: usualSpeed })
    const reader = port.readable?.getReader()
    const decoder = new TextDecoder()
    async function* pieces(): AsyncGenerator<string> {
      for (;;) {
        const { done, value } = (await reader?.read()) ?? { done: true, value: undefined }
        if (done || !value) return
        yield decoder.decode(value, { stream: true })
      }
    }
    const close = async () => {
      await reader?.cancel()
      reader?.releaseLock()
      await port.close()
    }
    return { name: 'pen by cable', lines: linesOf(pieces()), close }
  } catch (error) {
    throw refusedWords(error, 'cable')
  }
}
