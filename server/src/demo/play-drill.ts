import type { DemoDrill } from '@spudder/sim/vennlow'
import type { Connection } from '../database/connect.ts'
import { recordDrill } from '../drill/drill.service.ts'
import { recorderAt } from '../recorder/recorder.ts'

/** Plays an answer of somebody of the demo, on its evening. */
export async function playDrill(
  connection: Connection,
  placeId: string,
  { by, drill }: DemoDrill,
): Promise<void> {
  const recorder = recorderAt(by, new Date(`${drill.answeredOn}T18:00:00Z`))
  await recordDrill(connection, recorder, placeId, drill)
}
