import { paintCanopy, type Canopy, type Shape } from '@spudder/core/seen/painter'
import sharp from 'sharp'

/** What lies before the camera. */
export interface Scene {
  /** Size of the picture [px]. */
  readonly width: number
  readonly height: number
  /** Colour of the ground between the leaves. */
  readonly ground: string
  readonly canopy: Omit<Canopy, 'width' | 'height'>
  /** Plants of another kind among them, in a colour of their own; a share of the picture. */
  readonly weeds?: { readonly colour: string; readonly share: number } | undefined
  /** A colour card. */
  readonly card?: LaidDown | undefined
  /** A screen that shows something, behind all of it. */
  readonly screen?: LaidDown | undefined
}

/** A drawing in millimetres, where it lies and how large and how turned. */
export interface LaidDown {
  readonly shapes: string
  readonly x: number
  readonly y: number
  readonly pxPerMm: number
  readonly turnDegrees?: number
}

/** A picture as bytes of red, green, blue and opacity. */
export interface RawPicture {
  readonly width: number
  readonly height: number
  readonly data: Uint8ClampedArray
}

function svgOf({ kind, d, colour, width, opacity = 1 }: Shape, paint = colour): string {
  return kind === 'fill'
    ? `<path d="${d}" fill="${paint}" opacity="${opacity}"/>`
    : `<path d="${d}" fill="none" stroke="${paint}" stroke-width="${width ?? 1}" opacity="${opacity}"/>`
}

/** Weeds grow in the lower right part, in one patch as they do. */
function weedsOf({ weeds, width, height }: Scene, paint: string): string {
  if (!weeds) return ''
  const side = Math.sqrt(weeds.share)
  const [w, h] = [width * side, height * side]
  return `<rect x="${width - w}" y="${height - h}" width="${w}" height="${h}" fill="${paint}"/>`
}

const laid = ({ x, y, pxPerMm, turnDegrees = 0 }: LaidDown, shapes: string): string =>
  `<g transform="translate(${x} ${y}) rotate(${turnDegrees}) scale(${pxPerMm})">${shapes}</g>`

function cardOf({ card }: Scene, isWhite: boolean): string {
  if (!card) return ''
  return laid(card, isWhite ? '<rect width="106" height="58" fill="#000000"/>' : card.shapes)
}

async function draw(scene: Scene, inside: string, ground: string): Promise<RawPicture> {
  const { width, height } = scene
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><rect width="100%" height="100%" fill="${ground}"/>${inside}</svg>`
  const { data } = await sharp(Buffer.from(svg))
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true })
  return { width, height, data: new Uint8ClampedArray(data) }
}

const leavesOf = (scene: Scene) => paintCanopy({ ...scene.canopy, ...sizeOf(scene) })
const sizeOf = ({ width, height }: Scene) => ({ width, height })

/** The scene as it really is, in white light and perfectly sharp. */
export function paintScene(scene: Scene): Promise<RawPicture> {
  const leaves = leavesOf(scene).map((shape) => svgOf(shape))
  const inside = [
    scene.screen ? laid(scene.screen, scene.screen.shapes) : '',
    ...leaves,
    weedsOf(scene, scene.weeds?.colour ?? ''),
    cardOf(scene, false),
  ]
  return draw(scene, inside.join(''), scene.ground)
}

/** Where the crop really is: white on black. */
export function paintCrop(scene: Scene): Promise<RawPicture> {
  const leaves = leavesOf(scene).map((shape) => svgOf(shape, '#ffffff'))
  const inside = [...leaves, weedsOf(scene, '#000000'), cardOf(scene, true)]
  return draw(scene, inside.join(''), '#000000')
}
