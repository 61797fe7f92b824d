import type { RawPicture } from './scene.ts'

/** Distance of the lens from its sensor, as a share of the picture's width: a phone's. */
const focal = 0.8

/**
 * A picture of a flat scene from a camera that looks down at a slant: what is below comes nearer. What lies beyond the
 * scene is grey.
 * @param degrees off looking straight down
 */
export function atSlant({ width, height, data }: RawPicture, degrees: number): RawPicture {
  const slant = (degrees * Math.PI) / 180
  const lens = focal * width
  const seen = new Uint8ClampedArray(data.length).fill(90)
  for (let y = 0; y < height; y++) {
    const down = (y - height / 2) / lens
    const away = Math.cos(slant) / (Math.cos(slant) - down * Math.sin(slant))
    const fromY = Math.round(((down * away) / Math.cos(slant)) * lens + height / 2)
    for (let x = 0; x < width; x++) {
      const fromX = Math.round((x - width / 2) * away + width / 2)
      if (fromX < 0 || fromY < 0 || fromX >= width || fromY >= height) continue
      const from = (fromY * width + fromX) * 4
      seen.set(data.subarray(from, from + 4), (y * width + x) * 4)
    }
  }
  return { width, height, data: seen }
}
