import { randomLcg, randomNormal } from 'd3-random'
import { addDays } from '../../../base/calendar/index.ts'
import type { Context } from '../../../stand/plant/index.ts'
import {
  chooseNext,
  doneOf,
  drawCase,
  judgePlant,
  offeredIn,
  scoreDrill,
  shareOf,
  type DrillDone,
  type DrilledCase,
  type DrawnKind,
} from '../index.ts'

/** Somebody who judges somewhat unlike the engine, and takes some causes for others. */
export interface Player {
  readonly confusions: ReadonlyMap<string, string>
  readonly random: () => number
}

export const playerOf = (
  seed: number,
  confusions: readonly (readonly [string, string])[],
): Player => ({
  confusions: new Map(confusions),
  random: randomLcg(seed),
})

const takes = 0.85
const slips = 0.05

/** What each plant seems to be to the player: one cause, firmly. */
function seemsTo({ confusions, random }: Player, drilled: DrilledCase, offered: readonly string[]) {
  const stray = randomNormal.source(random)(0, 0.5)
  return drilled.plants.map((plant) => {
    const verdict = judgePlant(drilled.setting, plant)
    const weighed = offered.map((id) => ({ id, share: shareOf(verdict, id) * Math.exp(stray()) }))
    const [best] = weighed.toSorted((a, b) => b.share - a.share)
    const id = best?.id ?? ''
    const other = confusions.get(id)
    const isTaken = other !== undefined && offered.includes(other) && random() < takes
    return { id: isTaken ? other : id, weighed }
  })
}

function says(player: Player, drilled: DrilledCase): string {
  const offered = offeredIn(drilled).map(({ id }) => id)
  const any = () => offered[Math.floor(player.random() * offered.length)] ?? ''
  if (player.random() < slips) return any()
  const seemed = seemsTo(player, drilled, offered)
  if (drilled.spec.kind !== 'leaf') return seemed[0]?.id ?? any()
  const { causeId } = drilled.spec
  const sure = drilled.plants.filter((_, at) => seemed[at]?.id === causeId)
  const one = sure[Math.floor(player.random() * sure.length)]
  if (one) return one.causes[0]?.id ?? any()
  const shares = seemed.map(({ weighed }) => weighed.find(({ id }) => id === causeId)?.share ?? 0)
  return drilled.plants[shares.indexOf(Math.max(...shares))]?.causes[0]?.id ?? any()
}

interface Sitting {
  readonly kind: DrawnKind
  readonly context: Context
  readonly cases: number
}

/** What a player answers in so many cases, as they are chosen for him. */
export function play(player: Player, { kind, context, cases }: Sitting): DrillDone[] {
  const done: DrillDone[] = []
  for (let at = 0; at < cases; at += 1) {
    const today = addDays('2026-03-01', Math.floor(at / 10))
    const spec = chooseNext({ kind, context, done, today, chance: player.random })
    const drilled = drawCase(spec)
    const saidId = says(player, drilled)
    const score = scoreDrill(drilled, saidId, [])
    done.push(doneOf({ ...spec, saidId, answeredOn: today, score }))
  }
  return done
}
