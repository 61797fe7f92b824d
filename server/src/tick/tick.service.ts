import type { SheetTickDto, TickDto } from '@spudder/contract/tick'
import type { Connection, Database } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { keepTick, selectTicks } from './tick.repository.ts'

/** What is ticked off on the sheet of a job. */
export async function findTicks(connection: Connection, jobId: string): Promise<SheetTickDto[]> {
  const rows = await selectTicks(connection, jobId)
  return rows.map(({ part, number, isTicked, at, createdBy: by }) => ({
    part,
    number,
    isTicked,
    at: at.toISOString(),
    by,
  }))
}

/**
 * Ticks a line off, or takes the tick back. A moment that is still to come is a clock that is wrong, and counts
 * as now: nobody after it would be heard.
 */
export async function tick(
  db: Database,
  { actor, at: now }: Recorder,
  jobId: string,
  dto: TickDto,
): Promise<SheetTickDto[]> {
  const said = new Date(dto.at)
  const { part, number, isTicked } = dto
  await keepTick(db, {
    jobId,
    part,
    number,
    isTicked,
    createdBy: actor,
    at: said > now ? now : said,
  })
  return findTicks(db, jobId)
}
