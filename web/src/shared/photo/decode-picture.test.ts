import { afterEach, describe, expect, it, vi } from 'vitest'
import { decodePicture } from './decode-picture.ts'

/** The head of a JPEG of a size: all that is read of it before it is decoded. */
function jpeg(width: number, height: number): Blob {
  const two = (value: number) => [value >> 8, value & 255]
  const jfif = [0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0]
  const frame = [0xff, 0xc0, 0, 17, 8, ...two(height), ...two(width), 3, 1, 0x22, 0, 2, 0x11, 1, 3, 0x11, 1] // prettier-ignore
  return new Blob([Uint8Array.from([0xff, 0xd8, ...jfif, ...frame])], { type: 'image/jpeg' })
}

/** A browser that decodes JPEGs at less than their size, or fails to. */
function decoder(decode: () => Promise<unknown>) {
  const asked: { desiredWidth: number; desiredHeight: number }[] = []
  const close = vi.fn()
  vi.stubGlobal(
    'ImageDecoder',
    class {
      constructor(init: { desiredWidth: number; desiredHeight: number }) {
        asked.push(init)
      }
      decode = decode
      close = close
    },
  )
  return { asked, close }
}
const bitmap = { width: 4000, height: 3000, close: vi.fn() }
const whole = () => vi.stubGlobal('createImageBitmap', vi.fn(() => Promise.resolve(bitmap))) // prettier-ignore

afterEach(() => vi.unstubAllGlobals())

describe('a picture', () => {
  it('that is a large JPEG comes out of its decoder at the least eighth of it that is enough', async () => {
    const [frame, image] = [{ close: vi.fn() }, { close: vi.fn() }]
    vi.stubGlobal('createImageBitmap', (of: unknown) => Promise.resolve(of === frame && image))
    const { asked, close } = decoder(() => Promise.resolve({ image: frame }))
    const decoded = await decodePicture(jpeg(4000, 3000), 800)
    expect(asked).toMatchObject([{ desiredWidth: 1000, desiredHeight: 750 }])
    // What it was taken at is told: whether it is too small is judged by that.
    expect(decoded).toMatchObject({ width: 4000, height: 3000, image })
    expect(close).toHaveBeenCalled()
    expect(frame.close).toHaveBeenCalled()
    decoded.close()
    expect(image.close).toHaveBeenCalled()
  })

  it('that is no larger than it is measured at, or no JPEG, is decoded whole', async () => {
    const { asked } = decoder(() => Promise.reject(new Error('not asked')))
    whole()
    expect((await decodePicture(jpeg(640, 480), 800)).image).toBe(bitmap)
    const png = new Blob(['png'], { type: 'image/png' })
    expect((await decodePicture(png, 800)).image).toBe(bitmap)
    expect(asked).toEqual([])
  })

  it('that the quick way cannot decode is tried whole before it is refused', async () => {
    const { close } = decoder(() => Promise.reject(new DOMException('no', 'EncodingError')))
    whole()
    expect((await decodePicture(jpeg(4000, 3000), 800)).image).toBe(bitmap)
    expect(close).toHaveBeenCalled()
    vi.stubGlobal('createImageBitmap', vi.fn(() => Promise.reject(new DOMException('broken')))) // prettier-ignore
    await expect(decodePicture(jpeg(4000, 3000), 800)).rejects.toThrow('broken')
  })
})
