import type { Assignment, PlanFrame, Task } from '../task.ts'

/**
 * Goes through a plan by the rules of the trade as they are written down, with nothing of the
 * planner's own code: dates as the platform counts them, sums as they come.
 * @returns what is wrong, in words; nothing where the plan holds
 */
export function validatePlan(
  { days, stands, stock, blackouts, crewHours, equipmentHours }: PlanFrame,
  tasks: readonly Task[],
  plan: Assignment,
): readonly string[] {
  const wrong: string[] = []
  const noon = (day: string) => new Date(`${day}T12:00:00Z`)
  const isoWeekday = (date: Date) => ((date.getUTCDay() + 6) % 7) + 1
  const done = tasks
    .map((task) => ({ task, day: plan.get(task.id) ?? '' }))
    .filter(({ day }) => day !== '')
  const hoursOn = new Map<string, number>()
  const sprayerOn = new Map<string, number>()
  const appliedOn = new Set<string>()
  const brought = new Map<string, number>()

  for (const { task, day } of done) {
    const stand = stands.find(({ id }) => id === task.standId)
    if (!days.some((each) => each.day === day))
      wrong.push(`${task.id}: ${day} is not a day of the plan`)
    if (task.lockedOn !== undefined) {
      if (day !== task.lockedOn) wrong.push(`${task.id}: was held on ${task.lockedOn}`)
    } else if (day < task.earliest || day > task.latest)
      wrong.push(`${task.id}: outside its window`)
    if (task.isFertiliser && blackouts.some(({ from, to }) => day >= from && day <= to)) {
      wrong.push(`${task.id}: in a blackout`)
    }
    const date = noon(day)
    const tomorrow = new Date(date.getTime() + 24 * 3600 * 1000)
    if (task.work === 'leaf' && stand?.isTurf && stand.mowingDays.includes(isoWeekday(tomorrow))) {
      wrong.push(`${task.id}: mown the day after`)
    }
    if (task.work === 'leaf' && stand?.wateringDays.includes(isoWeekday(date))) {
      wrong.push(`${task.id}: watered that day`)
    }
    hoursOn.set(day, (hoursOn.get(day) ?? 0) + task.hours)
    if (task.equipmentId) {
      const key = `${day}/${task.equipmentId}`
      sprayerOn.set(key, (sprayerOn.get(key) ?? 0) + task.hours)
    }
    if (task.kind === 'apply') {
      const key = `${day}/${task.standId}`
      if (appliedOn.has(key)) wrong.push(`${task.id}: a second application that day`)
      appliedOn.add(key)
    }
    for (const [nutrient, kg] of Object.entries(task.nutrientsKgPerHa)) {
      const key = `${task.standId}/${day.slice(0, 4)}/${nutrient}`
      brought.set(key, (brought.get(key) ?? 0) + kg)
    }
    for (const { taskId, gap } of task.follows) {
      if (!tasks.some(({ id }) => id === taskId)) continue
      const before = plan.get(taskId)
      if (before === undefined || before > day) {
        wrong.push(`${task.id}: ${taskId} has to come first`)
        continue
      }
      const between = days.filter((each) => each.day > before && each.day <= day)
      const mown = stand?.mowingDays ?? []
      const run =
        gap.by === 'days'
          ? between.length
          : gap.by === 'growth'
            ? between.reduce(
                (sum, { meanC }) => sum + Math.max(0, meanC - (stand?.growthBaseC ?? 0)),
                0,
              )
            : mown.length > 0
              ? between.filter((each) => mown.includes(isoWeekday(noon(each.day)))).length
              : between.length / 7
      if (run < gap.least - 1e-6) wrong.push(`${task.id}: too soon after ${taskId}`)
      if (gap.most !== undefined && run > gap.most + 1e-6)
        wrong.push(`${task.id}: too late after ${taskId}`)
    }
  }
  for (const [day, hours] of hoursOn) {
    const has = crewHours[isoWeekday(noon(day)) - 1] ?? 0
    if (hours > has + 1e-6) wrong.push(`${day}: ${hours} h of work for ${has} h of crew`)
  }
  for (const [key, hours] of sprayerOn) {
    if (hours > equipmentHours + 1e-6) wrong.push(`${key}: out for ${hours} h`)
  }
  for (const [key, kg] of brought) {
    const [standId, season = '', nutrient = ''] = key.split('/')
    const left = stands.find(({ id }) => id === standId)?.seasonLeft[season] as
      Record<string, number> | undefined
    const most = left?.[nutrient]
    if (most !== undefined && kg > Math.max(0, most) + 1e-5)
      wrong.push(`${key}: ${kg} of ${most} kg/ha`)
  }
  for (const { productId, kg, deliveries } of stock) {
    for (const { day } of days) {
      const has = deliveries
        .filter((each) => each.day <= day)
        .reduce((sum, each) => sum + each.kg, kg)
      const used = done
        .filter(({ task, day: on }) => task.productId === productId && on <= day)
        .reduce((sum, { task }) => sum + task.productKg, 0)
      if (used > has + 1e-5) wrong.push(`${productId}: ${used} kg used of ${has} by ${day}`)
    }
  }
  return wrong
}
