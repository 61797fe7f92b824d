import { linesOf, refusedWords, type LineDevice } from './line-device.ts'

/** The part of Web Bluetooth that is used (Web Bluetooth Community Group); no types of it ship with the compiler. */
interface Characteristic extends EventTarget {
  readonly value?: DataView
  startNotifications(): Promise<Characteristic>
}
interface Device extends EventTarget {
  readonly name?: string
  readonly gatt?: {
    connect(): Promise<{
      getPrimaryService(id: string): Promise<{ getCharacteristic(id: string): Promise<Characteristic> }> // prettier-ignore
    }>
    disconnect(): void
  }
}
interface Bluetooth {
  requestDevice(options: {
    readonly filters: readonly { readonly services: readonly string[] }[]
  }): Promise<Device>
}
const bluetooth = (): Bluetooth | undefined =>
  (navigator as { readonly bluetooth?: Bluetooth }).bluetooth

export const hasBluetooth = (): boolean => bluetooth() !== undefined

/** A cable over the air, as many pens have it: the service and what it sends by (common practice, from memory). */
const textService = '6e400001-b5a3-f393-e0a9-e50e24dcca9e'
const textSent = '6e400003-b5a3-f393-e0a9-e50e24dcca9e'

/** What a characteristic notifies of, one after the other, until it is told to stop. */
function notified(of: Characteristic) {
  const waiting: string[] = []
  const decoder = new TextDecoder()
  let wake: () => void = () => undefined
  let isOver = false
  const end = () => {
    isOver = true
    wake()
  }
  of.addEventListener('characteristicvaluechanged', () => {
    if (of.value) waiting.push(decoder.decode(of.value, { stream: true }))
    wake()
  })
  async function* pieces(): AsyncGenerator<string> {
    while (!isOver) {
      const piece = waiting.shift()
      if (piece !== undefined) yield piece
      else await new Promise<void>((resolve) => (wake = resolve))
    }
  }
  return { pieces: pieces(), end }
}

/** @throws {DeviceRefused} */
export async function openBluetooth(): Promise<LineDevice> {
  try {
    const device = await bluetooth()?.requestDevice({ filters: [{ services: [textService] }] })
    if (!device?.gatt) throw new DOMException('none', 'NotFoundError')
    const service = await (await device.gatt.connect()).getPrimaryService(textService)
    const sends = await (await service.getCharacteristic(textSent)).startNotifications()
    const { pieces, end } = notified(sends)
    device.addEventListener('gattserverdisconnected', end)
    const close = () => {
      end()
      device.gatt?.disconnect()
      return Promise.resolve()
    }
    return { name: device.name ?? 'pen over the air', lines: linesOf(pieces), close }
  } catch (error) {
    throw refusedWords(error, 'pen')
  }
}
