import type { SeasonDto } from '@spudder/contract/season-review'
import { standingEntries } from '@spudder/core/days/entry'
import { checksMade, diagnose, settlingOf } from '@spudder/core/verdict/diagnosis'
import { setImmediate } from 'node:timers/promises'
import type { Connection } from '../database/connect.ts'
import { rightingOf, type Righting } from '../learning/righting.ts'
import { findPlace } from '../place/place.service.ts'
import { evidenceOfCase } from '../remedy/case-evidence.ts'
import { appliedNamesOf } from '../shelf/applied-names.ts'
import { selectPrices } from '../shelf/product.repository.ts'
import { selectStandsOf, type StandRow } from '../stand/stand.repository.ts'
import { selectSeason, type SeasonDays } from './season-review.repository.ts'

type Season = Awaited<ReturnType<typeof selectSeason>>
type CaseRow = Season['cases'][number]
type EntryRow = Season['entries'][number]

/** What was known of a case when somebody first acted; where nobody did, in the end. */
async function reviewCase(
  connection: Connection,
  { id, standId, openedOn, closedOn, outcome }: CaseRow,
  stand: StandRow,
  { entries, last, righting }: { readonly entries: readonly EntryRow[]; readonly last: string; readonly righting: Righting }, // prettier-ignore
): Promise<SeasonDto['cases'][number]> {
  const row = { id, standId, openedOn, closedOn, outcome }
  const actedOn = entries.find(({ caseId }) => caseId === id)?.happenedOn
  const until = actedOn ?? closedOn ?? last
  const known = await evidenceOfCase(connection, id, stand, { until, righting })
  if (!known) return { ...row, checks: [] }
  const verdict = diagnose(known)
  const [found] = verdict.ranked
  const settling = settlingOf(verdict)
  return {
    ...row,
    ...(found ? { found: { name: found.name, probability: found.probability } } : {}),
    ...(actedOn === undefined
      ? {}
      : { acted: { on: actedOn, state: settling.state, right: settling.chance } }),
    checks: checksMade(known).map(({ check, effort, changes, worth }) => ({
      checkId: check.id,
      name: check.name,
      money: check.money,
      effort,
      changes,
      worth,
    })),
  }
}

/**
 * What was done, found and spent at a place in a season, and the looks that are planned.
 * @throws {ServiceError} not-found
 */
export async function readSeason(
  connection: Connection,
  placeId: string,
  season: number,
): Promise<SeasonDto> {
  await findPlace(connection, placeId)
  const days: SeasonDays = { from: `${season}-01-01`, to: `${season}-12-31` }
  const stands = await selectStandsOf(connection, placeId, false)
  const rows = await selectSeason(
    connection,
    stands.map(({ id }) => id),
    days,
  )
  const standing = standingEntries(rows.entries)
  const entries = standing.filter(({ happenedOn }) => happenedOn >= days.from && happenedOn <= days.to) // prettier-ignore
  const productIds = entries.map(({ productId }) => productId)
  const [nameOf, prices] = await Promise.all([
    appliedNamesOf(connection, entries),
    selectPrices(connection, productIds),
  ])
  const standOf = new Map(stands.map((stand) => [stand.id, stand]))
  const asked = {
    entries: standing,
    last: days.to,
    righting: await rightingOf(connection, placeId),
  }
  const cases: SeasonDto['cases'] = []
  for (const each of rows.cases) {
    const stand = standOf.get(each.standId)
    if (stand) cases.push(await reviewCase(connection, each, stand, asked))
    // Each takes a dozen verdicts: others are looked after in between.
    await setImmediate()
  }
  return {
    entries: entries.map(
      ({ id, standId, caseId, happenedOn, route, sourceId, productId, productKg }) => {
        const perKg = prices.get(productId ?? '')
        return {
          entryId: id,
          standId,
          caseId,
          appliedOn: happenedOn,
          route,
          sourceId,
          appliedName: nameOf({ sourceId, productId }),
          productKg,
          ...(perKg === undefined ? {} : { cost: perKg * productKg }),
        }
      },
    ),
    cases,
    looks: rows.looks,
  }
}
