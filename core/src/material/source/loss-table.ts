import { isNone } from '../../base/reference/index.ts'
import type { Route } from '../../stand/plant/index.ts'
import type { Loss } from './facts/loss.ts'
import { ironSources, type IronSourceId, type KnownIronSource } from './find-source.ts'

/** Where a loss takes place: a tank that light gets into and a covered one are told apart. */
export type LossPlace = Exclude<Route, 'solution'> | 'clear' | 'covered'
const lossPlaces = ['leaf', 'soil', 'clear', 'covered'] as const satisfies LossPlace[]

/** What a form loses in a place. */
export function lossesOf(
  { leaf, soil, solution }: KnownIronSource,
  place: LossPlace,
): readonly Loss[] {
  const at = { leaf: leaf.losses, soil: soil.losses, ...solution.losses }[place]
  return isNone(at) ? [] : at
}

/** A loss with the forms that share it. */
export interface LossRow {
  readonly place: LossPlace
  readonly loss: Loss
  readonly sourceIds: readonly IronSourceId[]
}

/** The losses of all forms, by place; those of one form in a place add up. */
export const lossTable: readonly LossRow[] = lossPlaces.flatMap((place) => {
  const shared = new Set(ironSources.flatMap((source) => lossesOf(source, place)))
  return [...shared].map((loss): LossRow => ({
    place,
    loss,
    sourceIds: ironSources
      .filter((source) => lossesOf(source, place).includes(loss))
      .map(({ id }) => id),
  }))
})
