import { randomLcg, randomNormal } from 'd3-random'
import sharp from 'sharp'
import type { RawPicture } from './scene.ts'

/** Light and lens of one exposure. */
export interface Exposure {
  /** Light as a share of what would bring white to white. */
  readonly exposure: number
  /** Red and blue light as shares of the green: warm evenings, blue shade. */
  readonly red: number
  readonly blue: number
  /** Share of each channel that the sensor takes from the other two. */
  readonly mixing?: number
  /** How much darker the right edge lies than the left, as a share. */
  readonly falloff?: number
  /** Glare over everything, in light. */
  readonly haze?: number
  /** Noise where light is full, one deviation of it; less light, less noise, but more of a share. */
  readonly noise?: number
  /** Radius of the blur [px]. */
  readonly blur?: number
  readonly seed?: number
}

/** IEC 61966-2-1. */
const toLight = (byte: number): number => {
  const share = byte / 255
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
}
const toByte = (light: number): number => {
  const share = Math.min(1, Math.max(0, light))
  return 255 * (share <= 0.0031308 ? 12.92 * share : 1.055 * share ** (1 / 2.4) - 0.055)
}
/** Light whose noise a sensor has in the dark. */
const darkNoise = 0.01

const lights = Float64Array.from({ length: 256 }, (_, byte) => toLight(byte))

/**
 * What a camera makes of a scene: another colour of light, too much or too little of it, channels
 * that mix, noise and blur. Simulated: it knows nothing of how its pictures will be read.
 */
export async function expose(scene: RawPicture, exposure: Exposure): Promise<RawPicture> {
  const { mixing = 0, falloff = 0, haze = 0, noise = 0, blur = 0, seed = 0.5 } = exposure
  const random = randomNormal.source(randomLcg(seed))(0, 1)
  const gains = [exposure.red, 1, exposure.blue].map((each) => each * exposure.exposure)
  const data = new Uint8ClampedArray(scene.data.length)
  for (let at = 0; at < data.length; at += 4) {
    const x = (at / 4) % scene.width
    const shade = 1 - (falloff * x) / scene.width
    const light = [0, 1, 2].map(
      (channel) =>
        (lights[scene.data[at + channel] ?? 0] ?? 0) * (gains[channel] ?? 0) * shade + haze,
    )
    const sum = light.reduce((total, each) => total + each, 0)
    light.forEach((own, channel) => {
      const mixed = own * (1 - 1.5 * mixing) + (sum * mixing) / 2
      const stray = noise > 0 ? noise * Math.sqrt(Math.max(0, mixed) + darkNoise) * random() : 0
      data[at + channel] = Math.round(toByte(mixed + stray))
    })
    data[at + 3] = 255
  }
  const lit = { ...scene, data }
  return blur > 0 ? blurred(lit, blur) : lit
}

const asImage = ({ width, height, data }: RawPicture) =>
  sharp(Buffer.from(data.buffer, data.byteOffset, data.length), {
    raw: { width, height, channels: 4 },
  })

async function blurred(picture: RawPicture, radius: number): Promise<RawPicture> {
  const data = await asImage(picture).blur(radius).raw().toBuffer()
  return { ...picture, data: new Uint8ClampedArray(data) }
}

/**
 * The picture as a JPEG file with the day it was taken on.
 * @param orientation as EXIF counts it: 1 upright, 6 turned to the right
 */
export function asJpeg(picture: RawPicture, takenOn: string, orientation = 1): Promise<Buffer> {
  const moment = `${takenOn.replaceAll('-', ':')} 12:00:00`
  return asImage(picture)
    .removeAlpha()
    .jpeg({ quality: 88 })
    .withExif({
      IFD0: { Orientation: String(orientation) },
      IFD2: { DateTimeOriginal: moment },
    })
    .toBuffer()
}
