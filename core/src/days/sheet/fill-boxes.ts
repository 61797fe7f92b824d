import { fillEnds } from '../../stand/ground/index.ts'
import { groundShare } from '../plan/index.ts'
import type { FillPlan } from '../../apply/mix/index.ts'
import { amountWords, placeUnits } from '../../base/quantity/index.ts'
import type { FillBox, SheetInput } from './sheet.ts'

/** More boxes than this are counted by hand; nobody ticks a hundred. */
const mostBoxes = 40

/** Whole plants that are done when a share of the job is out: "after tree 12 of 24". */
function afterPlant(share: number, count: number, word: string): string {
  const done = share * count
  const whole = Math.floor(done + 1e-6)
  if (whole >= count) return `after the last ${word}`
  return done - whole < 0.05
    ? `after ${word} ${whole} of ${count}`
    : `in ${word} ${whole + 1} of ${count}`
}

function endWords(
  { stand, system }: SheetInput,
  shares: readonly number[],
): readonly (string | undefined)[] {
  const { size, outline } = stand
  switch (size.kind) {
    case 'area':
      if (outline) {
        const { unit, inMetric } = placeUnits[system].length
        return fillEnds(outline, shares).map(
          ({ alongM }) => `${Math.round(alongM / inMetric)} ${unit} along`,
        )
      }
      return shares.map((share) => `after ${amountWords('area', share * size.areaM2, system, 2)}`)
    case 'trunks':
      return shares.map((share) => afterPlant(share, size.count, 'tree'))
    case 'pots':
      return shares.map((share) => afterPlant(share, size.count, 'pot'))
    case 'solution':
      return shares.map(() => undefined)
  }
}

/** A box to tick for each fill, with where on the ground it runs out. */
export function fillBoxes(input: SheetInput, plan: FillPlan): readonly FillBox[] {
  const count = plan.fullFills + (plan.part ? 1 : 0)
  if (count > mostBoxes) return []
  const totalL = plan.fullFills * plan.full.waterL + (plan.part?.waterL ?? 0)
  const shares = Array.from({ length: count }, (_, index) =>
    groundShare(Math.min(1, ((index + 1) * plan.full.waterL) / totalL), input.strip),
  )
  const ends = endWords(input, shares)
  return shares.map((_, index) => ({
    number: index + 1,
    isPart: index >= plan.fullFills,
    endsAt: ends[index],
  }))
}
