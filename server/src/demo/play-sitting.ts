import { readingKinds } from '@spudder/core/seen/reading'
import { eyeScales, planSitting } from '@spudder/core/seen/eye'
import { bellDrawFor } from '@spudder/sim/seeded'
import type { DemoSitting } from '@spudder/sim/vennlow'
import type { Connection } from '../database/connect.ts'
import { recordEyeSitting } from '../eye/eye.service.ts'
import { recorderAt } from '../recorder/recorder.ts'

/** Plays a sitting of somebody of the demo: what they say is the truth as their eye bends it. */
export async function playSitting(
  connection: Connection,
  placeId: string,
  { by, eye, sitting }: DemoSitting,
): Promise<void> {
  const { min, max } = readingKinds[sitting.scale]
  const { step } = eyeScales[sitting.scale]
  const middle = (min + max) / 2
  const said = planSitting(sitting.scale, sitting.seed).map(({ truth }, at) => {
    const along = (truth - middle) / (max - middle)
    const stray = eye.stray * bellDrawFor(`${sitting.seed}:${at}`)
    const clear = truth + eye.above + eye.steeper * along + stray
    return Math.min(max, Math.max(min, Math.round(clear / step) * step))
  })
  const recorder = recorderAt(by, new Date(`${sitting.ratedOn}T08:00:00Z`))
  await recordEyeSitting(connection, recorder, placeId, { ...sitting, said })
}
