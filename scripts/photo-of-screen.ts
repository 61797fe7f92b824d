import { cardShapes, screenShapes } from '@spudder/core/seen/photo'
import { asJpeg, expose, paintScene, shownOn, type ScreenCast } from '@spudder/sim/camera'

/** A photo by the simulated camera of a screen with such a cast, the printed card beside what it shows; a JPEG. */
export async function photoOfScreen(cast: ScreenCast): Promise<Uint8Array> {
  const desk = await paintScene({
    width: 1000,
    height: 520,
    ground: '#3a3a3c',
    canopy: {
      leafForm: 'ovate',
      greenness: 0.5,
      spread: 0,
      leafCount: 0,
      leafLength: 1,
      seed: 0.5,
    },
    card: { shapes: cardShapes(), x: 30, y: 80, pxPerMm: 4, turnDegrees: 2 },
    screen: { shapes: shownOn(screenShapes(), cast), x: 520, y: 70, pxPerMm: 4.2 },
  })
  return asJpeg(await expose(desk, { exposure: 0.7, red: 1.1, blue: 0.85 }), '2026-05-02')
}
