import type { Context, Route } from '../../stand/plant/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'

const spray: Readonly<Record<UnitSystem, readonly string[]>> = {
  metric: [
    '10-29 °C, early or late in the day',
    'wind 1-4.5 m/s; no dead-still air, which lets fine drops drift far',
  ],
  us: [
    '50-84 °F, early or late in the day',
    'wind 2-10 mph; no dead-still air, which lets fine drops drift far',
  ],
}

/**
 * The weather and ground that a piece of work wants, in lines for a sheet.
 * @source common practice: windows of sprays, drenches and doses
 */
export function workWindow(route: Route, context: Context, system: UnitSystem): readonly string[] {
  switch (route) {
    case 'leaf':
      return [
        ...spray[system],
        'leaves dry and not wilting; no rain or watering for 4-24 h after',
        ...(context === 'turf' ? ['mow before, and not for a day after'] : []),
      ]
    case 'soil':
      return ['moist ground, not frozen or flooded', 'no storm that would wash it through']
    case 'solution':
      return ['pH right first, nitrate present', 'pumps and air running']
  }
}
