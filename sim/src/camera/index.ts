export { paintCrop, paintScene } from './scene.ts'
export type { RawPicture, Scene } from './scene.ts'
export { asJpeg, expose } from './simulated-camera.ts'
export type { Exposure } from './simulated-camera.ts'
