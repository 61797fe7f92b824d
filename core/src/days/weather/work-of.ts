import type { Route } from '../../stand/plant/index.ts'
import type { WeatherWork } from './data/windows.ts'

/** The window that a piece of work wants: by its route, and whether it goes out in water. */
export function weatherWorkOf(route: Route, goesOut: 'dry' | 'in water'): WeatherWork {
  switch (route) {
    case 'leaf':
      return 'leaf'
    case 'soil':
      return goesOut === 'dry' ? 'granules' : 'drench'
    case 'solution':
      return 'dose'
  }
}
