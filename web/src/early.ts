import { estatePath, type EarlyAnswers } from './api/early-answers.ts'
import { firstRows } from './shared/ribbon/first-rows.ts'
import { today } from './shared/units/today.ts'

/**
 * Stands in the head of the page, on its own, and asks for what the first screen will want while
 * the rest of the code is still on its way. It knows paths, no routes: those would bring the code
 * that it is to overtake. A path that nobody takes only costs an answer.
 */
/** After so long an answer might no longer be true [ms]. */
const holdsFor = 10_000
const answers: EarlyAnswers = new Map()
window.earlyAnswers = answers
setTimeout(() => answers.clear(), holdsFor)

/** Read whole at once: an answer that nobody takes would keep its connection open for ever. */
async function toItsEnd(response: Response): Promise<Response> {
  const { status, statusText, headers } = response
  return new Response(await response.blob(), { status, statusText, headers })
}

function ask(path: string): Promise<Response> {
  const answer = fetch(`/api${path}`, { headers: { accept: 'application/json' } }).then(toItsEnd)
  answers.set(path, answer)
  return answer
}

async function askForEstate(places: Promise<Response>): Promise<void> {
  const all = (await (await places).clone().json()) as readonly { readonly id: string }[]
  const [place] = all
  if (place) await ask(estatePath(place.id, firstRows(today())))
}

const standId = /^\/stands\/([\w-]{36})/.exec(location.pathname)?.[1]
// Whoever takes an answer hears of its failure; here nobody does.
const unheard = () => undefined
const places = ask('/places')
places.catch(unheard)
if (location.pathname === '/') askForEstate(places).catch(unheard)
if (standId) ask(`/stands/${standId}`).catch(unheard)
