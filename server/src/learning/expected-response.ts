import type { Connection } from '../database/connect.ts'
import { expectedHere, learningResponses, seenTreatments } from '@spudder/core/outcome/learnt'
import { eyesOf } from '@spudder/core/seen/eye'
import { responseFor, type Response, type SourceId } from '@spudder/core/material/source'
import type { Context, Route } from '@spudder/core/stand/plant'
import { setImmediate } from 'node:timers/promises'
import { listEyeSittings } from '../eye/eye.repository.ts'
import { findPlace } from '../place/place.service.ts'
import { readLearning } from './learning.service.ts'

/** So long the server learns before it looks after others [ms]. */
const breathMs = 20

/**
 * How a stand is expected to answer a treatment: as its place taught, where that is switched on there, and
 * else as published.
 * @param on the day on which it is asked
 * @throws {CoreError} source-without-response
 */
export async function expectedResponse(
  connection: Connection,
  stand: { readonly id: string; readonly placeId: string; readonly context: Context },
  { route, sourceId }: { readonly route: Route; readonly sourceId: SourceId },
  on: string,
): Promise<Response> {
  const published = responseFor(route, sourceId, stand.context)
  const { settings } = await findPlace(connection, stand.placeId)
  if (!settings.learns) return published
  const record = await readLearning(connection, stand.placeId)
  const eyes = settings.takesAsSaid
    ? []
    : eyesOf(await listEyeSittings(connection, stand.placeId), settings.screens)
  const alike = seenTreatments(record, eyes).filter(({ response }) => response.id === published.id)
  const steps = learningResponses(alike, on)
  for (let from = performance.now(); ;) {
    const { done, value } = steps.next()
    if (done === true) return expectedHere(value, published, stand.id)
    if (performance.now() - from < breathMs) continue
    await setImmediate()
    from = performance.now()
  }
}
