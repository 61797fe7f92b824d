import type { FrozenCause } from '@spudder/contract/remedy'
import { countedReadings } from '@spudder/core/seen/reading'
import { diagnose, storyOf, type DiagnosisInput } from '@spudder/core/verdict/diagnosis'
import type { Connection } from '../database/connect.ts'
import { rightingOf, type Righting } from '../learning/righting.ts'
import { findPlace } from '../place/place.service.ts'
import type { StandRow } from '../stand/stand.repository.ts'
import { selectEvidence } from './remedy.repository.ts'

/**
 * What is known of a case, as a verdict takes it: the newest look, the readings and the story.
 * @param until the last day that counts; none: all that is stored
 * @param righting how readings of the place are put right, where it is asked of many cases
 * @returns undefined before anybody looked
 */
export async function evidenceOfCase(
  connection: Connection,
  caseId: string,
  stand: StandRow,
  { until = '9999-12-31', righting }: { until?: string; righting?: Righting } = {},
): Promise<DiagnosisInput | undefined> {
  const { looks, readings, events } = await selectEvidence(connection, caseId, stand.id)
  const newest = looks.findLast(({ lookedOn }) => lookedOn <= until)
  if (!newest) return undefined
  const { settings } = await findPlace(connection, stand.placeId)
  const counted = countedReadings(readings, settings).filter(({ takenOn }) => takenOn <= until)
  const putRight = righting ?? (await rightingOf(connection, stand.placeId))
  return {
    context: stand.context,
    plantId: stand.plantId,
    grown: stand.measures,
    lookedOn: newest.lookedOn,
    latitude: settings.latitude,
    findings: newest.findings,
    ...storyOf(newest.lookedOn, putRight(counted, newest.lookedOn), events),
    school: settings.ironSchool,
  }
}

/** The verdict of a case from {@link evidenceOfCase}. */
export async function verdictOfLooks(
  ...of: Parameters<typeof evidenceOfCase>
): Promise<FrozenCause[] | undefined> {
  const evidence = await evidenceOfCase(...of)
  return (
    evidence &&
    diagnose(evidence).ranked.map(({ id, probability }) => ({ causeId: id, probability }))
  )
}
