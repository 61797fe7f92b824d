import { CoreError } from '../../base/error/index.ts'

/** A decoded picture: 4 bytes a pixel (red, green, blue, opacity), row by row from the top left. */
export interface Picture {
  readonly width: number
  readonly height: number
  readonly data: Uint8ClampedArray | Uint8Array
}

/** @throws {CoreError} out-of-range where the bytes do not make up the pixels */
export function requirePicture({ width, height, data }: Picture): void {
  if (width > 0 && height > 0 && data.length === width * height * 4) return
  throw new CoreError('picture-cut', {
    parameter: 'picture',
    received: `${data.length} bytes for ${width} × ${height}`,
  })
}
