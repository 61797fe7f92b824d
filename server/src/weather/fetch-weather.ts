import { WeatherAnswerDto, type WeatherHoursDto } from '@spudder/contract/weather'
import { checkDto } from '@spudder/contract/validation'
import type { Day } from '@spudder/core/base/calendar'

interface Span {
  readonly from: Day
  readonly to: Day
}
/** What came of asking: hours, or what stood against it. */
export type Fetched =
  | { readonly ok: true; readonly hours: WeatherHoursDto }
  | { readonly ok: false; readonly problem: string }

/** Whoever takes longer has nothing to say [ms]. */
const patienceMs = 6000
/** Three years of hours are less [byte]. */
const mostBytes = 8e6
/** A forecast is not anew more often [ms]. */
const keptForMs = 600_000
const mostKept = 40

const kept = new Map<string, { readonly at: number; readonly answer: Promise<Fetched> }>()
const failed = (problem: string): Fetched => ({ ok: false, problem })

async function ask(address: string, { from, to }: Span): Promise<Fetched> {
  const url = new URL(address)
  url.searchParams.set('from', from)
  url.searchParams.set('to', to)
  let text: string
  try {
    const answer = await fetch(url, {
      headers: { accept: 'application/json' },
      redirect: 'error',
      signal: AbortSignal.timeout(patienceMs),
    })
    if (!answer.ok) return failed(`it answered ${answer.status}`)
    const bytes = await answer.arrayBuffer()
    if (bytes.byteLength > mostBytes) return failed('its answer is too long')
    text = new TextDecoder().decode(bytes)
  } catch {
    return failed('it does not answer')
  }
  let plain: unknown
  try {
    plain = JSON.parse(text)
  } catch {
    return failed('its answer is no JSON')
  }
  const checked = checkDto(WeatherAnswerDto, plain)
  if (!checked.ok) return failed(`its answer is not as agreed: ${checked.fields[0]?.message ?? ''}`)
  const { source, days } = checked.value
  const within = days.filter(({ day }) => day >= from && day <= to)
  return { ok: true, hours: { service: source, days: within.map((day) => ({ ...day })) } }
}

/**
 * Hours of weather from an address, by the format of docs/weather-address.md; asked again after ten
 * minutes, at once where nothing came.
 */
export function fetchWeather(address: string, span: Span, at: Date): Promise<Fetched> {
  const key = `${address} ${span.from} ${span.to}`
  const known = kept.get(key)
  if (known && at.getTime() - known.at < keptForMs) return known.answer
  const answer = ask(address, span)
  kept.set(key, { at: at.getTime(), answer })
  void answer.then(({ ok }) => {
    if (!ok) kept.delete(key)
  })
  const [oldest] = kept.keys()
  if (kept.size > mostKept && oldest !== undefined) kept.delete(oldest)
  return answer
}
