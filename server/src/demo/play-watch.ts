import { keptMeasure, cardShapes, measurePhoto } from '@spudder/core/seen/photo'
import { planTrial } from '@spudder/core/outcome/trial'
import { asJpeg, expose, paintScene } from '@spudder/sim/camera'
import { idFor } from '@spudder/sim/seeded'
import { colourOfPlot, type Act } from '@spudder/sim/vennlow'
import type { Database } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { measurePhoto as keepMeasure } from '../photo/measure.service.ts'
import { keepPhoto } from '../photo/photo.service.ts'
import { createTrial, ratePlots } from '../trial/trial.service.ts'

type Of<Kind extends Act['kind']> = Extract<Act, { kind: Kind }>

/** How the card lies in the pictures of the demo. */
const card = { x: 26, y: 24, pxPerMm: 2.15, turnDegrees: 4 }

/** Takes a photo with the simulated camera, keeps it and measures it, as a person would. */
export async function playPhoto(
  db: Database,
  recorder: Recorder,
  standId: string,
  { photoId, fileName, scene, exposure, part, on }: Of<'photo'>,
): Promise<void> {
  const painted = await paintScene({ ...scene, card: { shapes: cardShapes(), ...card } })
  const picture = await expose(painted, exposure)
  const bytes = await asJpeg(picture, on)
  await keepPhoto(db, recorder, standId, { query: { id: photoId, fileName }, bytes })
  await keepMeasure(db, recorder, photoId, keptMeasure(measurePhoto(picture), [], part))
}

/** Lays a trial out and rates its plots on each of its days. */
export async function playTrial(
  db: Database,
  recorder: Recorder,
  standId: string,
  { dto, rounds }: Of<'trial'>,
): Promise<void> {
  await createTrial(db, recorder, standId, dto)
  const plots = planTrial(dto.design, dto.seed)
  for (const round of rounds) {
    const { ratedOn } = round
    const ratings = plots.map((plot) => ({
      id: idFor(`rating:${dto.id}:${plot.number}:${ratedOn}`),
      plot: plot.number,
      ratedOn,
      value: colourOfPlot(dto.id, round, plot),
    }))
    const at = new Date(`${ratedOn}T16:30:00Z`)
    await ratePlots(db, { ...recorder, at }, dto.id, { ratings })
  }
}
