import {
  auditActWords,
  type AuditLineDto,
  type AuditPageDto,
  type AuditQueryDto,
} from '@spudder/contract/person'
import { writeTable } from '@spudder/core/base/table'
import type { FileContent } from '@spudder/contract/route'
import { selectAudit, type AuditRow } from '../access/audit.repository.ts'
import type { Database } from '../database/connect.ts'

const usualLines = 50
/** Lines read at once while a file is written. */
const atOnce = 1000

const lineDto = (row: AuditRow): AuditLineDto => ({
  position: row.position,
  at: row.at.toISOString(),
  actor: row.actor,
  act: row.act,
  outcome: row.outcome,
  subject: row.subject,
  address: row.address,
  device: row.device,
  requestId: row.requestId,
})

/** A page of who did what at a place, the newest first. */
export async function readAudit(
  db: Database,
  placeId: string,
  { limit = usualLines, ...wanted }: AuditQueryDto,
): Promise<AuditPageDto> {
  const rows = await selectAudit(db, placeId, wanted, limit + 1)
  const lines = rows.slice(0, limit).map(lineDto)
  return { lines, next: rows.length > limit ? (lines.at(-1)?.position ?? null) : null }
}

const heads = ['When', 'Who', 'Did', 'Outcome', 'What', 'Address', 'Device', 'Request'] as const

async function* written(db: Database, placeId: string): AsyncGenerator<Uint8Array> {
  const encoder = new TextEncoder()
  let before: number | undefined
  for (;;) {
    const rows = await selectAudit(db, placeId, { before }, atOnce)
    const cells = rows.map(({ at, actor, act, outcome, subject, address, device, requestId }) => [
      at.toISOString(),
      actor,
      auditActWords[act],
      outcome,
      subject,
      address,
      device,
      requestId, // prettier-ignore
    ])
    const text = writeTable(heads, cells)
    // The heads stand once, above the first lines.
    yield encoder.encode(`${before === undefined ? text : text.slice(text.indexOf('\n') + 1)}\r\n`)
    before = rows.at(-1)?.position
    if (rows.length < atOnce) return
  }
}

/** All of it, as it is read from the database. */
export const writeAudit = (db: Database, placeId: string): Promise<FileContent> =>
  Promise.resolve({
    type: 'text/csv; charset=utf-8',
    content: written(db, placeId),
    saveAs: 'spudder-audit.csv',
    isForever: false,
  })
