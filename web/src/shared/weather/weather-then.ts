import { formatNumber } from '@spudder/core/base/writing'
import type { EntryWeatherDto } from '@spudder/contract/entry'
import { saysSimulated } from '@spudder/core/seen/reading'
import { type UnitSystem } from '@spudder/core/base/quantity'
import { weatherWords } from '@spudder/core/days/weather'

/** The weather of a piece of work in words of the place: "57 °F, wind 4 mph, 82 %, no rain in 6 h". */
export function weatherWordsOf(weather: EntryWeatherDto | null, system: UnitSystem): string {
  if (!weather) return ''
  const { source, temperatureC, windMPerS, humidityPercent, rainAfterMm } = weather
  const said = weatherWords(
    {
      minC: temperatureC ?? 0,
      maxC: temperatureC ?? 0,
      rainMm: rainAfterMm ?? 0,
      windMPerS: windMPerS ?? 0,
    },
    system,
  )
  return [
    temperatureC === undefined ? '' : said.warmest,
    windMPerS === undefined ? '' : `wind ${said.wind}`,
    humidityPercent === undefined ? '' : `${formatNumber(humidityPercent, 2)} % humid`,
    rainAfterMm === undefined ? '' : rainAfterMm > 0 ? `${said.rain} rain in 6 h` : 'dry for 6 h',
    saysSimulated(source) ? `made up (${source})` : '',
  ]
    .filter((each) => each !== '')
    .join(', ')
}
