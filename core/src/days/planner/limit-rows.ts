import { putsOut } from '../plan/index.ts'
import { seasonOf, type SeasonNutrient } from '../../soil/season/index.ts'
import type { Facts } from './calendar-facts.ts'
import type { TaskColumns } from './chain-rows.ts'
import { unbounded, type Builder } from './programme-builder.ts'
import { stockBy } from './rules.ts'
import type { Task } from './task.ts'

/** Rows of what a day, a sprayer, a stand, a season and the shelf can bear. */
export function addLimits(builder: Builder, facts: Facts, all: readonly TaskColumns[]): void {
  const { days, stock, equipmentHours } = facts.frame
  const on = all.flatMap(({ task, on: columns }) =>
    [...columns].map(([at, column]) => ({ task, at, column })),
  )
  type On = (typeof on)[number]
  const groups = (keyOf: (each: On) => string | undefined) => {
    const found = new Map<string, On[]>()
    for (const each of on) {
      const key = keyOf(each)
      if (key !== undefined) found.set(key, [...(found.get(key) ?? []), each])
    }
    return found
  }
  const atMost = (of: readonly On[], value: (task: Task) => number, high: number) => {
    const all = of.reduce((sum, { task }) => sum + value(task), 0)
    if (all <= high) return
    builder.row(
      -unbounded,
      of.map(({ task, column }) => [column, value(task)] as const),
      high,
    )
  }
  for (const ofDay of groups(({ at }) => String(at)).values()) {
    const day = days[ofDay[0]?.at ?? 0]?.day ?? ''
    // A held job may lie on a day that is too short for it; it then counts as the whole day.
    const held = ofDay.reduce((sum, { task }) => sum + (task.lockedOn ? task.hours : 0), 0)
    atMost(ofDay, ({ hours }) => hours, Math.max(held, facts.crewHoursOn(day)))
  }
  for (const ofDay of groups(
    ({ task, at }) => task.equipmentId && `${at} ${task.equipmentId}`,
  ).values()) {
    const held = ofDay.reduce((sum, { task }) => sum + (task.lockedOn ? task.hours : 0), 0)
    atMost(ofDay, ({ hours }) => hours, Math.max(held, equipmentHours))
  }
  const applies = ({ task, at }: On) => (putsOut(task.kind) ? `${at} ${task.standId}` : undefined)
  for (const ofDay of groups(applies).values()) {
    const held = ofDay.filter(({ task }) => task.lockedOn !== undefined).length
    atMost(ofDay, () => 1, Math.max(1, held))
  }
  const seasons = groups(({ task, at }) => `${task.standId} ${seasonOf(days[at]?.day ?? '')}`)
  for (const ofSeason of seasons.values()) {
    const [first] = ofSeason
    const season = seasonOf(days[first?.at ?? 0]?.day ?? '')
    const left = facts.stand.get(first?.task.standId ?? '')?.seasonLeft[season]
    for (const [nutrient, kgPerHa] of Object.entries(left ?? {}) as [SeasonNutrient, number][]) {
      atMost(ofSeason, (task) => task.nutrientsKgPerHa[nutrient] ?? 0, Math.max(0, kgPerHa))
    }
  }
  for (const product of stock) {
    const uses = on.filter(({ task }) => task.productId === product.productId && task.productKg > 0)
    const moments = new Set(uses.map(({ at }) => at))
    for (const moment of moments) {
      const by = uses.filter(({ at }) => at <= moment)
      atMost(by, ({ productKg }) => productKg, stockBy(product, days[moment]?.day ?? ''))
    }
  }
}
